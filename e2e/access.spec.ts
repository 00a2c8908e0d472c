/** Every screen without axe violations, at both sizes, light and dusk (WCAG 2.2 A and AA, and axe's own good practice). */
import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { headline, openYard } from './steps';

const screens: [name: string, path: string][] = [
  ['yard', '/'],
  ['way in', '/way/n2'],
  ['walk', '/walk'],
  ['a length question', '/walk/n2~ground.gap'],
  ['a mesh question', '/walk/n2-low-1~layer.mesh'],
  ['a latch question', '/walk/gate-bolt~latch.kind'],
  ['mends', '/mends'],
  ['place', '/place'],
  ['figures', '/figures'],
  ['begin', '/begin'],
  ['bay', '/bay/s3'],
  ['bay with a gate', '/bay/w1'],
  ['zone', '/zone/house'],
  ['new zone', '/zone/new'],
  ['flock', '/flock'],
  ['routine', '/routine'],
  ['places', '/places'],
];

for (const [name, path] of screens) {
  test(`${name} has no violations`, async ({ page }) => {
    await openYard(page);
    await page.goto(path);
    await expect(headline(page)).toBeVisible();
    for (const colorScheme of ['light', 'dark'] as const) {
      await page.emulateMedia({ colorScheme });
      const { violations } = await new AxeBuilder({ page })
        .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
        .analyze();
      expect(
        violations.map(
          ({ id, nodes }) =>
            `${colorScheme}, ${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
        ),
      ).toEqual([]);
    }
  });
}

test('a mend, planned and done, has no violations', async ({ page }) => {
  await openYard(page);
  await page.goto('/way/n2');
  await page.getByRole('button', { name: 'Choose: Board along the sill' }).click();
  await page.getByRole('button', { name: 'Mark it done' }).click();
  await expect(page.getByRole('button', { name: 'Measure again' })).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations.map(({ id }) => id)).toEqual([]);
});
