import { samphireYard } from '../../../../demo/samphire-yard';
import { writePlaceFile } from '../../formats/place-file';
import { readPlaceFile } from '../../formats/read-place-file';
import { countedIds } from '../../tests/new-ids';
import { setRegion } from '../setting';
import { addGroup, changeGroup, dropGroup } from './flock';

const { place } = samphireYard;

test('a few more birds sleep where the first group does, and can be put elsewhere', () => {
  const two = addGroup(place, countedIds());
  const [, more] = two.flock;
  expect(more?.sleeps).toBe(place.flock[0]?.sleeps);
  const moved = changeGroup(two, more?.id ?? '', { sleeps: 'outside', name: 'the odd one' });
  expect(moved.flock[1]).toMatchObject({ sleeps: 'outside', name: 'the odd one' });
  expect(moved.flock[0]).toBe(place.flock[0]);
});

test('what is no longer said is gone from the file, not written as nothing', () => {
  const named = changeGroup(place, 'bantams', { name: 'ladies', days: 'run' });
  const plain = changeGroup(named, 'bantams', { name: undefined, days: undefined });
  expect(plain).toEqual(place);
  expect(Object.keys(plain.flock[0] ?? {})).not.toContain('name');
  const text = writePlaceFile({ place: plain, walks: [], mends: [], sightings: [] });
  expect(readPlaceFile(text)).toHaveProperty('file');
});

test('the last group stays: without birds there is nothing to keep safe', () => {
  expect(dropGroup(place, 'bantams')).toBe(place);
  const two = addGroup(place, countedIds());
  expect(dropGroup(two, 'bantams').flock.map(({ id }) => id)).toEqual(['group-new-1']);
});

test('in another region other animals are reckoned with, and what was said of the old ones goes', () => {
  const said = {
    ...place,
    setting: { ...place.setting, often: [{ animal: 'stoat', often: 'weekly' } as const] },
  };
  const moved = setRegion(said, 'na');
  expect(moved.setting.lives).toContain('raccoon');
  expect(moved.setting.lives).not.toContain('european-badger');
  expect(moved.setting.often).toBeUndefined();
  expect(moved.setting.near).toEqual(place.setting.near);
  expect(setRegion(said, place.setting.region)).toBe(said);
});
