/** One place on two phones: joined both ways, what was changed on both chosen, and taken back in one step. */
import type { Browser, Page } from '@playwright/test';
import { expect, test } from './test';
import { exportPlace, go, headline, openFile, openYard, unfold } from './steps';

/** A second phone: nothing of the first is on it. */
async function secondPhone(browser: Browser, like: Page): Promise<Page> {
  const viewport = like.viewportSize() ?? { width: 390, height: 844 };
  const context = await browser.newContext({ viewport });
  const page = await context.newPage();
  return page;
}

async function called(page: Page, name: string): Promise<void> {
  await go(page, 'Place');
  await unfold(page, 'Who keeps it');
  const field = page.getByLabel('What you are called, on this phone');
  await field.fill(name);
  await field.blur();
  await expect(page.getByRole('button', { name: /Undo: whose phone this is/ })).toBeVisible();
}

async function rename(page: Page, name: string): Promise<void> {
  await go(page, 'Place');
  await unfold(page, 'Name and units');
  const field = page.getByLabel('Name of the place');
  await field.fill(name);
  await field.blur();
  await expect(headline(page)).toHaveText(name);
}

async function setBirds(page: Page, birds: string): Promise<void> {
  await go(page, 'Place');
  await page.getByRole('link', { name: 'Change the flock' }).click();
  const field = page.getByLabel(/^How many/).first();
  await field.fill(birds);
  await field.blur();
  await expect(page.getByRole('button', { name: 'Undo: how many' })).toBeVisible();
  await page.goto('/place');
}

test('two keepers’ phones are joined both ways, and nothing is lost', async ({ page, browser }) => {
  const other = await secondPhone(browser, page);
  await openYard(page);
  await openYard(other);
  await called(page, 'Ash');
  await called(other, 'Birch');

  // Each changes something else, and both the name.
  await setBirds(page, '10');
  await rename(page, 'Ash’s yard');
  await rename(other, 'Birch’s yard');
  const fromAsh = await exportPlace(page);

  await openFile(other, 'ash.json', fromAsh);
  const offer = other.getByRole('group', { name: 'It is here already' });
  await expect(offer).toContainText('Joined, it changes the birds.');
  const join = offer.getByRole('button', { name: 'Join them' });
  await expect(join).toBeDisabled();
  await offer.getByRole('button', { name: 'as it is in the file' }).click();
  await join.click();
  await expect(other.getByRole('alert').last()).toContainText('Joined.');
  await expect(headline(other)).toHaveText('Ash’s yard');
  await expect(other.getByText('Also kept by Ash.')).toBeVisible();

  // Taken back whole, and joined again.
  await other.getByRole('button', { name: 'Undo: joining the file' }).click();
  await expect(headline(other)).toHaveText('Birch’s yard');
  await openFile(other, 'ash.json', fromAsh);
  await offer.getByRole('button', { name: 'as it is in the file' }).click();
  await join.click();
  await expect(headline(other)).toHaveText('Ash’s yard');

  // The other way round nothing is asked, and both say the same.
  const fromBirch = await exportPlace(other);
  await openFile(page, 'birch.json', fromBirch);
  await page.getByRole('button', { name: 'Join them' }).click();
  await unfold(page, 'Who keeps it');
  await expect(page.getByText('Also kept by Birch.')).toBeVisible();
  await page.reload();
  const ashAfter = JSON.parse(await exportPlace(page));
  expect(JSON.parse(fromBirch)).toEqual(ashAfter);

  // Once more: there is nothing new in it.
  await openFile(page, 'birch.json', fromBirch);
  await expect(page.getByText(/^Ash’s yard · 10/)).toBeVisible();
  await other.context().close();
});
