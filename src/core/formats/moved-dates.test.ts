/** Scenes dated from the day they are opened: the demo places as lived in, on whatever day that is. */
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { lastDay } from '../../../demo/lived/last-day';
import { livedSamphireYard } from '../../../demo/lived/samphire-yard';
import { livedTamarackBank } from '../../../demo/lived/tamarack-bank';
import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { reviewMends } from '../mends/review';
import { nightOn } from '../nights/night';
import { daysBetween, daysLater } from '../schema/day';
import { judge } from '../score/judge';
import { movedDates } from './moved-dates';
import { writePlaceFile, type PlaceFile } from './place-file';
import { readPlaceFile } from './read-place-file';

const day = fc.integer({ min: -2000, max: 20_000 });

test('days and times move, all else stays; back again it is what it was', () => {
  const text = JSON.stringify({
    date: '2026-02-27',
    at: '2026-12-31T23:59:30Z',
    season: '11-01',
    note: 'since 2026-02-27, or so',
    until: ['2024-02-29', '2025-03-01'],
  });
  expect(JSON.parse(movedDates(text, 2))).toEqual({
    date: '2026-03-01',
    at: '2027-01-02T23:59:30Z',
    season: '11-01',
    note: 'since 2026-02-27, or so',
    until: ['2024-03-02', '2025-03-03'],
  });
  fc.assert(
    fc.property(day, (by) => {
      expect(movedDates(movedDates(text, by), -by)).toBe(text);
    }),
  );
});

const scenes: readonly (readonly [string, PlaceFile, PlaceFile])[] = [
  ['Samphire Yard', livedSamphireYard, samphireYard],
  ['Tamarack Bank', livedTamarackBank, tamarackBank],
];

describe.each(scenes)('%s as lived in', (_name, lived, bare) => {
  const text = writePlaceFile(lived);

  test('opens on any day, and nothing in it lies beyond that day but what is to come', () => {
    fc.assert(
      fc.property(day, (by) => {
        const read = readPlaceFile(movedDates(text, by));
        if (!('file' in read)) throw new Error(JSON.stringify(read));
        const today = daysLater(lastDay, by);
        const { walks, sightings, mends } = read.file;
        for (const { date } of [...walks, ...sightings]) {
          expect(daysBetween(date, today)).toBeGreaterThanOrEqual(0);
        }
        for (const { at } of mends.flatMap(({ history }) => history)) {
          expect(at.slice(0, 10) <= today).toBe(true);
        }
      }),
      { numRuns: 5 },
    );
  });

  test('the file that the server hands out is the one the story writes', () => {
    const file = join(__dirname, '../../../demo/lived', `${lived.place.id}.json`);
    expect(readFileSync(file, 'utf8') === text).toBe(true);
  });

  test('its last walk is that of the place as first walked: the same ways in', () => {
    const waysOf = ({ place, walks }: PlaceFile) =>
      judge(place, walks, { date: lastDay }).waysIn.map(({ bays, by }) => [
        bays,
        by.map(({ animal }) => animal),
      ]);
    expect(waysOf(lived)).toEqual(
      waysOf({ ...bare, place: { ...lived.place, faces: bare.place.faces } }),
    );
  });

  test('mends stand where the readings have brought them', () => {
    expect(reviewMends(lived.place, lived.walks, lived.mends, `${lastDay}T12:00:00Z`, '')).toEqual(
      [],
    );
  });

  test('a night shut, one that was not, one nobody spoke of; a night away', () => {
    const states = Array.from({ length: 80 }, (_, ago) =>
      nightOn(lived.place, lived.sightings, daysLater(lastDay, -1 - ago)),
    ).map(({ state }) => state);
    expect(new Set(states)).toEqual(new Set(['shut', 'missed', 'not-known']));
    expect(lived.sightings.map(({ what }) => what)).toContain('away');
  });
});

test('mends in every state, one that failed and was mended again', () => {
  const { mends } = livedSamphireYard;
  expect(new Set(mends.map(({ state }) => state))).toEqual(
    new Set(['open', 'planned', 'bought', 'done', 'held']),
  );
  const histories = mends.map(({ history }) => history.map(({ state }) => state).join());
  expect(histories).toContain('planned,done,held,open,planned,done,held');
});
