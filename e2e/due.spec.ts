/** What falls due: said on the yard, put off with a reason, done, and handed to the phone's own calendar. */
import { readFile } from 'node:fs/promises';
import ICAL from 'ical.js';
import { headline, openYard } from './steps';
import { expect, test, today } from './test';

test.beforeEach(async ({ page }) => {
  await openYard(page);
});

test('what is due is said on the yard and opens the walk that does it; put off it waits, and is kept', async ({
  page,
}) => {
  await page.getByRole('link', { name: /^\d+ things? (is|are) due: / }).click();
  await expect(headline(page)).toHaveText(/^\d+ things? (is|are) due$/);
  const before = await headline(page).textContent();
  const many = Number(before?.match(/^\d+/)?.[0]);
  await page.getByRole('button', { name: 'Put off: Pull test' }).click();
  await page.getByRole('button', { name: 'in a month' }).click();
  await page.getByRole('button', { name: 'The weather' }).click();
  await page.getByRole('button', { name: 'Put it off' }).click();
  await expect(page.getByText(/^Put off to 26 December 2026: the weather\./)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^Put off to 26 December 2026: the weather\./)).toBeVisible();
  await expect(headline(page)).toHaveText(
    many === 1 ? /^Nothing is due until/ : new RegExp(`^${many - 1} things? (is|are) due$`),
  );
  await page.getByRole('link', { name: 'The whole walk' }).click();
  await expect(page.getByRole('radio', { name: /^The whole walk/ })).toBeChecked();
});

test('a round of one’s own falls due, is done in a tap, and comes again', async ({ page }) => {
  await page.goto('/due');
  await page.getByRole('button', { name: 'Add a round of your own' }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('Say what is to be done, and how often.')).toBeVisible();
  await page.getByRole('textbox', { name: 'What is to be done' }).fill('Grease the hinges');
  await page.getByRole('textbox', { name: 'Every how many days' }).fill('10');
  await page.getByRole('textbox', { name: 'Every how many days' }).blur();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('Your own round, every 10 days.')).toBeVisible();
  await page.getByRole('button', { name: 'Done today: Grease the hinges' }).click();
  await expect(page.getByText(/^Due in 10 days, 6 December 2026\. Last done/)).toBeVisible();
  await page.getByRole('button', { name: /^Undo: / }).click();
  await expect(page.getByText(/^Due today, 26 November 2026|^Due today\./)).toBeVisible();
});

test('the calendar file has what falls due and four weeks of dusk', async ({ page }) => {
  await page.goto('/due');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'All of it' }).click();
  const download = await waiting;
  expect(download.suggestedFilename()).toBe('rookle.ics');
  const events = new ICAL.Component(ICAL.parse(await readFile(await download.path(), 'utf8')))
    .getAllSubcomponents('vevent')
    .map((it) => new ICAL.Event(it));
  const dusks = events.filter(({ uid }) => uid.startsWith('dusk-'));
  expect(dusks).toHaveLength(28);
  expect(events.length).toBeGreaterThan(28);
  for (const { uid, startDate } of events) {
    expect(uid).toMatch(/@samphire-yard\.rookle$/);
    expect(startDate.toString().slice(0, 10) >= today).toBe(true);
  }
});

test('what a walk finds to be seen to is a job: done when said so, over when it is looked at again', async ({
  page,
}) => {
  const answer = async (name: RegExp) => {
    await page.getByRole('radio', { name }).click();
    await page.getByRole('button', { name: /^(Save, then|Next:)/ }).click();
    await expect(page).not.toHaveURL(/branches/);
  };
  const job = page.getByRole('listitem').filter({ hasText: 'ranch' });
  await page.goto('/walk/outside~check.branches');
  await answer(/^yes/i);
  await page.goto('/mends');
  await expect(page.getByRole('heading', { name: 'To be seen to' })).toBeVisible();
  await job.getByRole('button', { name: /^Done today/ }).click();
  await job.getByRole('link', { name: /^Look again/ }).click();
  await answer(/^no/i);
  await page.goto('/mends');
  await expect(headline(page)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'To be seen to' })).toHaveCount(0);
});

test('a storm falls due, its short walk is done, and it is out of the list and the calendar', async ({
  page,
}) => {
  const inCalendar = async () => {
    const waiting = page.waitForEvent('download');
    await page.getByRole('button', { name: 'What falls due' }).click();
    return readFile(await (await waiting).path(), 'utf8');
  };
  const storm = page.getByRole('link', { name: 'Look round after the storm' });
  await page.goto('/due');
  await page.getByRole('button', { name: 'It stormed' }).click();
  await expect(storm).toBeVisible();
  expect(await inCalendar()).toContain('Look round after the storm');
  await storm.click();
  await expect(page.getByRole('radio', { name: /storm/i })).toBeChecked();
  await page.getByRole('button', { name: /^Begin/ }).click();
  await expect(page).toHaveURL(/\/walk\/./);
  await page.goto('/walk/end');
  await page.getByRole('button', { name: 'End this walk' }).click();
  await expect(page.getByText('This walk is ended. All of it is kept.')).toBeVisible();
  await page.goto('/due');
  await expect(headline(page)).toBeVisible();
  await expect(storm).toHaveCount(0);
  expect(await inCalendar()).not.toContain('Look round after the storm');
});
