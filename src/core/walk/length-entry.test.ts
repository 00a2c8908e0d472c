import fc from 'fast-check';
import { isLength, readLength } from './length-entry';
import { type Units } from '../place/place';

const mm = (text: string, units: Units = 'metric') => {
  const read = readLength(text, units, 1_000_000);
  return isLength(read) ? read.mm : read.problem;
};

test.each([
  ['34', 34],
  ['34 mm', 34],
  ['34mm', 34],
  ['3.4 cm', 34],
  ['3,4 cm', 34],
  ['1.1 m', 1100],
  ['0', 0],
  ['.5 in', 12.7],
  ['1 3/8 in', 34.925],
  ['1⅜"', 34.925],
  ['½ in', 12.7],
  ['3\' 7½"', 1104.9],
  ['3 ft 7 1/2 in', 1104.9],
  ['3′ 7″', 1092.2],
])('%s is %d mm in a metric place', (text, expected) => {
  expect(mm(text)).toBe(expected);
});

test.each([
  ['1/2', 12.7],
  ['7 1/2', 190.5],
  ['1 3/8', 34.925],
  ['34 mm', 34],
  ["3' 7", 1092.2],
])('%s is %d mm in an imperial place', (text, expected) => {
  expect(mm(text, 'imperial')).toBe(expected);
});

test.each([
  ['', 'empty'],
  ['  ', 'empty'],
  ['-3', 'negative'],
  ['−3 mm', 'negative'],
  ['wide', 'not-a-length'],
  ['3 furlongs', 'not-a-length'],
  ['1/0', 'not-a-length'],
  ['3 4', 'not-a-length'],
  ['7 in 3 ft', 'not-a-length'],
  ['1 mm 1 m', 'not-a-length'],
  ['1e3', 'not-a-length'],
  ['..', 'not-a-length'],
])('“%s” is refused: %s', (text, problem) => {
  expect(mm(text)).toBe(problem);
});

test('a 5 m gap is refused, with the limit it passed', () => {
  expect(readLength('5 m', 'metric', 1000)).toEqual({ problem: 'too-long', mm: 5000, limit: 1000 });
});

test('what was typed is kept beside the millimetres', () => {
  expect(readLength('1 3/8', 'imperial', 1000)).toEqual({ mm: 34.925, entered: '1 3/8 in' });
  expect(readLength('34', 'metric', 1000)).toEqual({ mm: 34, entered: '34 mm' });
  expect(readLength('3.4 cm', 'imperial', 1000)).toEqual({ mm: 34, entered: '3.4 cm' });
});

test('what was kept reads back as the same length, in either kind of place', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 40 }),
      fc.constantFrom('', ' 1/8', ' 3/8', ' 1/2', ' 7/8', '.25'),
      fc.constantFrom<Units>('metric', 'imperial'),
      (whole, part, units) => {
        const text = `${whole}${part}`;
        const read = readLength(text, units, 2000);
        // A fraction of a millimetre is nobody's reading: asked back.
        if (units === 'metric' && part.includes('/')) {
          expect(read).toEqual({ problem: 'which', text, of: [`${text} in`] });
          return;
        }
        if (!isLength(read)) throw new Error(`refused ${whole}${part}`);
        for (const other of ['metric', 'imperial'] as const) {
          expect(readLength(read.entered, other, 2000)).toEqual(read);
        }
      },
    ),
  );
});

describe('a round trip is exact', () => {
  const mmOf = (text: string, units: Units): number => {
    const read = readLength(text, units, 100_000);
    if (!isLength(read)) throw new Error(`refused ${text}`);
    // What is kept reads back as itself.
    expect(readLength(read.entered, units, 100_000)).toEqual(read);
    return read.mm;
  };

  test('for every thirty-second of an inch up to twelve feet, as inches and as feet and inches', () => {
    const wrong: string[] = [];
    for (let parts = 0; parts <= 12 * 12 * 32; parts += 1) {
      const [whole, rest] = [Math.floor(parts / 32), parts % 32];
      const fraction = rest === 0 ? '' : ` ${rest}/32`;
      const exact = Math.round((parts / 32) * 25.4 * 1e6) / 1e6;
      for (const text of [
        `${whole}${fraction}`,
        `${whole}${fraction} in`,
        `${Math.floor(whole / 12)}' ${whole % 12}${fraction}"`,
      ]) {
        const mm = mmOf(text, 'imperial');
        if (mm !== exact || Math.round((mm / 25.4) * 32) !== parts) wrong.push(text);
      }
    }
    expect(wrong).toEqual([]);
  });

  test('for every millimetre up to six metres, as mm, cm and m', () => {
    const wrong: string[] = [];
    for (let mm = 0; mm <= 6000; mm += 1) {
      for (const text of [`${mm}`, `${mm} mm`, `${mm / 10} cm`, `${mm / 1000} m`]) {
        if (mmOf(text, 'metric') !== mm) wrong.push(text);
      }
    }
    expect(wrong).toEqual([]);
  });
});
