/** Evenings as they are lived: a quiet one in a tap, a fortnight with slips, a night away, and what comes of it. */
import { secondsFor } from '../src/core/walk/time-left';
import { expect, test, today, type Page } from './test';
import { exportPlace, headline, openFile, openYard } from './steps';
import { daysLater } from '../src/core/schema/day';

/** The page's clock stands at this day and time from its next load on. */
async function at(page: Page, day: string, time: string): Promise<void> {
  const shift = Date.parse(`${day}T${time}:00`) - Date.parse(`${today}T15:00:00`);
  await page.evaluate((by) => localStorage.setItem('shift', String(by)), shift);
}

test.beforeEach(async ({ page }) => {
  await openYard(page);
});

const big = (page: Page, name: RegExp) => page.getByRole('button', { name });

async function quietEvening(page: Page, day: string): Promise<void> {
  await at(page, day, '16:45');
  await page.goto('/shut');
  await big(page, /^All shut, all home$/).click();
  await expect(headline(page)).toHaveText('All shut');
}

test('a quiet evening is one tap after opening, and is said on the yard', async ({ page }) => {
  await at(page, today, '16:45');
  await page.goto('/');
  await page.getByRole('link', { name: /^Shut up Dark at 17:0\d, in 20 minutes/ }).click();
  let taps = 0;
  await big(page, /^All shut, all home$/).click();
  taps += 1;
  await expect(headline(page)).toHaveText('All shut');
  expect(taps).toBe(1);
  // One look at each line, at the pace walks are told by.
  expect(taps * secondsFor.look).toBeLessThanOrEqual(10);
  // Tonight is a shut night for certain.
  await expect(page.getByText(/^Hold 70 of 100 tonight, as it was said/)).toBeVisible();
  await big(page, /^To the yard$/).click();
  await expect(page.getByRole('link', { name: /^All shut at 16:4/ })).toBeVisible();
  // Said again from the other phone: one night still.
  await page.goto('/nights');
  await expect(headline(page)).toHaveText('Shut on the one night that is known');
});

test('a fortnight: two missed, one found open, one away', { tag: '@phone' }, async ({ page }) => {
  test.slow();
  const first = daysLater(today, -13);
  for (let night = 0; night < 14; night += 1) {
    const day = daysLater(first, night);
    if (night === 3 || night === 8) {
      await at(page, day, '19:30');
      await page.goto('/shut');
      await page.getByRole('button', { name: 'Not so: Pop door' }).click();
      await page.getByRole('button', { name: 'Left open', exact: true }).click();
      await expect(headline(page)).toHaveText('pop door left open');
      await big(page, /^All else as it should be$/).click();
      await expect(big(page, /^To the yard$/)).toBeVisible();
    } else if (night === 10) {
      await at(page, day, '12:30');
      await page.goto('/nights');
      await page.getByRole('button', { name: 'Add nights away' }).click();
      await page.getByRole('textbox', { name: /^First night/ }).fill(day);
      await page.getByRole('textbox', { name: /^Last night/ }).fill(day);
      await page.getByRole('textbox', { name: /^Last night/ }).blur();
      await page.getByRole('button', { name: 'Write it down' }).click();
      await expect(page.getByText(/: nobody shuts up$/)).toBeVisible();
      // Nobody there: what that night holds is what an open door holds.
      await expect(page.getByText(/on those nights\.$/)).toBeVisible();
    } else {
      await quietEvening(page, day);
    }
    if (night === 5) {
      await at(page, daysLater(day, 1), '07:15');
      await page.goto('/');
      await page.getByRole('link', { name: /^Last night: All shut/ }).click();
      await page.getByRole('button', { name: 'Not so: Pop door' }).click();
      await page.getByRole('button', { name: 'Left open', exact: true }).click();
      await expect(headline(page)).toHaveText('pop door left open');
    }
  }
  await page.goto('/nights');
  await expect(headline(page)).toHaveText('A door stood open on 3 of 13 nights');
  await expect(
    page.getByRole('img', {
      name: 'The last 60 nights: 10 shut, 3 with a door open, 47 not known',
    }),
  ).toBeVisible();
  // Beta: (0.02 · 50 + 3) / (50 + 13), and the year goes by it.
  await expect(page.getByText('3 of 13 evenings missed', { exact: false })).toBeVisible();
  await expect(page.getByText('6.3 %', { exact: true })).toBeVisible();
  // Its own row of records, carried by the file; opened again it is the same.
  await page.goto('/place');
  const file = await exportPlace(page);
  const { sightings } = JSON.parse(file) as { sightings: { what: string }[] };
  expect(sightings.filter(({ what }) => what === 'evening')).toHaveLength(16);
  await page.goto('/place');
  await openFile(page, 'again.json', file);
  await page.goto('/nights');
  await expect(headline(page)).toHaveText('A door stood open on 3 of 13 nights');
  await page.goto('/records');
  await expect(page.getByText(/^Evening: pop door left open/).first()).toBeVisible();
});

test('a count that may hide a loss says so; birds that learn are named at dusk', async ({
  page,
}) => {
  await page.goto('/nights');
  await page.getByRole('button', { name: 'Young birds' }).click();
  await expect(page.getByText(/^Young birds: looked for 14 evenings/)).toBeVisible();
  await at(page, today, '16:45');
  await page.goto('/shut');
  await expect(page.getByText(/They do not find in by themselves yet/)).toBeVisible();
  await page.getByRole('button', { name: 'Not so: 12 bantams' }).click();
  await page.getByRole('button', { name: '11 or 12' }).click();
  await expect(page.getByText('11 or 12 in')).toBeVisible();
  await page.getByRole('button', { name: 'Not so: 12 bantams' }).click();
  await expect(page.getByText(/^1 bird may be missing/)).toBeVisible();
});

test('an hour after dark with nothing said the yard asks; past midnight it is still that night', async ({
  page,
}) => {
  await at(page, today, '18:30');
  await page.goto('/');
  await expect(page.getByRole('link', { name: /^Not said: is it shut up\?/ })).toBeVisible();
  await at(page, daysLater(today, 1), '00:40');
  await page.goto('/shut');
  await big(page, /^All shut, all home$/).click();
  await expect(headline(page)).toHaveText('All shut');
  await at(page, daysLater(today, 1), '16:00');
  await page.goto('/');
  await expect(page.getByText('Last night is not known')).toHaveCount(0);
  await at(page, daysLater(today, 2), '16:00');
  await page.goto('/');
  await expect(page.getByRole('link', { name: /^Last night is not known/ })).toBeVisible();
  // And a night further back is a tap away for a week, where somebody still knows.
  await at(page, daysLater(today, 4), '16:00');
  await page.goto('/nights');
  const unsaid = page.getByRole('group', { name: 'Not said, of the last week' });
  await expect(unsaid.getByRole('link')).toHaveCount(3);
  await unsaid.getByRole('link').last().click();
  await page.getByRole('button', { name: 'It was shut, all were home' }).click();
  await expect(headline(page)).toHaveText('All shut');
  await page.goto('/nights');
  await expect(unsaid.getByRole('link')).toHaveCount(2);
});
