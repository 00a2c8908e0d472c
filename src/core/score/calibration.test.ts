/** Whether typical places lose by the tables what such flocks are said to lose; `docs/calibration.md` shows the same table. */
import { readFileSync } from 'node:fs';
import { countQuestions } from '../walk/questions';
import { landOf } from '../tables/regions';
import { calibrationTable, shareLost } from '../tests/calibration-table';
import { kindsOfPlaces } from '../tests/kinds-of-places';

test.each(kindsOfPlaces)('$what loses what such a place is said to lose', ({ place, band }) => {
  expect(countQuestions(place).unread).toBe(0);
  const share = shareLost(place);
  expect(share).toBeGreaterThanOrEqual(band[0]);
  expect(share).toBeLessThanOrEqual(band[1]);
});

test('kept well and badly they differ by ten times and more, in three lands at least', () => {
  expect(kindsOfPlaces.length).toBeGreaterThanOrEqual(12);
  expect(
    new Set(kindsOfPlaces.map(({ place }) => landOf[place.setting.region])).size,
  ).toBeGreaterThan(2);
  const shares = kindsOfPlaces.map(({ place }) => shareLost(place));
  expect(Math.max(...shares)).toBeGreaterThan(10 * Math.min(...shares));
});

test('the document shows this table (npm run -s calibration writes it)', () => {
  expect(readFileSync('docs/calibration.md', 'utf8')).toContain(calibrationTable());
});
