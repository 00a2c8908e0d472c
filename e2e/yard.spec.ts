/** The drawings: touched in one, marked in the other; what the keeper says of the surroundings moves the judgement. */
import { expect, test } from './test';
import { go, headline, openYard } from './steps';

test.beforeEach(({ page }) => openYard(page));

test('a bay touched in the plan is marked in the lap, and said', async ({ page }) => {
  await page.getByRole('button', { name: 'north 2: open or minutes' }).click();
  await expect(page.getByRole('button', { name: /^Lap, north 2 / })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(page.getByRole('heading', { name: 'North 2: open or minutes' })).toBeVisible();
  await page.getByRole('button', { name: /^Lap, elbow 3 / }).click();
  await expect(page.getByRole('button', { name: 'elbow 3: hours of work' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByRole('button', { name: 'Walk elbow 3' }).click();
  // The first thing nobody has read there.
  await expect(headline(page)).toHaveText('Pull test');
});

test('what lives here can be told, and the judgement follows', async ({ page }) => {
  await page.goto('/lives');
  for (const name of ['Stoat', 'Rat']) {
    const animal = page.getByRole('button', { name, exact: true });
    await animal.click();
    await expect(animal).toHaveAttribute('aria-pressed', 'false');
  }
  await page.goto('/');
  await expect(headline(page)).toHaveText('1 way in tonight');
  await expect(page.getByText(/^Mink can get to the birds/)).toBeVisible();
});

test('how often a fox comes is told in words, and the hold follows', async ({ page }) => {
  await page.goto('/lives');
  await page.getByRole('button', { name: 'Fox: about weekly, as reckoned. Change' }).click();
  await expect(
    page.getByRole('button', { name: 'Fox: passes by, as you say. Change' }),
  ).toBeVisible();
  await page.goto('/');
  // Of weights 0.02734 the fox's 0.01714 shrink to a sixtieth of 0.012 × five birds: 100 × (1 − 0.00814 / 0.0112).
  await expect(page.getByText(/^Hold 27 of 100/)).toBeVisible();
});

test('what lies near is told, and those it draws come less often', async ({ page }) => {
  await page.goto('/lives');
  const water = page.getByRole('button', { name: 'water', exact: true });
  await expect(water).toHaveAttribute('aria-pressed', 'true');
  await water.click();
  await expect(water).toHaveAttribute('aria-pressed', 'false');
  await page.goto('/');
  // Mink weigh half as much, rats too: 100 × (1 − (0.002 + 0.002 + 0.00107) / 0.02427).
  await expect(page.getByText(/^Hold 79 of 100/)).toBeVisible();
});

test('back comes back to where one was on the page; a page opened anew begins at its head', async ({
  page,
}) => {
  await openYard(page);
  const link = page.getByRole('link', { name: /^Cat:/ });
  await link.scrollIntoViewIfNeeded();
  await page.evaluate(() => document.fonts.ready);
  const before = (await link.boundingBox())?.y ?? NaN;
  await link.click();
  await expect(headline(page)).not.toHaveText('2 ways in tonight');
  expect((await headline(page).boundingBox())?.y).toBeGreaterThan(0);
  await page.goBack();
  await expect(headline(page)).toHaveText('2 ways in tonight');
  await expect.poll(async () => (await link.boundingBox())?.y).toBeCloseTo(before, 0);
  // The page's own way back is the same one: no entry more.
  await link.click();
  await expect(headline(page)).not.toHaveText('2 ways in tonight');
  const entries = await page.evaluate(() => window.history.length);
  const wayUp = page.getByRole('link', { name: /^‹/ }).first();
  const another = page.context().waitForEvent('page');
  await wayUp.click({ modifiers: ['Control'] });
  await (await another).close();
  await expect(headline(page)).not.toHaveText('2 ways in tonight');
  // On a slow machine the screen is drawn before the browser is back at its entry.
  await page.evaluate(() => {
    const { go } = window.history;
    window.history.go = (by) => setTimeout(() => go.call(window.history, by), 60);
  });
  await wayUp.click();
  await expect(headline(page)).toHaveText('2 ways in tonight');
  await expect.poll(async () => (await link.boundingBox())?.y).toBeCloseTo(before, 0);
  expect(await page.evaluate(() => window.history.length)).toBe(entries);
  // Opened anew by the bar, it begins at its head.
  await go(page, 'Place');
  await go(page, 'Yard');
  await expect(headline(page)).toBeInViewport();
});

test('back is the browser’s own', async ({ page }) => {
  await page.getByRole('link', { name: /^Way in 1/ }).click();
  await expect(headline(page)).toHaveText('Way in 1');
  await page.goBack();
  await expect(headline(page)).toHaveText('2 ways in tonight');
});
