/** The quick answer against Yup’s, on documents whole and damaged. */
import fc from 'fast-check';
import '../tests/setup';
import { samphireYard } from '../../../demo/samphire-yard';
import { placeFileSchema } from '../formats/place-file';
import { foundSignsSchema } from '../records/found-signs';
import { mutated } from '../tests/mutated';
import { fits } from './fits';
import type { Schema } from './schema';
import { validatorOf } from './validator';

const byYup = (schema: Schema<unknown>, value: unknown): boolean => {
  try {
    validatorOf(schema).validateSync(value, { strict: true });
    return true;
  } catch {
    return false;
  }
};

const evening = {
  ...{ id: 'e', placeId: 'p', date: '2026-11-20', what: 'evening', at: '2026-11-20T17:00:00Z' },
  ...{ told: 'evening', by: 'Wim', shutAt: '2026-11-20T16:55:00Z', strand: 'on' },
  doors: [{ opening: 'pop-door', was: 'shut' }],
  counts: [{ group: 'bantams', least: 11, most: 12, out: 1 }],
};
const loss = {
  ...{ id: 'l', placeId: 'p', date: '2026-11-20', what: 'loss', birds: 2, dead: 1, fewer: 2 },
  signs: [{ question: 'hour', answer: 'night' }],
  thought: [{ culprit: 'red-fox', share: 0.6 }],
};
const place = { ...samphireYard, sightings: [evening, loss], walks: [] };
const small = { ...place, place: { ...samphireYard.place, faces: [] } };
const found = {
  ...{ date: '2026-11-20', gone: 1, dead: 0, hurt: 0 },
  signs: [{ question: 'body', answer: 'mauled' }],
};

test('what is whole fits, by both', () => {
  expect(fits(placeFileSchema, place)).toBe(true);
  expect(byYup(placeFileSchema, place)).toBe(true);
  expect(fits(foundSignsSchema, found)).toBe(true);
});

test.each([
  ['a whole file', placeFileSchema as Schema<unknown>, small],
  ['what was found', foundSignsSchema as Schema<unknown>, found],
])('%s, damaged in one place: both say the same', (_, schema, whole) => {
  const text = JSON.stringify(whole);
  let refused = 0;
  fc.assert(
    fc.property(fc.nat(), fc.nat(), (where, how) => {
      let document: unknown;
      try {
        document = JSON.parse(mutated(text, where, how));
      } catch {
        return;
      }
      const told = fits(schema, document);
      if (!told) refused += 1;
      expect(told).toBe(byYup(schema, document));
    }),
    { numRuns: 400 },
  );
  expect(refused).toBeGreaterThan(100);
});

test('an answer of another question, a count upside down, an unknown field are refused', () => {
  const refuse = (entry: object) =>
    expect(fits(placeFileSchema, { ...small, sightings: [entry] })).toBe(false);
  refuse({ ...loss, signs: [{ question: 'hour', answer: 'mauled' }] });
  refuse({ ...evening, counts: [{ group: 'bantams', least: 12, most: 11 }] });
  refuse({ ...evening, weather: 'fine' });
  refuse({ ...evening, doors: [{ opening: 'pop-door', was: 'ajar' }] });
});
