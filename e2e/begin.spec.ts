/** From nothing to a first sentence about one's own place, counted: every shape, both units. */
import { expect, test } from './test';
import { shapeIds } from '../src/core/place/shapes';
import { shapeNames } from '../src/words/shape-words';
import { emptyPort } from './places';
import { headline, nextInBegin, isPhone } from './steps';

test.use({ baseURL: `http://localhost:${emptyPort}` });

/** At most so many taps and keystrokes to the first sentence. */
const most = { taps: 25, keys: 40 } as const;

// Neither unit hangs on the width.
for (const [units, tag] of [
  ['metric', '@wide'],
  ['feet and inches', '@phone'],
] as const) {
  test(
    `every shape is begun in ${units} with few taps and hardly a keystroke`,
    { tag },
    async ({ page }, info) => {
      test.setTimeout(240_000);
      const counts: string[] = [];
      for (const shape of shapeIds) {
        let [taps, keys] = [0, 0];
        const tap = async (name: string | RegExp) => {
          await page
            .getByRole('button', { name, ...(typeof name === 'string' && { exact: true }) })
            .click();
          taps += 1;
        };
        await page.goto('/begin');
        await tap(new RegExp(`^${shapeNames[shape][0]}, `));
        if (units !== 'metric') await tap(units);
        const first = page.locator('input').first();
        await first.fill(units === 'metric' ? '3.1 m' : '11 ft');
        taps += 1;
        keys += 5;
        await expect(page.getByRole('img', { name: /^Plan of / })).toBeVisible();
        await nextInBegin(page);
        await tap('a village');
        await nextInBegin(page);
        if (isPhone(page)) taps += 2;
        await tap('Begin');
        await expect(headline(page)).not.toHaveText('Begin a place');
        await expect(page.getByText(/not walked yet/)).toBeVisible();
        expect(taps).toBeLessThanOrEqual(most.taps);
        expect(keys).toBeLessThanOrEqual(most.keys);
        counts.push(`${shape} ${taps}/${keys}`);
      }
      console.log(`${info.project.name}, ${units}: taps/keys ${counts.join(', ')}`);
    },
  );
}

test('each thing said is taken back; what was typed says the same in other units', async ({
  page,
}) => {
  await page.goto('/begin');
  await page.getByRole('button', { name: /^House and run/ }).click();
  const width = page.getByLabel('Run, along the gate’s side');
  await width.fill('3 m');
  await page.getByRole('button', { name: 'feet and inches', exact: true }).click();
  await expect(width).toHaveValue(/ in$/);
  await page.getByRole('button', { name: 'Take the last back' }).click();
  await expect(width).toHaveValue('3 m');
  await page.getByRole('button', { name: 'Take the last back' }).click();
  await expect(width).not.toHaveValue('3 m');
});
