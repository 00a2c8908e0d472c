/** What opens within a screen without axe violations, light and dusk. */
import { expectNoViolations } from './axe';
import { headline, key, onward, openYard } from './steps';
import { expect, test } from './test';

test('the plan, with a mend opened and one of one’s own begun', async ({ page }) => {
  await openYard(page);
  await page.goto('/mends/plan');
  await expect(headline(page)).toHaveText(/^4 mends/);
  await expect(page.getByRole('heading', { name: 'What more money brings' })).toBeVisible();
  await page.getByRole('button', { name: /^Board along the sill/ }).click();
  await page.getByRole('button', { name: 'Add a mend of your own' }).click();
  await page.getByRole('button', { name: /^Altogether, at night/ }).click();
  await expect(page.getByText('Looked at for harm')).toBeVisible();
  await expectNoViolations(page);
});

test('a walk in hand, a way in said at once, and all that can be said of a reading', async ({
  page,
}) => {
  await openYard(page);
  await page.goto('/walk/s1~ground.gap');
  await key(page, '40');
  await onward(page);
  await expect(page.getByRole('alert')).toBeVisible();
  await expectNoViolations(page);
  for (const name of [/^How it was taken/, 'Note', 'Photo', 'Put this stop off']) {
    await page.getByRole('button', { name, exact: typeof name === 'string' }).click();
    await expectNoViolations(page);
  }
  await page.goto('/walk');
  await expect(headline(page)).toHaveText('Walk in hand');
  await expectNoViolations(page);
});

test('a mend, planned and done, has no violations', async ({ page }) => {
  await openYard(page);
  await page.goto('/way/n2');
  await page.getByRole('button', { name: 'Choose: Board along the sill' }).click();
  await page.getByRole('button', { name: 'Mark it done' }).click();
  await expect(page.getByRole('button', { name: 'Measure again' })).toBeVisible();
  await expectNoViolations(page);
});

test('shopping, cutting, prices and mends along the lap have no violations', async ({ page }) => {
  await openYard(page);
  await page.goto('/mends/plan');
  await expect(headline(page)).toHaveText(/^4 mends/);
  await page.getByRole('button', { name: 'Put 4 mends on my list' }).click();
  await expect(headline(page)).toHaveText('4 mends in hand');
  await page.getByRole('button', { name: 'Show only some' }).click();
  await expectNoViolations(page);
  await page.goto('/mends/shopping');
  await expect(headline(page)).toHaveText(/to buy$/);
  await page.getByRole('checkbox').first().click();
  await expectNoViolations(page);
  await page.goto('/mends/cutting');
  await expect(headline(page)).toHaveText('1 piece to cut');
  await expectNoViolations(page);
  await page.goto('/mends/prices');
  await page.getByRole('button', { name: /^Board, \d on sale/ }).click();
  await page.getByRole('button', { name: 'Board, 2.4 m: change' }).click();
  await page.getByRole('button', { name: 'Add another size' }).click();
  await expectNoViolations(page);
});

test('an evening with its lines open, nights with a spell away, a loss being asked about', async ({
  page,
}) => {
  await openYard(page);
  await page.goto('/shut');
  for (const name of ['Not so: Pop door', 'Not so: 12 bantams', 'Not so: Who shut up']) {
    await page.getByRole('button', { name }).click();
  }
  await expectNoViolations(page);
  await page.goto('/nights');
  await page.getByRole('button', { name: 'Add nights away' }).click();
  await page.getByRole('button', { name: 'Young birds' }).click();
  await expect(page.getByText(/^Young birds: looked for/)).toBeVisible();
  await expectNoViolations(page);
  await page.goto('/happened');
  await page.getByRole('button', { name: 'Found dead: one more' }).click();
  await page.getByRole('button', { name: /^Write down/ }).click();
  await expect(page.getByText('Question 1')).toBeVisible();
  await expectNoViolations(page);
  await page.goto('/figures?find=loss');
  await page.getByRole('button', { name: /What do the dead or hurt look like/ }).click();
  await expectNoViolations(page);
});

test('a line with a bay open and a what-if, how it is made, a search under way', async ({
  page,
}) => {
  await page.goto('/places');
  await page.getByRole('button', { name: 'Look at Tamarack Bank' }).click();
  await expect(page.getByText(/^Tamarack Bank · 20 birds/)).toBeVisible();
  await page.goto('/fence');
  await page.getByRole('button', { name: 'Frozen', exact: true }).click();
  await page
    .getByRole('button', { name: /^Orchard 1: / })
    .last()
    .click();
  await expect(page.getByRole('textbox', { name: /^Volts read at orchard 1/ })).toBeVisible();
  await expectNoViolations(page);
  await page.goto('/fence/describe');
  await expect(headline(page)).toBeVisible();
  await expectNoViolations(page);
  await page.goto('/fence/search');
  await page.getByRole('button', { name: 'Practise without a fence' }).click();
  await page.getByRole('button', { name: 'Make the test' }).click();
  await expectNoViolations(page);
});
