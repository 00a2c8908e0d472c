import { samphireYard } from '../../../demo/samphire-yard';
import type { Sighting } from '../records/sighting';
import { animalIds, animals } from '../tables/animals';
import { feedTimes, leanTimes, youngTimes } from '../tables/attempting';
import { shareThatTry } from './attempts';
import { hold } from './hold';
import { judge } from './judge';
import { shying } from './visits';

const { place, walks } = samphireYard;
const at = (setting: Partial<typeof place.setting>) => ({
  ...place,
  setting: { ...place.setting, ...setting },
});
const fox = animals['red-fox'];
const usual = fox.attempting.share.value;

test('hunger, young and feed lying about call for tries; seasons turn round south of the line', () => {
  const north = at({ region: 'gb', near: [] });
  expect(shareThatTry(north, fox, '2026-10-01')).toBeCloseTo(usual, 12);
  expect(shareThatTry(north, fox, '2026-05-01')).toBeCloseTo(usual * youngTimes.value, 12);
  expect(shareThatTry(north, fox, '2026-02-01')).toBeCloseTo(usual * leanTimes.value, 12);
  const south = at({ region: 'au-east', near: [] });
  expect(shareThatTry(south, fox, '2026-11-01')).toBeCloseTo(usual * youngTimes.value, 12);
  const rat = animals['norway-rat'];
  const fed = at({ region: 'gb', near: ['feed-left-out'] });
  expect(shareThatTry(fed, rat, '2026-06-01')).toBeCloseTo(
    rat.attempting.share.value * feedTimes.value,
    12,
  );
  // A fox does not come for the feed.
  expect(shareThatTry(fed, fox, '2026-10-01')).toBeCloseTo(usual, 12);
});

test('a share is never more than all visits, and lies within its band', () => {
  for (const id of animalIds) {
    const { share } = animals[id].attempting;
    expect(share.mark).toBe('assumption');
    for (const date of ['2026-01-15', '2026-05-15', '2026-08-15']) {
      const it = shareThatTry(at({ near: ['feed-left-out'] }), animals[id], date);
      expect(it).toBeGreaterThan(0);
      expect(it).toBeLessThanOrEqual(1);
    }
    const mean = shareThatTry(place, animals[id]);
    expect(mean).toBeGreaterThanOrEqual(share.value * (1 - 1e-9));
  }
});

test('after a shock it comes less for six weeks; the hold is not moved by that', () => {
  const shock: Sighting = {
    id: 's',
    placeId: place.id,
    what: 'sighting',
    how: 'shocked',
    animal: 'red-fox',
    date: '2026-10-10',
  };
  expect(shying(fox, [shock], '2026-10-09')).toBe(1);
  expect(shying(fox, [shock], '2026-10-20')).toBe(0.5);
  expect(shying(fox, [shock], '2026-11-21')).toBe(0.5);
  expect(shying(fox, [shock], '2026-11-22')).toBe(1);
  expect(shying(animals['norway-rat'], [shock], '2026-10-20')).toBe(1);
  const judged = (how: 'shocked' | 'seen') =>
    judge(place, walks, { date: '2026-10-20', log: [{ ...shock, how }] });
  const [shied, seen] = [judged('shocked'), judged('seen')];
  expect(shied.hold).toEqual(seen.hold);
  const visits = (it: typeof shied) =>
    it.animals.find(({ animal }) => animal === 'red-fox')?.visits;
  expect(visits(shied)).toBeCloseTo((visits(seen) ?? 0) / 2, 12);
});

test('the hold is the same whatever share of visits become tries, as long as it is the same of all', () => {
  const { animals: judged } = judge(place, walks, { date: '2026-10-20' });
  const threats = judged.flatMap(({ groups }) =>
    groups.map(({ weight, chance }) => ({ weight, chance: chance.best })),
  );
  const less = threats.map((it) => ({ ...it, weight: it.weight / 50 }));
  expect(hold(less)).toBeCloseTo(hold(threats) ?? NaN, 9);
});
