/** Every screen without axe violations, at both sizes, light and dusk (WCAG 2.2 A and AA, and axe's own good practice). */
import { AxeBuilder } from '@axe-core/playwright';
import { expect, onTheDay, test, type Page } from './test';
import { headline, key, onward, openYard } from './steps';

const screens: [name: string, path: string][] = [
  ['yard', '/'],
  ['way in', '/way/n2'],
  ['walk', '/walk'],
  ['a stop of the lap', '/walk/stop/n2'],
  ['a stop with a gate', '/walk/stop/w1'],
  ['a stop that is only looked at', '/walk/stop/distance'],
  ['a stop overhead', '/walk/stop/overhead-run-roof-bay'],
  ['a stop in the house', '/walk/stop/house-hw'],
  ['shut and count', '/walk/stop/shut'],
  ['how it has gone here', '/lived'],
  ['the evening', '/shut'],
  ['the nights', '/nights'],
  ['what falls due', '/due'],
  ['devices', '/devices'],
  ['what happened', '/happened'],
  ['no line yet', '/fence'],
  ['a length question', '/walk/n2~ground.gap'],
  ['a mesh question', '/walk/n2-low-1~layer.mesh'],
  ['a latch question', '/walk/gate-bolt~latch.kind'],
  ['a check from a distance', '/walk/outside~check.cover'],
  ['a question overhead', '/walk/house~check.eaves'],
  ['a question in the house', '/walk/house~check.lamp'],
  ['heads counted', '/walk/flock~check.heads'],
  ['a fixing', '/walk/n2~bay.fixing'],
  ['the end of a walk', '/walk/end'],
  ['mends', '/mends'],
  ['what grows old', '/mends/due'],
  ['records', '/records'],
  ['report', '/report'],
  ['place', '/place'],
  ['figures', '/figures'],
  ['figures searched', '/figures?find=fox'],
  ['how it is judged', '/how'],
  ['yard by day', '/?scenario=day-run'],
  ['yard in July', '/?day=2026-07-15'],
  ['animal that walks in', '/animal/stoat'],
  ['animal that is kept out', '/animal/red-fox'],
  ['animal not about', '/animal/goshawk'],
  ['item: a bay', '/item/n2'],
  ['item: a latch', '/item/gate-bolt'],
  ['item: a mesh', '/item/n2-low-1'],
  ['what lives here', '/lives'],
  ['how sure', '/sure'],
  ['compare', '/compare'],
  ['begin', '/begin'],
  ['bay', '/bay/s3'],
  ['bay with a gate', '/bay/w1'],
  ['zone', '/zone/house'],
  ['new zone', '/zone/new'],
  ['flock', '/flock'],
  ['routine', '/routine'],
  ['places', '/places'],
];

/** In daylight and at dusk; dusk changes colours and nothing else. */
async function expectNoViolations(page: Page): Promise<void> {
  const all = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
  const checks = {
    light: new AxeBuilder({ page }).withTags(all),
    dark: new AxeBuilder({ page }).withRules(['color-contrast']),
  };
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme });
    const { violations } = await checks[colorScheme].analyze();
    expect(
      violations.map(
        ({ id, nodes }) =>
          `${colorScheme}, ${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
      ),
    ).toEqual([]);
  }
}

/** Nothing is said on these: one yard is opened once for all of them. */
const looking = test.extend<object, { readonly looked: Page }>({
  looked: [
    async ({ browser }, use, { project }) => {
      const { viewport = null, hasTouch = false, baseURL = '', contextOptions } = project.use;
      const own = { ...contextOptions, viewport, hasTouch, baseURL };
      const context = await browser.newContext({ ...own, serviceWorkers: 'block' });
      const page = await context.newPage();
      await onTheDay(page);
      await openYard(page);
      await use(page);
      await context.close();
    },
    { scope: 'worker' },
  ],
});

for (const [name, path] of screens) {
  looking(`${name} has no violations`, async ({ looked: page }) => {
    await page.goto(path);
    await expect(headline(page)).toBeVisible();
    await expectNoViolations(page);
  });
}

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
  const check = async () => {
    for (const colorScheme of ['light', 'dark'] as const) {
      await page.emulateMedia({ colorScheme });
      const { violations } = await new AxeBuilder({ page }).analyze();
      expect(violations.map(({ id, nodes }) => [id, nodes.map(({ html }) => html)])).toEqual([]);
    }
  };
  await check();
  for (const name of [/^How it was taken/, 'Note', 'Photo', 'Put this stop off']) {
    await page.getByRole('button', { name, exact: typeof name === 'string' }).click();
    await check();
  }
  await page.goto('/walk');
  await expect(headline(page)).toHaveText('Walk in hand');
  await check();
});

test('a mend, planned and done, has no violations', async ({ page }) => {
  await openYard(page);
  await page.goto('/way/n2');
  await page.getByRole('button', { name: 'Choose: Board along the sill' }).click();
  await page.getByRole('button', { name: 'Mark it done' }).click();
  await expect(page.getByRole('button', { name: 'Measure again' })).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations.map(({ id }) => id)).toEqual([]);
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
