/** Every way to write a length that people use: the one right figure, or a question back; never a figure guessed small. */
import fc from 'fast-check';
import type { Units } from '../place/place';
import { isLength, readLength } from './length-entry';
import { readAmount } from './amount-entry';
import { isRead, readReading } from './range-entry';

const inches = (count: number): number => Math.round(count * 25.4 * 1e6) / 1e6;

/** mm, a range of mm, or what is asked back. */
type Meant = number | readonly [number, number] | string;

function meantBy(text: string, units: Units): Meant {
  const read = readReading(text, 'bay.roost', units);
  if (isRead(read)) return 'is' in read ? read.is : [read.from, read.to];
  return read.problem === 'which' ? `${read.of.join(' or ')}?` : read.problem;
}

/** With its unit, the same in either kind of place. */
const withUnit: readonly [string, Meant][] = [
  ['34 mm', 34],
  ['34mm', 34],
  ['34 MM', 34],
  ['34 mm.', 34],
  ['34 millimetres', 34],
  ['34 millimeters', 34],
  ['34 mil', 34],
  ['3.4 cm', 34],
  ['3,4 cm', 34],
  ['3.4cm', 34],
  ['3.4 centimetres', 34],
  ['.9 m', 900],
  ['0,9 m', 900],
  ['0.900 m', 900],
  ['0,900 m', 900],
  ['0.45 metres', 450],
  ['1,25 m', 1250],
  ['1m20', 1200],
  ['1 m 20', 1200],
  ['1m 20cm', 1200],
  ['1 m 20 cm', 1200],
  ['1m200', 1200],
  ['1m5', '1.5 m or 1.05 m?'],
  ['4 cm 5 mm', 45],
  ['4cm5', 45],
  ['1,600 mm', 1600],
  ['1 600 mm', 1600],
  ['1.600 mm', '1600 mm or 1.6 mm?'],
  ['1,600 m', '1600 m or 1.6 m?'],
  ['1.600,5 mm', 1600.5],
  ['1,600.5 mm', 1600.5],
  ['3/8 in', inches(3 / 8)],
  ['3/8"', inches(3 / 8)],
  ['3/8”', inches(3 / 8)],
  ["3/8''", inches(3 / 8)],
  ['3⁄8 in', inches(3 / 8)],
  ['3 / 8 in', inches(3 / 8)],
  ['⅜ in', inches(3 / 8)],
  ['⅜"', inches(3 / 8)],
  ['3/8 inch', inches(3 / 8)],
  ['3/8ths of an inch', 'not-a-length'],
  ['1 3/8 in', inches(1.375)],
  ['1 3/8"', inches(1.375)],
  ['1-3/8 in', inches(1.375)],
  ['1-3/8"', inches(1.375)],
  ['1–3/8 in', inches(1.375)],
  ['1⅜ in', inches(1.375)],
  ['1 ⅜"', inches(1.375)],
  ['1-⅜"', inches(1.375)],
  ['1 and 3/8 in', inches(1.375)],
  ['1 & 3/8 in', inches(1.375)],
  ['1-11/16 in', inches(1.6875)],
  ['1-11/16"', inches(1.6875)],
  ['1-1/2 in', inches(1.5)],
  ['1-1/2 in.', inches(1.5)],
  ['10-15/16 in', inches(10.9375)],
  ['1" 1/2', inches(1.5)],
  ['1.375 in', inches(1.375)],
  ['1,375 in', '1375 in or 1.375 in?'],
  ['1,5 in', inches(1.5)],
  ['.5 in', inches(0.5)],
  ['1.5"', inches(1.5)],
  ['7 ins', inches(7)],
  ['7 inches', inches(7)],
  ['2 ft', inches(24)],
  ['2ft', inches(24)],
  ['2 feet', inches(24)],
  ['2 foot', inches(24)],
  ["2'", inches(24)],
  ['2’', inches(24)],
  ['2´', inches(24)],
  ['2\' 3"', inches(27)],
  ['2\'3"', inches(27)],
  ['2\'-3"', inches(27)],
  ['2\' - 3"', inches(27)],
  ['2’–3”', inches(27)],
  ["2' 3", inches(27)],
  ["2'3", inches(27)],
  ["2'-3", inches(27)],
  ["2'-3''", inches(27)],
  ['2 ft 3 in', inches(27)],
  ['2ft3in', inches(27)],
  ['2ft 3', inches(27)],
  ['2 ft. 3 in.', inches(27)],
  ['2 ft, 3 in', inches(27)],
  ['2 feet 3 inches', inches(27)],
  ['2\' 3½"', inches(27.5)],
  ['2\' 3-1/2"', inches(27.5)],
  ['2\'-3 1/2"', inches(27.5)],
  ['2\'-3-1/2"', inches(27.5)],
  ['2 ft 3 1/2 in', inches(27.5)],
  ["1'600", '1600 mm?'],
  ['30 mm to 4 cm', [30, 40]],
  ['3-4 cm', [30, 40]],
  ['3 to 4 cm', [30, 40]],
  ['3 cm - 4', [30, 40]],
  ['30mm-4cm', [30, 40]],
  ['2"-3"', [inches(2), inches(3)]],
  ['2-3 in', [inches(2), inches(3)]],
  ["2'-3'", [inches(24), inches(36)]],
  ['1 1/4 - 1 1/2 in', [inches(1.25), inches(1.5)]],
  ['1-1/4 to 1-1/2"', [inches(1.25), inches(1.5)]],
  ['1/2-3/4 in', [inches(0.5), inches(0.75)]],
  ['1 - 1 1/2 in', [inches(1), inches(1.5)]],
  ['1-1/2 - 2 in', [inches(1.5), inches(2)]],
  ['900 mm to 1.1 m', [900, 1100]],
];

test.each(withUnit)('%s is %p in either kind of place', (text, meant) => {
  expect(meantBy(text, 'metric')).toEqual(meant);
  expect(meantBy(text, 'imperial')).toEqual(meant);
});

/** Without a unit: in a metric place, and in one of inches. */
const bare: readonly [string, Meant, Meant][] = [
  ['34', 34, inches(34)],
  ['34.5', 34.5, inches(34.5)],
  ['34,5', 34.5, inches(34.5)],
  ['1,600', 1600, '1600 in or 1.6 in?'],
  ['1 600', 1600, 'too-long'],
  ['1.600', '1600 mm or 1.6 mm?', inches(1.6)],
  ['0.600', '0.6 m or 0.6 mm?', inches(0.6)],
  ['3/8', '3/8 in?', inches(3 / 8)],
  ['⅜', '3/8 in?', inches(3 / 8)],
  ['1 3/8', '1 3/8 in?', inches(1.375)],
  ['1⅜', '1 3/8 in?', inches(1.375)],
  ['1-11/16', '1-11/16 in?', inches(1.6875)],
  ['1-1/2', '1-1/2 in?', inches(1.5)],
  ['30-40', [30, 40], [inches(30), inches(40)]],
  ['30–40', [30, 40], [inches(30), inches(40)]],
  ['30…40', [30, 40], [inches(30), inches(40)]],
  ['30 to 40', [30, 40], [inches(30), inches(40)]],
  ['40 - 30', [30, 40], [inches(30), inches(40)]],
  ['1 1/4 to 1 1/2', '1 1/4 to 1 1/2 in?', [inches(1.25), inches(1.5)]],
  ['1-1/4 to 1-1/2', '1-1/4 to 1-1/2 in?', [inches(1.25), inches(1.5)]],
  ['900 to 1.1 m', [900, 1100], 'not asked'],
  ['3 4', 'not-a-length', 'not-a-length'],
  ['3/0', 'not-a-length', 'not-a-length'],
  ['6x4', 'not-a-length', 'not-a-length'],
];

test.each(bare)('%s is %p in a metric place, %p in one of inches', (text, metric, imperial) => {
  expect(meantBy(text, 'metric')).toEqual(metric);
  if (imperial !== 'not asked') expect(meantBy(text, 'imperial')).toEqual(imperial);
});

test('they are a hundred and twenty and more', () => {
  expect(new Set([...withUnit, ...bare].map(([text]) => text)).size).toBeGreaterThanOrEqual(120);
});

test('what is asked back reads as one length each', () => {
  for (const [text] of [...withUnit, ...bare]) {
    for (const units of ['metric', 'imperial'] as const) {
      const read = readLength(text, units, 2_000_000);
      if (isLength(read) || read.problem !== 'which') continue;
      for (const option of read.of) {
        expect(isLength(readLength(option, units, 2_000_000))).toBe(true);
      }
    }
  }
});

test('what is kept of a reading reads back as the same figure, in either kind of place', () => {
  for (const [text] of [...withUnit, ...bare]) {
    for (const units of ['metric', 'imperial'] as const) {
      const read = readReading(text, 'bay.roost', units);
      if (!isRead(read)) continue;
      for (const other of ['metric', 'imperial'] as const) {
        expect([text, readReading(read.entered ?? '', 'bay.roost', other)]).toEqual([text, read]);
      }
    }
  }
});

test('no figure is read a thousandth of what grouping its digits gives, unless it is of inches or metres with a point', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 999 }),
      fc.integer({ min: 0, max: 999 }),
      fc.constantFrom('', ' mm', ' cm', ' m', ' in'),
      (front, back, unit) => {
        const read = readLength(`${front},${String(back).padStart(3, '0')}${unit}`, 'metric', 1e9);
        if (!isLength(read)) return read.problem === 'which';
        return read.mm === front * 1000 + back;
      },
    ),
  );
});

test.each([
  ['22 lb', 'kg', 9.979032],
  ['22 lbs', 'kg', 9.979032],
  ['9.5kg', 'kg', 9.5],
  ['500 g', 'kg', 0.5],
  ['4500 V', 'kV', 4.5],
  ['4,500 V', 'kV', undefined],
  ['6.2 kV', 'kV', 6.2],
  ['1 h', 'min', 60],
  ['12 birds', 'birds', 12],
  ['1 200', 'birds', 1200],
] as const)('%s as %s is %p', (text, unit, value) => {
  const read = readAmount(text, unit, 10_000);
  expect('problem' in read ? undefined : read.value).toBe(value);
});
