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

/** Text twice as large leaves half the window: of a phone, and of a wide screen. */
const twiceAsLarge = [
  [195, 422],
  [640, 400],
] as const;

for (const [width, height] of twiceAsLarge) {
  test(`${width}×${height}, text at 200 %: words stay whole, and what leads on is in sight`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    for (const path of ['n2', 'w1', 'distance', 'overhead-run-roof-bay', 'house-hw', 'shut']) {
      await page.goto(`/walk/stop/${path}`);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      const buttons = page.getByRole('button');
      await expect(buttons.last()).toBeInViewport({ ratio: 0.99 });
      for (const button of await buttons.all()) {
        if (!(await button.isVisible())) continue;
        // Neither out at a side nor narrower than what stands in it.
        const { left, right, within } = await button.evaluate((it) => {
          const box = it.getBoundingClientRect();
          return { left: box.left, right: box.right, within: it.scrollWidth - it.clientWidth };
        });
        expect(left).toBeGreaterThanOrEqual(0);
        expect(right).toBeLessThanOrEqual(width + 0.5);
        expect(within).toBeLessThanOrEqual(1);
      }
      const names = page.getByRole('listitem').getByRole('button');
      for (const row of await names.all()) {
        await row.scrollIntoViewIfNeeded();
        const box = await row.boundingBox();
        // A word of its name takes a line, not each of its letters.
        if (box) expect(box.height).toBeLessThan(200);
      }
    }
  });
}
