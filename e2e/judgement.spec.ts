/** The judgement followed down: scenarios, an animal, an item, the log, the reference, how sure, two states compared. */
import { go, headline, openYard } from './steps';
import { expect, test } from './test';

test.beforeEach(({ page }) => openYard(page));

test('a scenario is an address; back is the browser’s own', async ({ page }) => {
  await page.getByRole('link', { name: /^By day, the birds in the run: 2 ways in/ }).click();
  await expect(headline(page)).toHaveText('2 ways in by day');
  await expect(page).toHaveURL(/scenario=day-run/);
  await page.getByRole('link', { name: /^Goshawk: / }).click();
  await expect(headline(page)).toHaveText('Goshawk: not known yet');
  await page.goBack();
  await expect(headline(page)).toHaveText('2 ways in by day');
  await page.goBack();
  await expect(headline(page)).toHaveText('2 ways in tonight');
  await page.goto('/animal/goshawk');
  await expect(headline(page)).toHaveText('Goshawk: not about in these hours');
});

test('another month is looked at: the board is off in July', async ({ page }) => {
  await page.getByRole('button', { name: /^Judged for: today/ }).click();
  await page.getByRole('button', { name: 'July 2027' }).click();
  await expect(page.getByText(/Looked at for 15 July 2027/)).toBeVisible();
  await expect(page).toHaveURL(/day=2027-07-15/);
});

test('an animal: route, reason, figure, what stops it, what comes next, law', async ({ page }) => {
  await page.getByRole('link', { name: 'Stoat: walks in' }).click();
  await expect(headline(page)).toHaveText('Stoat: walks in');
  await expect(page.getByText('38 mm lets a stoat by: 12.7 mm shuts it out.')).toBeVisible();
  await page.getByRole('button', { name: 'Where this comes from' }).first().click();
  await expect(
    page.getByText(
      /Read 18 October 2026, measured\. Stoat, 12\.7 mm: published \(recalled from memory\); Henderson/,
    ),
  ).toBeVisible();
  await expect(
    page.getByText('– No gap over 12.7 mm; mends are made to 12 mm.').first(),
  ).toBeVisible();
  // Its own next way, as the command line has it.
  await expect(page.getByRole('link', { name: /^Next: hut back wall, nest lid/ })).toBeVisible();
  await expect(page.getByText(/never advises harm/)).toBeVisible();
  await page.getByRole('link', { name: 'Every figure for Stoat, with its source' }).click();
  await expect(page.getByText(/^Shut out at \(used\) 12\.7 mm/)).toBeVisible();
});

test('an item: who passes, readings over time, its mends; a photo is kept and put back', async ({
  page,
}) => {
  await page.goto('/item/n2');
  await expect(headline(page)).toHaveText('North 2');
  const passing = page.getByRole('group', { name: 'Passing through openings', exact: true });
  await expect(passing.getByRole('link', { name: 'Mink: walks in' })).toBeVisible();
  await expect(page.getByText('18 October 2026: 38 mm, measured')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Choose: Board along the sill' })).toBeVisible();

  const waiting = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Add a photo' }).click();
  await (await waiting).setFiles('docs/screenshots/way-phone.png');
  const photo = page.getByRole('button', { name: /^Show the photo of north 2, 26 November 2026/ });
  await expect(photo).toBeVisible();
  await page.reload();
  await photo.click();
  const large = page.getByRole('img', { name: 'north 2, 26 November 2026, large' });
  await expect(large).toBeVisible();
  // The picture itself has come, not only the small one that stands for it.
  await expect
    .poll(() => large.evaluate((it) => (it as HTMLImageElement).naturalHeight))
    .toBeGreaterThan(320);
  await page.getByRole('button', { name: /^Take the photo of/ }).click();
  await expect(photo).toHaveCount(0);
  await page.getByRole('button', { name: 'Put the photo back' }).click();
  await expect(photo).toBeVisible();
});

test('what was seen is logged in two taps, moves the rate, and can be taken back', async ({
  page,
}) => {
  await page.goto('/lives');
  await page.getByRole('button', { name: 'Log Fox' }).click();
  await page.getByRole('button', { name: 'Fox: Camera, today' }).click();
  await expect(page.getByRole('heading', { name: 'Logged: Fox, on camera' })).toBeVisible();
  // Usual once in 3.5 days; one night of camera and one of eyes: (1 + 1) / (3.5 + 0.8 + 0.15) a night.
  await expect(
    page.getByText('Reckoned about once in 4 days (dotted); by the log about once in 2 days.'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Last night', exact: true }).click();
  await page.getByRole('button', { name: 'Where on the lap?' }).click();
  await page.getByRole('button', { name: /^Lap, elbow 3 / }).click();
  await expect(
    page.getByRole('heading', { name: 'Logged: Fox, on camera, at elbow 3' }),
  ).toBeVisible();
  await page.getByRole('textbox', { name: 'Nights' }).fill('30');
  await page.getByRole('button', { name: 'Log them' }).click();
  await expect(page.getByText('Camera: 30 nights with none of them').last()).toBeVisible();
  await page.reload();
  await expect(page.getByText('Fox, on camera, at elbow 3')).toBeVisible();
  await page.getByRole('button', { name: /^Take out: Camera: 30 nights/ }).click();
  await page.getByRole('button', { name: 'Undo: taking an entry out of the log' }).click();
  await expect(page.getByText('Camera: 30 nights with none of them')).toBeVisible();
});

test('nonsense in the log is refused with a sentence', async ({ page }) => {
  await page.goto('/lives');
  await page.getByRole('textbox', { name: 'Nights' }).fill('0.5');
  await page.getByRole('button', { name: 'Log them' }).click();
  await expect(page.getByText('A whole number of nights, 1 to 3660.')).toBeVisible();
  await expect(page.getByText('Nothing yet.', { exact: false })).toBeVisible();
});

test('the reference is searched by name, and says what a figure is for', async ({ page }) => {
  await page.goto('/figures');
  await page.getByRole('textbox', { name: 'Look for' }).fill('13 mm welded');
  await expect(page.getByText('1 entry found.')).toBeVisible();
  await expect(page.getByText(/^Clear opening 11\.66 mm/)).toBeVisible();
  await expect(page.getByText(/^Pitch, centre to centre 12\.7 mm/)).toBeVisible();
  await expect(page.getByText(/^The clear opening decides passing through openings/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Look for' }).fill('zebra');
  await expect(page.getByText('0 entries found.')).toBeVisible();
});

test('how sure it is runs beside the screen and can be stopped', async ({ page }) => {
  await page.goto('/sure');
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('heading', { name: 'Stopped' })).toBeVisible();
  await page.getByRole('button', { name: 'Begin again' }).click();
  await expect(headline(page)).toHaveText(/^North 2 stays the weakest \d+ times in 100$/, {
    timeout: 30_000,
  });
});

test('before and after the mends in hand stand side by side', async ({ page }) => {
  await page.goto('/way/n2');
  await page.getByRole('button', { name: 'Choose: Board along the sill' }).click();
  await expect(page.getByRole('button', { name: 'Mark it done' })).toBeVisible();
  await go(page, 'Yard');
  await page
    .getByRole('link', { name: 'Compare two walks, or before and after the mends' })
    .click();
  await expect(headline(page)).toHaveText('1 fewer: 2 → 1 way in');
  await expect(
    page.getByRole('link', { name: 'north 2: open or minutes, then holds' }),
  ).toBeVisible();
});

test('the laps of two states slide and grow together', async ({ page }) => {
  await page.goto('/compare');
  const laps = page.getByRole('img', { name: /unrolled from the gate/ });
  await expect(laps).toHaveCount(2);
  const places = () =>
    laps.evaluateAll((drawings) =>
      drawings.map((drawing) => {
        const strip = drawing.closest('div')?.parentElement?.parentElement;
        return [strip?.scrollLeft ?? -1, drawing.clientWidth] as const;
      }),
    );
  const slide = (lap: number, by: number) =>
    laps.nth(lap).evaluate((drawing, x) => {
      drawing.closest('div')?.parentElement?.parentElement?.scrollBy(x, 0);
    }, by);
  const [[from = -1] = []] = await places();
  await slide(0, 90);
  await expect.poll(async () => (await places()).map(([x]) => x)).toEqual([from + 90, from + 90]);
  await slide(1, -40);
  await expect.poll(async () => (await places()).map(([x]) => x)).toEqual([from + 50, from + 50]);
  const [[, width = 0] = []] = await places();
  await page.getByRole('button', { name: 'Lap larger' }).last().click();
  await expect.poll(async () => (await places())[0]?.[1]).toBeGreaterThan(width * 1.5);
  const [first, second] = await places();
  expect(second).toEqual(first);
});

test('a year of losses is reckoned beside the screen', async ({ page }) => {
  await expect(page.getByText('Birds lost in a year, as it stands')).toBeVisible({
    timeout: 30_000,
  });
});

test('an unknown animal, item, bay or part says so', async ({ page }) => {
  await page.goto('/animal/griffin');
  await expect(page.getByText('There is nothing at this address')).toBeVisible();
  await page.goto('/item/nowhere');
  await expect(headline(page)).toHaveText('This is not here');
  await page.goto('/bay/nowhere');
  await expect(headline(page)).toHaveText('This bay is not here');
  await page.goto('/zone/nowhere');
  await expect(headline(page)).toHaveText('It is gone');
});

test('the yard by keyboard', async ({ page }) => {
  await page.keyboard.press('3');
  await expect(headline(page)).toHaveText('2 ways in by day');
  await page.keyboard.press('1');
  await expect(headline(page)).toHaveText('2 ways in tonight');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('button', { name: /^Lap, / }).first()).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.keyboard.press('i');
  await expect(page).toHaveURL(/\/item\/w1$/);
});
