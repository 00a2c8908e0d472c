/** Where an evening stands, also where there is none. */
import { samphireYard } from '../../../demo/samphire-yard';
import { duskOf } from '../place/dusk';
import type { Evening } from '../records/evening';
import { eveningState, isEveningLogKept, isWhole, missingOf, restOf } from './evening-now';
import { lastNights, nightsByYear } from './history';
import { nightOn } from './night';
import { daysLater } from '../schema/day';

const { place } = samphireYard;
const date = '2026-11-20';
const dusk = duskOf(new Date(`${date}T12:00:00Z`), { latitude: 53, longitude: -8 });

const said = (day: string, more: Partial<Evening> = {}): Evening => ({
  ...{ id: day, placeId: place.id, date: day, what: 'evening', told: 'evening' },
  ...{ at: `${day}T17:00:00Z`, doors: [{ opening: 'pop-door', was: 'shut' }], counts: [] },
  ...more,
});

test.each([
  ['noon', '2026-11-20T12:00:00Z', 'day'],
  ['an hour before sunset', '2026-11-20T15:35:00Z', 'due'],
  ['half an hour after dark', '2026-11-20T17:45:00Z', 'due'],
  ['well after dark', '2026-11-20T19:30:00Z', 'late'],
])('%s', (_, at, state) => {
  expect(eveningState(nightOn(place, [], date), new Date(at), dusk)).toBe(state);
  // Once it is said it is said, at whatever hour.
  expect(eveningState(nightOn(place, [said(date)], date), new Date(at), dusk)).toBe('said');
});

test('where the sun does not set nothing is ever late', () => {
  const polar = duskOf(new Date('2026-06-21T12:00:00Z'), { latitude: 75, longitude: 20 });
  expect(polar).toBeUndefined();
  const night = nightOn(place, [], '2026-06-21');
  expect(eveningState(night, new Date('2026-06-21T23:50:00Z'), polar)).toBe('day');
});

test('what is unsaid is as it should be: doors shut, all birds in, the line on', () => {
  const withFence = { ...place, fence: { id: 'line', on: 'nights' as const } };
  expect(restOf(withFence, [], nightOn(place, [], date))).toEqual({
    doors: [{ opening: 'pop-door', was: 'shut', shutBy: 'cord' }],
    counts: [{ group: 'bantams', least: 12, most: 12 }],
    strand: 'on',
  });
  const loss = {
    ...{ id: 'l', placeId: place.id, date: '2026-11-19', what: 'loss' as const },
    ...{ birds: 2, group: 'bantams', fewer: 2 },
  };
  expect(restOf(place, [loss], nightOn(place, [], date)).counts).toEqual([
    { group: 'bantams', least: 10, most: 10 },
  ]);
  const jammed = said(date, { doors: [{ opening: 'pop-door', was: 'jammed' }] });
  const rest = restOf(place, [], nightOn(place, [jammed], date));
  expect(rest.doors).toEqual([]);
  expect(isWhole(rest)).toBe(false);
});

test('a count may hide a loss, and a bird that is accounted for hides none', () => {
  const [group] = place.flock;
  if (!group) throw new Error('there are bantams');
  const count = (least: number, most: number, more: object = {}) =>
    missingOf(group, { group: group.id, least, most, ...more });
  expect(count(12, 12)).toBe(0);
  expect(count(11, 12)).toBe(1);
  expect(count(11, 11, { out: 1 })).toBe(0);
  expect(count(9, 10, { elsewhere: 1 })).toBe(2);
});

test('nights before the first that was said of are not looked for', () => {
  const log = [said('2026-11-18')];
  expect([isEveningLogKept(log, '2026-11-17'), isEveningLogKept(log, '2026-11-19')]).toEqual([
    false,
    true,
  ]);
  expect(isEveningLogKept([], date)).toBe(false);
});

test('ten years of nights: each once, the last ones by themselves, all by the year', () => {
  const nights = Array.from({ length: 3650 }, (_, at) => daysLater('2016-11-24', at));
  const log = nights.map((day, at) =>
    said(day, at % 100 === 0 ? { doors: [{ opening: 'pop-door', was: 'open' }] } : {}),
  );
  const years = nightsByYear(place, log);
  expect(years.reduce((sum, { shut, missed }) => sum + shut + missed, 0)).toBe(3650);
  expect(years.reduce((sum, { missed }) => sum + missed, 0)).toBe(37);
  expect(years[0]?.year).toBe('2026');
  const marks = lastNights(place, log, '2026-11-21', 60, () => dusk);
  expect(marks).toHaveLength(60);
  expect(marks.at(-1)).toMatchObject({ date: '2026-11-21', state: 'shut', late: undefined });
  const late = said(date, { shutAt: '2026-11-20T17:45:00Z' });
  const [mark] = lastNights(place, [late], date, 1, () => dusk);
  expect(mark?.late).toBeGreaterThan(30);
  expect(mark?.late).toBeLessThan(60);
});
