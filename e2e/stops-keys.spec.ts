/** Stops by keyboard, at a desk. */
import { expect, test } from './test';
import { openYard } from './steps';

test.beforeEach(async ({ page }) => {
  await openYard(page);
});

test('a stop by keyboard: arrows mark a row, digits go into it, Space says it is so, a letter opens a row', async ({
  page,
}) => {
  await page.goto('/walk/stop/n2');
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toHaveText('What has changed here?');
  // The gap that the way in goes by is marked; both digits arrive however fast.
  await page.keyboard.type('12');
  await expect(page.getByRole('textbox')).toHaveValue('12');
  await page.keyboard.type('0');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Gap under the sill: 120 mm/ })).toBeVisible();
  await expect(heading).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press(' ');
  await expect(
    page
      .getByRole('listitem')
      .filter({ hasText: 'Condition' })
      .getByRole('button', { name: /looked at/ }),
  ).toHaveCount(0);
  await page.keyboard.press('d');
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('What has changed here?');
  await page.keyboard.press('Escape');
});

test('a list by keyboard: the arrows move, Space chooses; Enter on a button presses that button', async ({
  page,
}) => {
  await page.goto('/walk/n2~ground.soil');
  const radios = page.getByRole('radio');
  await radios.first().focus();
  await page.keyboard.press('ArrowDown');
  await expect(radios.nth(1)).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  // Round the list, and never chosen by moving.
  await expect(radios.last()).toBeFocused();
  await expect(radios.last()).not.toBeChecked();
  await page.keyboard.press(' ');
  await expect(radios.last()).toBeChecked();
  await page.goto('/walk/stop/w2');
  await page.getByRole('button', { name: 'Back' }).focus();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/walk\/stop\/w1/);
});
