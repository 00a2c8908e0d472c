import { shapeIds, shapes } from '@/core/place/shapes';
import { isLength, readLength } from '@/core/walk/length-entry';
import { sizeNames } from '@/words/shape-words';
import { askedSizes, pacedAsks, readForm, usualText, type FormText } from './read-form';

const { asks } = shapes['run-round'];
const named = sizeNames('run-round');
const filled: FormText = { name: 'Withy Corner', birds: '6', sizes: {} };

test('the form as it stands begins a place', () => {
  expect(readForm(filled, asks, 'metric', named)).toMatchObject({
    name: 'Withy Corner',
    birds: 6,
    sizes: { runWidth: 5400 },
  });
  expect(readForm(filled, asks, 'imperial', named)).toMatchObject({
    sizes: { runWidth: expect.closeTo(216 * 25.4) },
  });
});

test.each([
  [{ name: ' ' }, /Give the place a name/],
  [{ name: 'x'.repeat(500) }, /Give the place a name, up to 80/],
  [{ birds: '2.5' }, /whole number/],
  [{ birds: '' }, /whole number/],
  [{ birds: '0' }, /whole number/],
  [{ sizes: { runWidth: 'wide' } }, /^Run, along the gate’s side: “wide” is not a length/],
  [{ sizes: { runDepth: '4.5' } }, /too short. Did you mean metres/],
  [{ sizes: { runDepth: '0 m' } }, /too short/],
  [{ sizes: { houseWidth: '-2 m' } }, /less than nothing/],
  [{ sizes: { houseWidth: '900 m' } }, /more than this can be/],
])('%j is refused in one sentence', (change, sentence) => {
  const read = readForm({ ...filled, ...change }, asks, 'metric', named);
  expect('sentence' in read && read.sentence).toMatch(sentence);
});

test('a size that is not asked is no trouble, one that is asked is', () => {
  const typed = { ...filled, sizes: { runWidth: 'wide' } };
  expect(readForm(typed, pacedAsks, 'metric', named)).toMatchObject({ birds: 6 });
  expect(readForm(typed, asks, 'metric', named)).toHaveProperty('sentence');
});

test.each(shapeIds)('%s: what it usually is reads back as itself, in either unit', (id) => {
  for (const size of askedSizes(shapes[id].asks)) {
    const [mm, inches] = shapes[id].asks[size] ?? [0, 0];
    for (const units of ['metric', 'imperial'] as const) {
      const read = readLength(usualText([mm, inches], units), units, 100_000);
      expect(isLength(read) && read.mm).toBeCloseTo(units === 'metric' ? mm : inches * 25.4, 3);
    }
  }
});
