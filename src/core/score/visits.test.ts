import { samphireYard } from '../../../demo/samphire-yard';
import type { Place } from '../place/place';
import type { LogEntry, Sighting } from '../records/sighting';
import { animalIds, animals, type AnimalId } from '../tables/animals';
import { expectedVisits, seasonFactor, updated, usualVisits, visitsAYear } from './visits';

const { place } = samphireYard;
const at = (setting: Partial<Place['setting']>): Place => ({
  ...place,
  setting: { ...place.setting, ...setting },
});
const { 'american-mink': mink, 'red-fox': fox, stoat } = animals;

function seen(animal: AnimalId, date: string, how: Sighting['how'] = 'seen'): LogEntry {
  return { id: `${animal} ${date}`, placeId: place.id, date, what: 'sighting', animal, how };
}

function quiet(nights: number, date: string): LogEntry {
  return { id: `quiet ${date}`, placeId: place.id, date, what: 'quiet-camera', nights };
}

describe('usual visits', () => {
  test('each thing near that draws an animal doubles it, never past once a day', () => {
    expect(usualVisits(at({ near: [] }), mink)).toBeCloseTo(1 / 60);
    expect(usualVisits(at({ near: ['water'] }), mink)).toBeCloseTo(2 / 60);
    const all = at({ near: ['woods', 'town', 'farmland', 'cover'], lives: [...animalIds] });
    for (const id of animalIds) expect(usualVisits(all, animals[id])).toBeLessThanOrEqual(1);
  });

  test('the keeper’s word stands, whatever is near', () => {
    const often = [{ animal: 'american-mink', often: 'weekly' }] as const;
    expect(usualVisits(at({ near: ['water'], often }), mink)).toBeCloseTo(1 / 7);
  });

  test('never is zero, by either way of saying it, and no sighting moves it', () => {
    const never = [{ animal: 'american-mink', often: 'never' }] as const;
    const log = [seen('american-mink', '2026-10-01')];
    for (const nobody of [at({ lives: [] }), at({ often: never })]) {
      expect(expectedVisits(nobody, mink, log, '2026-10-18')).toBe(0);
    }
  });
});

describe('season', () => {
  test('more in the months it is said to come, none in those it does not', () => {
    const north = at({ region: 'na' });
    expect(seasonFactor(north, mink, '2026-03-01')).toBe(1.5);
    expect(seasonFactor(north, mink, '2026-07-01')).toBe(1);
    expect(seasonFactor(north, animals['rat-snake'], '2026-12-24')).toBe(0);
  });

  test('half a year later south of the line: New Zealand’s stoats peak about December to February', () => {
    const nz = at({ region: 'nz' });
    expect(seasonFactor(nz, stoat, '2026-12-15')).toBe(1.5);
    expect(seasonFactor(nz, stoat, '2026-06-15')).toBe(1);
    expect(seasonFactor(at({ region: 'gb' }), stoat, '2026-06-15')).toBe(1.5);
  });

  test('the mean of the months stands where no day is given', () => {
    // Six months of twelve at half as much again.
    expect(seasonFactor(at({}), mink)).toBeCloseTo(1.25);
    expect(visitsAYear(at({ near: [] }), mink, [])).toBeCloseTo((365 / 60) * 1.25);
  });
});

describe('the log moves a rate by the gamma-Poisson rule', () => {
  test('worked by hand: three camera nights with mink among ten without', () => {
    // Prior mean 1/60 with shape 1 weighs 60 nights. Thirteen camera nights count 0.8 each; the log spans 13 nights at 0.15.
    const log = [
      seen('american-mink', '2026-10-01', 'camera'),
      seen('american-mink', '2026-10-05', 'camera'),
      seen('american-mink', '2026-10-09', 'camera'),
      quiet(10, '2026-10-14'),
    ];
    expect(updated(1 / 60, mink, log, '2026-10-14')).toBeCloseTo(
      (1 + 3) / (60 + 13 * 0.8 + 13 * 0.15),
      9,
    );
  });

  test('quiet nights lower it, a sighting raises it, and either only that animal’s or all', () => {
    const before = 1 / 7;
    const nothing = [quiet(30, '2026-10-14')];
    expect(updated(before, fox, nothing, '2026-10-14')).toBeLessThan(before);
    const often = ['03', '06', '09', '12'].map((day) => seen('red-fox', `2026-10-${day}`));
    expect(updated(before, fox, often, '2026-10-14')).toBeGreaterThan(before);
    expect(updated(before, stoat, often, '2026-10-14')).toBeLessThan(before);
  });

  test('what was seen after the day, or more than a year before, tells nothing', () => {
    const log = [seen('red-fox', '2026-11-01'), seen('red-fox', '2025-01-01')];
    expect(updated(1 / 7, fox, log, '2026-10-14')).toBe(1 / 7);
  });
});

test('a log of two hundred thousand entries is reckoned with like a short one', () => {
  const entry = (index: number) => ({
    ...{
      id: `e${index}`,
      placeId: 'p',
      date: `2026-${String(1 + (index % 9)).padStart(2, '0')}-10`,
    },
    ...({ what: 'quiet-camera', nights: 1 } as const),
  });
  const long = Array.from({ length: 200_000 }, (_, index) => entry(index));
  expect(updated(0.1, animals['red-fox'], long)).toBeLessThan(
    updated(0.1, animals['red-fox'], long.slice(0, 9)),
  );
});
