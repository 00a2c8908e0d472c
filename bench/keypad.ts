/** From a key of the keypad to the figure and its meaning painted, at a stop of a large place on a slow phone: by the browser's own event timing. */
import { chromium } from '@playwright/test';
import { chromiumArguments, chromiumPath } from '../e2e/places';
import { largePlace } from './large-place';
import { emptyBrowser, openPlace } from './opened-place';

/** ms, in steps of 8 as browsers give them. */
export interface KeypadCost {
  readonly middleMs: number;
  readonly worstMs: number;
}

const taps = '12345678901234567890';

export async function keypadCost(address: string): Promise<KeypadCost> {
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments });
  const { page, context } = await emptyBrowser(browser, { width: 390, height: 844 });
  await openPlace(page, address, { place: largePlace(60), walks: [], mends: [], sightings: [] });
  await page.goto(`${address}/walk/stop/north-3?read=${encodeURIComponent('north-3~ground.gap')}`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.waitForTimeout(3000);
  await (await context.newCDPSession(page)).send('Emulation.setCPUThrottlingRate', { rate: 4 });
  await page.evaluate(() => {
    const kept = globalThis as unknown as { taken: number[] };
    kept.taken = [];
    new PerformanceObserver((list) => {
      for (const it of list.getEntries()) if (it.name === 'pointerup') kept.taken.push(it.duration);
    }).observe({ type: 'event', durationThreshold: 16 } as PerformanceObserverInit);
  });
  for (const [at, digit] of [...taps].entries()) {
    // Never more than a wall is high: a figure that is refused means nothing.
    if (at % 2 === 0) await page.getByRole('button', { name: 'clear', exact: true }).click();
    await page.getByRole('button', { name: digit, exact: true }).last().click();
    await page.waitForTimeout(400);
  }
  const taken = await page.evaluate(() => (globalThis as unknown as { taken: number[] }).taken);
  await browser.close();
  taken.sort((a, b) => a - b);
  // What took less than two frames is not told of.
  return { middleMs: taken[Math.floor(taken.length / 2)] ?? 16, worstMs: taken.at(-1) ?? 16 };
}
