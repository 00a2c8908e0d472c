import { judgeAll } from '../score/judge-all';
import { samphireYard } from '../../../demo/samphire-yard';
import { groupOn, mostOf } from './group-on';
import type { Group, Place } from './place';

const chicks: Group = { id: 'c', kind: 'chicks', count: 8, sleeps: 'run', grownOn: '2026-09-01' };

test('chicks are grown birds from their day on, and stay what they are without a day', () => {
  const kinds = ['2026-08-31', '2026-09-01', undefined].map((day) => groupOn(chicks, day).kind);
  expect(kinds).toEqual(['chicks', 'grown', 'chicks']);
  const ducks: Group = { ...chicks, kind: 'ducks' };
  expect(groupOn(ducks, '2027-01-01').kind).toBe('ducks');
});

test('a flock told as a range counts by its upper end', () => {
  expect(mostOf({ ...chicks, upTo: 12 })).toBe(12);
  expect(mostOf({ ...chicks, upTo: 3 })).toBe(8);
  expect(groupOn({ ...chicks, upTo: 12 }, undefined)).toMatchObject({ count: 12, kind: 'chicks' });
});

// Common practice: a crow takes chicks and leaves a grown hen alone.
test('what takes only chicks is no threat once they have grown up', () => {
  const { place } = samphireYard;
  const [group] = place.flock;
  if (!group) throw new Error('the demo has birds');
  const young: Place = {
    ...place,
    setting: { ...place.setting, lives: ['crow'] },
    flock: [{ ...group, kind: 'chicks', grownOn: '2026-07-01' }],
  };
  const weight = (date: string) =>
    judgeAll(young, [], { date })['day-run'].animals.flatMap(({ groups }) =>
      groups.map((it) => it.damage),
    );
  expect(weight('2026-06-01').some((damage) => damage > 0)).toBe(true);
  expect(weight('2026-07-15').some((damage) => damage > 0)).toBe(false);
});
