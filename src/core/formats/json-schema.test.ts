import Ajv2020 from 'ajv/dist/2020';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { samphireYard } from '../../../demo/samphire-yard';
import { applyReadings } from '../records/apply-readings';
import { findBay } from '../place/find';
import { chooseMend, proposalsFor } from '../mends/propose';
import { weakSpots } from '../mends/spots';
import { judge } from '../score/judge';
import { randomPlace } from '../tests/random-place';
import { mutated } from '../tests/mutated';
import { writePlaceFile } from './place-file';
import { publishedSchemas } from './published-schemas';
import { readPlaceFile } from './read-place-file';
import { often } from '../tests/often';

const folder = join(__dirname, '../../../docs/format');
const read = (name: string) => readFileSync(join(folder, name), 'utf8');
const valid = new Ajv2020({ allErrors: false }).compile(
  JSON.parse(read('place.schema.json')) as object,
);
const { place, walks } = samphireYard;
const demo = writePlaceFile(samphireYard);

test('the demo place is valid by the published schema', () => {
  expect(valid(JSON.parse(demo))).toBe(true);
});

test('the published schemas are what the tables make: run `npm run schemas` after a change', () => {
  for (const [name, schema] of Object.entries(publishedSchemas)) {
    expect(JSON.parse(read(`${name}.schema.json`))).toEqual(schema);
  }
});

test('so is one with mends in it', () => {
  const found = applyReadings(place, walks).place;
  const bay = findBay(found, 'n2')?.bay;
  const [proposal] = bay ? weakSpots(found, bay).flatMap(proposalsFor) : [];
  if (!proposal) throw new Error('no proposal');
  const chosen = chooseMend(place, proposal, 'm', '2026-11-20T10:00:00Z');
  const text = writePlaceFile({ ...samphireYard, place: chosen.place, mends: [chosen.mend] });
  expect(valid(JSON.parse(text))).toBe(true);
  expect(readPlaceFile(text)).toEqual({ file: JSON.parse(text) as unknown });
});

test('so is every random place', () => {
  fc.assert(
    fc.property(randomPlace('some'), (it) => {
      expect(
        valid(JSON.parse(writePlaceFile({ place: it, walks: [], mends: [], sightings: [] }))),
      ).toBe(true);
    }),
    { numRuns: 60 },
  );
});

test('the minimal place has under 60 lines, is valid, and is judged', () => {
  const text = read('minimal-place.json');
  expect(text.split('\n').length).toBeLessThanOrEqual(60);
  expect(valid(JSON.parse(text))).toBe(true);
  const file = readPlaceFile(text);
  if ('problem' in file) throw new Error(JSON.stringify(file));
  const { waysIn, hold } = judge(file.file.place, []);
  // 40 mm under the sill lets the rat into the run; the house front opens 10 to 20 mm when pulled: not sure yet. At best
  // there is still the board to gnaw, a night's work.
  expect(waysIn).toEqual([]);
  expect(hold.best).toBeGreaterThan(99);
  expect(hold.worst).toBeLessThan(100);
});

test('whatever Rookle accepts of a damaged file, the schema accepts too', () => {
  fc.assert(
    fc.property(fc.nat(), fc.nat(), (where, how) => {
      const text = mutated(demo, where, how);
      const accepted = 'file' in readPlaceFile(text);
      if (accepted) expect(valid(JSON.parse(text))).toBe(true);
    }),
    { numRuns: often(150), seed: 7 },
  );
});
