/** A place opened in a browser that holds nothing else, for a measurement. */
import type { Browser, Page } from '@playwright/test';
import { writePlaceFile, type PlaceFile } from '../src/core/formats/place-file';

export type File = Omit<PlaceFile, 'format' | 'version'>;

export async function emptyBrowser(
  browser: Browser,
  viewport = { width: 1280, height: 800 },
): Promise<{ context: Awaited<ReturnType<Browser['newContext']>>; page: Page }> {
  // A newer version that is offered has no place in a measurement.
  const context = await browser.newContext({ viewport, serviceWorkers: 'block' });
  return { context, page: await context.newPage() };
}

export async function openPlace(page: Page, address: string, file: File): Promise<void> {
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
}
