import fc from 'fast-check';
import { samphireYard } from '../../../demo/samphire-yard';
import type { Place } from './place';
import { setAttribute } from '../records/set-attribute';
import { randomPlace } from '../tests/random-place';
import { sharedWith } from './shared-with';

const { place } = samphireYard;
const copy = (it: Place): Place => JSON.parse(JSON.stringify(it)) as Place;

test('a copy of a place is the place itself', () => {
  expect(sharedWith(place, copy(place))).toBe(place);
});

test('after one reading everything but its bay and its wall is the object from before', () => {
  const read = copy(setAttribute(place, 's3', 'ground.gap', { is: 41 }));
  const shared = sharedWith(place, read);
  expect(shared).toEqual(read);
  const bays = shared.faces.flatMap((face) => face.bays);
  const before = place.faces.flatMap((face) => face.bays);
  expect(bays.filter((bay, index) => bay !== before[index]).map(({ id }) => id)).toEqual(['s3']);
  expect(shared.faces.filter((face, index) => face !== place.faces[index])).toHaveLength(1);
  expect([shared.setting, shared.flock, shared.zones]).toEqual([
    place.setting,
    place.flock,
    place.zones,
  ]);
  expect(shared.setting).toBe(place.setting);
});

test('whatever was before, it is the place that came', () => {
  fc.assert(
    fc.property(randomPlace('some'), randomPlace('some'), (before, now) => {
      expect(sharedWith(before, now)).toEqual(now);
    }),
    { numRuns: 40 },
  );
});
