/** Pages by ear: where one comes to, and what the tab is called. */
import { expect, test } from './test';
import { openYard } from './steps';

test.beforeEach(async ({ page }) => {
  await openYard(page);
});

test('one comes to a page’s heading, the tab is named for it, and a link leads past the rail', async ({
  page,
}, info) => {
  await expect(page).toHaveTitle(/^Yard: .+ · Rookle$/);
  await page.getByRole('link', { name: 'Mends', exact: true }).click();
  await expect(page).toHaveTitle(/^Mends: .+ · Rookle$/);
  await page.goto('/walk/stop/n2');
  await page.getByRole('button', { name: /, then north 3$/i }).click();
  await expect(page).toHaveURL(/stop\/n3/);
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
  if (info.project.name !== 'wide') return;
  await page.goto('/mends');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: 'To the page' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
});
