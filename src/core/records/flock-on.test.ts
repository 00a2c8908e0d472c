/** Losses change the flock from their day on, and nothing is written over. */
import { samphireYard } from '../../../demo/samphire-yard';
import { judge } from '../score/judge';
import { livedThrough, scalesAfter } from '../score/experience';
import { shareThatTry } from '../score/attempts';
import { evidence } from '../score/visits';
import { animals } from '../tables/animals';
import { youngTimes } from '../tables/attempting';
import { fewerIn, withFlockOn } from './flock-on';
import type { Loss } from './sighting';
import type { YoungNear } from './spells';

const { place, walks } = samphireYard;
const loss = (more: Partial<Loss> = {}): Loss => ({
  ...{ id: 'l', placeId: place.id, date: '2026-11-20', what: 'loss', birds: 2 },
  ...more,
});

test('a loss takes its birds off from its day on', () => {
  const log = [loss({ group: 'bantams', fewer: 2 })];
  const birds = (date: string) => judge(place, walks, { date, log }).birds;
  expect([birds('2026-11-19'), birds('2026-11-20'), birds('2027-01-01')]).toEqual([12, 10, 10]);
  expect(place.flock[0]?.count).toBe(12);
  expect(withFlockOn(place, log, '2026-11-19')).toBe(place);
});

test('one logged before flocks followed, or of other birds, takes none; never fewer than none are left', () => {
  expect(withFlockOn(place, [loss()])).toBe(place);
  expect(fewerIn('ducks', [loss({ group: 'bantams', fewer: 2 })])).toBe(0);
  const all = withFlockOn(place, [loss({ group: 'bantams', fewer: 40 })]);
  expect(all.flock[0]?.count).toBe(0);
});

test('a fright, and birds that died of themselves, are no losses to what comes from outside', () => {
  const since = { since: '2026-01-01', asOf: '2026-01-01', lost: 0 };
  const lived = (it: Loss) => livedThrough({ experience: since }, walks, [it], '2026-12-01').losses;
  expect(lived(loss())).toHaveLength(1);
  expect(lived(loss({ birds: 0, hurt: 1 }))).toEqual([]);
  expect(lived(loss({ cause: 'disease' }))).toEqual([]);
});

test('who it was is shared out by how sure it is, in visits and in losses alike', () => {
  const thought = [
    { culprit: 'red-fox', share: 0.6 },
    { culprit: 'stoat', share: 0.3 },
    { culprit: 'strayed', share: 0.1 },
  ] as const;
  const seen = (it: Loss) => evidence(animals['red-fox'], [it], '2026-11-21').seen;
  expect(seen(loss({ thought }))).toBe(0.6);
  // A camera settles it.
  expect(seen(loss({ thought, animal: 'red-fox' }))).toBe(1);
  expect(seen(loss({ thought, animal: 'stoat' }))).toBe(0);
  const expected = (['red-fox', 'stoat', 'norway-rat'] as const).map((animal) => ({
    animal,
    times: 0.2,
    birds: 0.2,
  }));
  const scale = (it: Loss) => scalesAfter({ years: 1, lost: 0, losses: [it] }, expected);
  expect(scale(loss({ thought }))['red-fox']).toBeGreaterThan(scale(loss({ thought })).stoat);
  expect(scale(loss({ thought })).stoat).toBeGreaterThan(scale(loss({ thought }))['norway-rat']);
});

test('young near raise tries for their weeks, and no longer', () => {
  const near: YoungNear = {
    ...{ id: 'y', placeId: place.id, date: '2026-10-01', what: 'young-near' },
    ...{ animal: 'red-fox', weeks: 4 },
  };
  const tries = (date: string, log: readonly YoungNear[]) =>
    shareThatTry(place, animals['red-fox'], date, log);
  expect(tries('2026-10-20', [near]) / tries('2026-10-20', [])).toBeCloseTo(youngTimes.value, 9);
  expect(tries('2026-10-29', [near])).toBe(tries('2026-10-29', []));
  expect(tries('2026-09-30', [near])).toBe(tries('2026-09-30', []));
});
