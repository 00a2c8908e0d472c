/** Ten years of evenings in the browser: from the tap on their link to the page painted, and the whole place opened anew. */
import { chromium } from '@playwright/test';
import { samphireYard } from '../demo/samphire-yard';
import { chromiumArguments, chromiumPath } from '../e2e/places';
import { writePlaceFile } from '../src/core/formats/place-file';
import { everyEvening } from './ten-years';

/** Middles of five, ms. */
export interface NightsPageCost {
  readonly tapMs: number;
  /** The same without any evening. */
  readonly emptyTapMs: number;
  /** From the address to the yard's first sentence. */
  readonly openMs: number;
  /** The same without any evening. */
  readonly emptyOpenMs: number;
}

const turns = 5;

export async function nightsPageCost(address: string): Promise<NightsPageCost> {
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments });
  const measured = async (years: boolean): Promise<{ tapMs: number; openMs: number }> => {
    const context = await browser.newContext({
      viewport: { width: 390, height: 844 },
      serviceWorkers: 'block',
    });
    const page = await context.newPage();
    // What runs this file names functions by it, in the page as well.
    await page.addInitScript('globalThis.__name = (it) => it');
    await page.addInitScript(() => {
      const seen = window as unknown as Seen;
      const look = () => {
        if (document.querySelector('h1, [role=heading][aria-level="1"]'))
          seen.headingAt = performance.now();
        else requestAnimationFrame(look);
      };
      look();
    });
    await page.goto(`${address}/place`);
    const waiting = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Open a file' }).click();
    const sightings = years ? everyEvening() : [];
    const { place } = samphireYard;
    await (
      await waiting
    ).setFiles({
      name: 'place.json',
      mimeType: 'application/json',
      // Of an id of its own: the demo may be here.
      buffer: Buffer.from(
        writePlaceFile({
          ...samphireYard,
          place: { ...place, id: 'ten-years', name: 'Ten Years' },
          walks: samphireYard.walks.map((it) => ({ ...it, placeId: 'ten-years' })),
          mends: [],
          sightings: sightings.map((it) => ({ ...it, placeId: 'ten-years' })),
        }),
      ),
    });
    await page.getByText('Ten Years').first().waitFor();
    await page.waitForTimeout(2000);
    const taps: number[] = [];
    const opens: number[] = [];
    for (let turn = 0; turn < turns; turn += 1) {
      await page.goto(address);
      const link = page.getByRole('link', { name: 'Nights', exact: true });
      await link.waitFor();
      opens.push(await page.evaluate(() => (window as unknown as Seen).headingAt));
      // The files of other screens come while nobody waits (decision 20).
      await page.waitForTimeout(11_000);
      taps.push(await link.evaluate(untilTitled));
    }
    await context.close();
    return { tapMs: middle(taps), openMs: middle(opens) };
  };
  const [years, empty] = [await measured(true), await measured(false)];
  await browser.close();
  return {
    tapMs: years.tapMs,
    emptyTapMs: empty.tapMs,
    openMs: years.openMs,
    emptyOpenMs: empty.openMs,
  };
}

interface Seen {
  headingAt: number;
}

/** In the page: taps, and waits for the frame after the other page's title is there. */
function untilTitled(link: Element): Promise<number> {
  return new Promise((resolve, reject) => {
    const before = document.querySelector('h1, [role=heading][aria-level="1"]');
    const from = performance.now();
    setTimeout(() => reject(new Error('the page of nights did not come')), 10_000);
    const look = () => {
      const now = document.querySelector('h1, [role=heading][aria-level="1"]');
      if (now && now !== before && window.location.pathname === '/nights')
        requestAnimationFrame(() => resolve(performance.now() - from));
      else requestAnimationFrame(look);
    };
    (link as HTMLElement).click();
    requestAnimationFrame(look);
  });
}

const middle = (times: readonly number[]): number =>
  Math.round([...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? 0);
