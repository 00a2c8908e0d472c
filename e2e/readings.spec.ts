/** Readings as people type them, good and bad; nothing is lost by either. */
import { expect, test, type Page } from './test';
import { headline, key, onward, openYard, tryOnward } from './steps';

const reading = (page: Page) => page.getByRole('textbox');

test.beforeEach(async ({ page }) => {
  await openYard(page);
  await page.goto('/walk/n2~ground.gap');
  await expect(headline(page)).toHaveText('Gap under the sill');
});

test('inches with fractions', async ({ page }) => {
  await page.getByRole('button', { name: 'to inches' }).click();
  await page.getByRole('button', { name: '1', exact: true }).click();
  await page.getByRole('button', { name: '3/8 inch' }).click();
  await expect(reading(page)).toHaveValue('1 3/8');
  await expect(page.getByText('Last: 34 mm, now worse')).toBeVisible();
  await onward(page);
  await expect(headline(page)).toHaveText('Lift the bottom edge');
  await page.getByRole('button', { name: 'Back' }).click();
  // Kept as entered.
  await expect(reading(page)).toHaveValue('1 3/8');
  await expect(page.getByText('inches', { exact: true })).toBeVisible();
});

test('a usual size is one tap; what was read last is one tap, and saved', async ({ page }) => {
  await page.getByRole('button', { name: '12', exact: true }).click();
  await expect(page.getByText(/in doubt: over the stricter figure/)).toBeVisible();
  await page.getByRole('button', { name: 'clear', exact: true }).click();
  await page.getByRole('button', { name: 'Still as last time: 34 mm' }).click();
  await expect(headline(page)).toHaveText('Lift the bottom edge');
  await expect(page.getByText('Saved: gap under the sill, 34 mm')).toBeVisible();
});

for (const [typed, sentence] of [
  ['5 m', /5\.0 m is more than this can be/],
  ['-3', /cannot be less than nothing/],
  ['wide', /“wide” is not a length/],
  ['20 to wide', /“wide” is not a length/],
] as const) {
  test(`“${typed}” is refused in a sentence and changes nothing`, async ({ page }) => {
    await reading(page).fill(typed);
    await tryOnward(page);
    await expect(page.getByRole('alert')).toHaveText(sentence);
    await expect(headline(page)).toHaveText('Gap under the sill');
    await expect(reading(page)).toHaveValue(typed);
    await page.goto('/');
    await expect(headline(page)).toHaveText('2 ways in tonight');
    await page.goto('/walk');
    await expect(headline(page)).toHaveText('Walk the lap');
  });
}

test('“can’t tell” is an answer, and leaves what was known', async ({ page }) => {
  await page.getByRole('button', { name: 'can’t tell' }).click();
  await expect(headline(page)).toHaveText('Lift the bottom edge');
  await page.goto('/walk');
  await expect(page.getByText(/1 of \d+ readings taken/)).toBeVisible();
  await page.goto('/');
  await expect(headline(page)).toHaveText('2 ways in tonight');
});

test('a keyboard does it too: digits into the reading, Enter goes on', async ({ page }) => {
  await reading(page).focus();
  await page.keyboard.type('34');
  await page.keyboard.press('Enter');
  await expect(headline(page)).toHaveText('Lift the bottom edge');
});

test('mesh and latch are chosen, and say what they mean', async ({ page }) => {
  await page.goto('/walk/n2-high-1~layer.mesh');
  await page.getByRole('radio', { name: /25 mm hex netting/ }).click();
  await expect(page.getByText('Stoats and rats pass')).toBeVisible();
  await onward(page);
  await page.goto('/walk/nest-hook~latch.kind');
  await page.getByRole('radio', { name: /two-motion latch/ }).click();
  await onward(page);
  await page.goto('/');
  // 25 mm netting lets stoats and rats into the run, and from there to the pop door.
  await expect(page.getByRole('link', { name: /Way in 1/ })).toBeVisible();
});

test('a second tab sees what the first one reads', async ({ page, context }) => {
  const second = await context.newPage();
  await second.goto('/');
  await expect(headline(second)).toHaveText('2 ways in tonight');
  await page.goto('/walk/s4~ground.gap');
  await key(page, '30');
  await onward(page);
  await expect(headline(second)).toHaveText('3 ways in tonight');
});

test('two tabs reading at once lose neither’s reading', async ({ page, context }) => {
  const second = await context.newPage();
  await page.goto('/walk/w2~ground.gap');
  await second.goto('/walk/w3~ground.gap');
  await key(page, '7');
  await key(second, '8');
  await Promise.all([onward(page), onward(second)]);
  await expect(headline(page)).toHaveText('Lift the bottom edge');
  await expect(headline(second)).toHaveText('Lift the bottom edge');
  await page.goto('/walk');
  await expect(page.getByText(/2 of \d+ readings taken/)).toBeVisible();
});
