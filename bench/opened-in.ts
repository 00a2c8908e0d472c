/** A place file opened in a browser of its own, so that what is measured begins the same. */
import type { Browser, BrowserContext, Page } from '@playwright/test';
import { writePlaceFile, type PlaceFile } from '../src/core/formats/place-file';

/** Marks "yard-changed" on the page's timeline whenever the other tabs are told of a change: the screens hear of it just before. */
export async function openedIn(
  browser: Browser,
  address: string,
  file: Omit<PlaceFile, 'format' | 'version'>,
): Promise<{ readonly context: BrowserContext; readonly page: Page }> {
  // A newer version that is offered has no place in a measurement.
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  // The other tabs are told when the screens are.
  await page.addInitScript(() => {
    const tell = BroadcastChannel.prototype.postMessage;
    BroadcastChannel.prototype.postMessage = function (message: unknown) {
      performance.mark('yard-changed');
      tell.call(this, message);
    };
  });
  await page.goto(`${address}/place`);
  const waiting = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a file' }).click();
  await (
    await waiting
  ).setFiles({
    name: 'place.json',
    mimeType: 'application/json',
    buffer: Buffer.from(writePlaceFile(file)),
  });
  await page.getByText(file.place.name).first().waitFor();
  await page.waitForTimeout(2000);
  return { context, page };
}
