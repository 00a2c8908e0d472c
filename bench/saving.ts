/** What it takes to save a reading: from the touch on the button until it is stored and the screens hear of it, with a long history and with none. */
import { chromium, type Browser } from '@playwright/test';
import { samphireYard } from '../demo/samphire-yard';
import { chromiumArguments, chromiumPath } from '../e2e/places';
import type { PlaceFile } from '../src/core/formats/place-file';
import { openedIn } from './opened-in';
import { manyMends, weeklyWalks } from './ten-years';

export interface SavingCost {
  /** Middles of several, ms. */
  readonly emptyMs: number;
  readonly tenYearsMs: number;
}

export async function savingCost(address: string): Promise<SavingCost> {
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments });
  const { place } = samphireYard;
  const empty = { place, walks: [], mends: [], sightings: [] };
  const costs = {
    emptyMs: await measured(browser, address, empty),
    tenYearsMs: await measured(browser, address, {
      ...empty,
      walks: weeklyWalks(),
      mends: manyMends(),
    }),
  };
  await browser.close();
  return costs;
}

const saves = 9;

async function measured(
  browser: Browser,
  address: string,
  file: Omit<PlaceFile, 'format' | 'version'>,
): Promise<number> {
  const { context, page } = await openedIn(browser, address, file);
  const times: number[] = [];
  for (let turn = 0; turn < saves; turn += 1) {
    await page.goto(`${address}/walk/n2~ground.gap`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await page.waitForTimeout(1500);
    for (const digit of String(10 + turn)) {
      await page.getByRole('button', { name: digit, exact: true }).last().click();
    }
    const took = page.evaluate(
      () =>
        new Promise<number>((resolve) => {
          performance.clearMarks('yard-changed');
          document.addEventListener(
            'click',
            () => {
              const pressed = performance.now();
              const wait = () => {
                const [mark] = performance.getEntriesByName('yard-changed');
                if (mark) resolve(mark.startTime - pressed);
                else setTimeout(wait, 1);
              };
              wait();
            },
            { capture: true, once: true },
          );
        }),
    );
    await page.getByRole('button', { name: /^Save, then/ }).click();
    times.push(await took);
  }
  await context.close();
  return Math.round(times.sort((a, b) => a - b)[Math.floor(saves / 2)] ?? 0);
}
