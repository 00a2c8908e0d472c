/** What is judged and kept apart: eggs, accepted losses, seasons and hours, deterrents, quiet nights, pens that move on. */
import { digEffort } from '../effort/dig';
import { setNights } from '../place/edit/zones';
import type { Bay, Place } from '../place/place';
import { toggleAccepted, toggleDeterrent } from '../place/setting';
import { animals, type AnimalId } from '../tables/animals';
import { penPlace, type Pen } from '../tests/one-pen';
import { judge } from './judge';
import { lossesOfYear } from './losses';
import { hoursOf, presenceOf, type Scenario } from './scenario';
import { seasonFactor, usualVisits } from './visits';

const placeOf = (id: AnimalId, pen: Pen, more: Partial<Place> = {}): Place => ({
  ...penPlace([id], pen),
  ...more,
});

test('what comes for eggs alone has its ways in named apart: in no list of ways in, and in no hold', () => {
  const hens = [{ id: 'birds', kind: 'grown' as const, count: 6, sleeps: 'run' }];
  const place = placeOf('crow', { mesh: 'welded-13', hole: 60 }, { flock: hens });
  const { waysIn, slowWays, waysToEggs, hold } = judge(place, [], { scenario: 'day-run' });
  expect([waysIn, slowWays]).toEqual([[], []]);
  expect(waysToEggs.flatMap(({ by }) => by.map(({ animal }) => animal))).toContain('crow');
  expect(hold.best).toBeNull();
  const sound = placeOf('crow', { mesh: 'welded-13' }, { flock: hens });
  expect(judge(sound, [], { scenario: 'day-run' }).waysToEggs).toEqual([]);
});

test('an accepted loss leaves ways in and hold, and stays in the losses', () => {
  const place = placeOf('red-fox', { mesh: 'welded-13', hole: 120 });
  const accepted = toggleAccepted(place, 'red-fox');
  expect(judge(place, []).waysIn).not.toEqual([]);
  expect(judge(accepted, []).waysIn).toEqual([]);
  expect(judge(accepted, []).hold.best).toBeNull();
  const year = (it: Place) => lossesOfYear(it, [], {}, 2026).birds;
  expect(year(accepted)).toEqual(year(place));
  expect(toggleAccepted(accepted, 'red-fox')).toEqual(place);
});

test.each([
  ['red-fox', '2026-05-15', 'about'],
  ['red-fox', '2026-11-15', 'other-hours'],
  ['grey-fox', '2026-06-15', 'about'],
  ['bobcat', '2026-01-15', 'about'],
  ['pine-marten', '2026-07-15', 'about'],
  ['pine-marten', '2026-12-15', 'other-hours'],
] as const)('%s by day on %s: %s (young to feed, lean winters)', (id, date, byDay) => {
  const place = placeOf(id, {});
  expect(presenceOf(place, animals[id], 'day-run', date)).toBe(byDay);
  expect(presenceOf(place, animals[id], 'night-shut', date)).toBe('about');
  // Without a day it may be any.
  expect(hoursOf(place, animals[id])).toContain('day');
});

test('south of the line the seasons are half a year on', () => {
  const place = placeOf('red-fox', {});
  const south = { ...place, setting: { ...place.setting, region: 'au' as const } };
  expect(presenceOf(south, animals['red-fox'], 'day-run', '2026-11-15')).toBe('about');
  expect(presenceOf(south, animals['red-fox'], 'day-run', '2026-05-15')).toBe('other-hours');
});

test('a snake in January is no way in; in June it is', () => {
  const place = placeOf('rat-snake', { mesh: 'welded-25' });
  expect(judge(place, [], { date: '2026-01-15' }).waysIn).toEqual([]);
  expect(judge(place, [], { date: '2026-06-15' }).waysIn).not.toEqual([]);
});

test('badgers keep to the sett in midwinter and come out on mild nights; bears sleep it through', () => {
  const share = (id: AnimalId, date: string) => seasonFactor(placeOf(id, {}), animals[id], date);
  const inWinter = share('european-badger', '2026-01-15');
  expect(inWinter).toBeGreaterThan(0);
  expect(inWinter).toBeLessThan(share('european-badger', '2026-03-15'));
  expect(share('black-bear', '2026-01-15')).toBe(0);
  const presence = (scenario: Scenario, date: string) =>
    presenceOf(placeOf('black-bear', {}), animals['black-bear'], scenario, date);
  expect(presence('night-shut', '2026-01-15')).toBe('other-season');
  expect(presence('night-shut', '2026-10-15')).toBe('about');
});

test('deterrents lower visits a little, and close nothing', () => {
  const place = placeOf('red-fox', { mesh: 'welded-13', hole: 120 });
  const lit = toggleDeterrent(place, 'light');
  const all = (['light', 'sound', 'scent', 'scarecrow', 'dog', 'cockerel'] as const).reduce(
    toggleDeterrent,
    place,
  );
  const visits = (it: Place) => usualVisits(it, animals['red-fox']);
  expect(visits(lit) / visits(place)).toBeCloseTo(0.9, 9);
  expect(visits(all) / visits(place)).toBeCloseTo(0.7, 9);
  expect(judge(all, []).hold).toEqual(judge(place, []).hold);
  expect(judge(all, []).waysIn.length).toBe(judge(place, []).waysIn.length);
  expect(toggleDeterrent(lit, 'light')).toEqual(place);
});

test('quiet camera nights alone never turn ways in into none', () => {
  const place = placeOf('american-mink', { mesh: 'welded-13', hole: 60 });
  const quiet = {
    id: 'quiet',
    placeId: 'pen',
    what: 'quiet-camera' as const,
    date: '2026-06-01',
    nights: 360,
  };
  const before = judge(place, [], { date: '2026-06-02' }).waysIn.length;
  expect(before).toBeGreaterThan(0);
  expect(judge(place, [], { date: '2026-06-02', log: [quiet] }).waysIn.length).toBe(before);
});

test('a dig that takes all night is lost where the pen moves on each day', () => {
  const place = placeOf('red-fox', { mesh: 'welded-25', depth: 250, outward: 250 });
  const level = (it: Place) =>
    digEffort(it.faces[0]?.bays[0] as Bay, animals['red-fox'], 'worst')?.level;
  expect(level(place)).toBe('night');
  expect(level(setNights(place, 'run', 7))).toBe('night');
  expect(level(setNights(place, 'run', 1))).toBe('holds');
  expect(setNights(setNights(place, 'run', 1), 'run', undefined)).toEqual(place);
  // What is dug in minutes is dug wherever the pen stands.
  const bare = placeOf('red-fox', { mesh: 'welded-25', depth: 0 });
  expect(level(setNights(bare, 'run', 1))).toBe(level(bare));
});
