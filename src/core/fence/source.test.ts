import { readPlaceFile } from '../formats/read-place-file';
import { writePlaceFile } from '../formats/place-file';
import { penPlace } from '../tests/one-pen';
import { describedFence } from '../tests/fenced';
import type { FenceLine } from '../place/fence';
import { sourceOfPlate } from './source';

test('a plate of 7 kV open and 5 kV into 500 Ω is 7 kV behind 200 Ω', () => {
  // Ri = 500 · (7/5 − 1).
  expect(sourceOfPlate({ feed: 'mains', open: 7, loaded: 5 })).toEqual({
    open: 7,
    within: expect.closeTo(200, 6),
  });
});

test('of joules alone: 1 J holds 5 kV into 500 Ω for 20 µs', () => {
  // √(500 · 1 / 20e-6) = 5000 V.
  const { open = 0, within = 0 } = sourceOfPlate({ feed: 'mains', joules: 1 }) ?? {};
  expect((open * 500) / (500 + within)).toBeCloseTo(5, 6);
});

test('no plate that can be told resists less than nothing, and more joules never give less', () => {
  let last = 0;
  for (const joules of [0.01, 0.1, 0.5, 1, 3, 5, 20]) {
    const { open = 0, within = 0 } = sourceOfPlate({ feed: 'mains', joules }) ?? {};
    expect(within).toBeGreaterThan(0);
    const held = (open * 500) / (500 + within);
    expect(held).toBeGreaterThanOrEqual(last);
    last = held;
  }
});

test('a plate that says nothing tells nothing', () => {
  expect(sourceOfPlate({ feed: 'solar' })).toBeUndefined();
});

const withLine = (line: Partial<FenceLine>) =>
  readPlaceFile(
    writePlaceFile({
      place: { ...penPlace(['red-fox'], {}), fence: describedFence(line) },
      walks: [],
      mends: [],
      sightings: [],
    }),
  );

test.each([
  [
    'more volts under load than without',
    { energizer: { feed: 'mains', open: 5, loaded: 6 } },
    /loaded.*must be less than with nothing connected/,
  ],
  [
    'as many volts under load as without',
    { energizer: { feed: 'mains', open: 5, loaded: 5 } },
    /loaded.*must be less than with nothing connected/,
  ],
  ['no rods', { rods: { count: 0, length: 1000, diameter: 12, apart: 0 } }, /count/],
  [
    'a rod without thickness',
    { rods: { count: 1, length: 1000, diameter: 0, apart: 0 } },
    /diameter/,
  ],
] as const)('%s: refused with a clear sentence', (_, line, sentence) => {
  const read = withLine(line);
  expect(JSON.stringify(read)).toMatch(sentence);
});

test('a described line goes through the file as it was told', () => {
  const read = withLine({ shape: 'ring', wire: 'polywire-9', back: 'mesh' });
  if ('problem' in read) throw new Error(JSON.stringify(read.problem));
  expect(read.file.place.fence).toEqual(
    describedFence({ shape: 'ring', wire: 'polywire-9', back: 'mesh' }),
  );
});
