/** Every screen as it opens without axe violations, at both sizes, light and dusk. */
import { expect, onTheDay, test, type Page } from './test';
import { expectNoViolations } from './axe';
import { headline, openYard } from './steps';

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

/** On one load: it is drawn anew where the window becomes another. */
const sizes = [
  { width: 390, height: 844 },
  { width: 1280, height: 800 },
];

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
    for (const viewport of sizes) {
      await page.setViewportSize(viewport);
      await expect(headline(page)).toBeVisible();
      await expectNoViolations(page);
    }
  });
}
