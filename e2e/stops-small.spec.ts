/** Stops on small phones. */
import { expect, test } from './test';
import { openYard } from './steps';

test.beforeEach(async ({ page }) => {
  await openYard(page);
});

const small = [
  [390, 664],
  [360, 640],
  [320, 568],
  [844, 390],
] as const;

for (const [width, height] of small) {
  test(`${width}×${height}: figure, meaning, keys and Save are in sight, and nothing lies outside`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    await page.goto('/walk/stop/n2?read=n2~ground.gap');
    const save = page.getByRole('button', { name: /^(Save|Next)/ }).first();
    await expect(save).toBeInViewport({ ratio: 0.99 });
    await page.getByRole('button', { name: '3', exact: true }).tap();
    await page.getByRole('button', { name: '4', exact: true }).tap();
    await expect(page.getByRole('textbox')).toHaveValue('34');
    if (height > 600) {
      await expect(page.getByRole('textbox')).toBeInViewport({ ratio: 0.99 });
      await expect(page.getByText(/ pass$/).first()).toBeInViewport({ ratio: 0.99 });
      for (const digit of ['1', '5', '9', '0']) {
        await expect(page.getByRole('button', { name: digit, exact: true })).toBeInViewport({
          ratio: 0.99,
        });
      }
    }
    for (const path of ['/walk/stop/n2', '/walk/stop/n2?read=n2~ground.gap', '/walk/stop/w1']) {
      await page.goto(path);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      const over = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect(over).toBeLessThanOrEqual(0);
    }
  });
}
