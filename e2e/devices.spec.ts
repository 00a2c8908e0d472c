/** Devices: stand-ins played by the server, tables from elsewhere, and what is said of them on the yard. */
import { expect, test, today } from './test';
import { go, headline, openYard } from './steps';

test('a week of the door is played: that it jammed is on the yard, and leads to the evening', async ({
  page,
}) => {
  await openYard(page);
  await page.goto('/devices');
  await expect(headline(page)).toHaveText('No devices yet');
  await page.getByRole('button', { name: 'all at once' }).click();
  await page.getByRole('button', { name: 'Play the week of: Light door' }).click();
  await expect(page.getByText(/Light door: the week is over\. \d+ records kept\./)).toBeVisible();
  await expect(headline(page)).toHaveText('1 device');
  await expect(page.getByRole('link', { name: /^Light door jammed\./ })).toBeVisible();
  await page.goto('/');
  await page.getByRole('link', { name: /^Light door jammed\./ }).click();
  await expect(page.getByText('Pop door').first()).toBeVisible();

  // Played again there is nothing new in it.
  await page.goto('/devices');
  await page.getByRole('button', { name: 'all at once' }).click();
  await page.getByRole('button', { name: 'Play the week of: Light door' }).click();
  await expect(page.getByText('Light door: the week is over. 0 records kept.')).toBeVisible();
});

test('a camera’s nights move how often a fox is reckoned with, and so what is said of the ways in', async ({
  page,
}) => {
  await openYard(page);
  const rate = async () => {
    await page.goto('/animal/red-fox');
    return page.getByText(/That is what is reckoned with here/).innerText();
  };
  const before = await rate();
  await page.goto('/devices');
  await page.getByRole('button', { name: 'all at once' }).click();
  await page.getByRole('button', { name: 'Play the week of: Camera at the wall' }).click();
  await expect(page.getByText(/the week is over/)).toBeVisible();
  await expect(page.getByRole('link', { name: /at the wall\./ }).first()).toBeVisible();
  expect(await rate()).not.toBe(before);
});

test('a table from elsewhere is guessed at, shown, taken in, and taken back in one step', async ({
  page,
}) => {
  const yesterday = new Date(Date.parse(`${today}T12:00:00Z`) - 86_400_000);
  const [year, month, day] = yesterday.toISOString().slice(0, 10).split('-');
  const csv = [
    'Date;Time;Event',
    `${day}/${month}/${year};07:20;Opened`,
    `${day}/${month}/${year};17:05;Closed`,
    `${day}/${month}/${year};17:05;Closed`,
    `${day}/13/${year};17:05;Closed`,
    `${day}/${month}/${year};18:00;lunch`,
  ].join('\r\n');
  await openYard(page);
  await page.goto('/devices');
  const waiting = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Choose a file' }).click();
  await (
    await waiting
  ).setFiles({ name: 'door.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(page.getByText('2 readings, 1 said twice, 2 rows refused.')).toBeVisible();
  await expect(page.getByText(/^Row 5: no time that can be read/)).toBeVisible();
  await expect(page.getByText(/^Row 6: nothing that such a device says/)).toBeVisible();
  await expect(page.getByRole('group', { name: 'How dates are written' })).toContainText(
    'day, month, year',
  );
  await page.getByRole('button', { name: 'Take in 2 readings' }).click();
  await expect(page.getByText('Kept as 1 record. Undo takes it back whole.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo: what a device said' }).click();
  await expect(page.getByText('Not heard of yet.')).toBeVisible();

  // What is none of it is refused in a sentence.
  const again = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Choose a file' }).click();
  await (
    await again
  ).setFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{"a":1}') });
  await expect(page.getByRole('alert')).toContainText('not what a device says');
  await go(page, 'Yard');
  await expect(headline(page)).toBeVisible();
});
