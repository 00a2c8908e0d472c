/** What a first visit loads: every script and font the yard asks for, as it comes over the wire. */
import { chromium } from '@playwright/test';
import { gzipSync } from 'node:zlib';
import { chromiumArguments, chromiumPath } from '../e2e/places';

export interface FirstLoad {
  readonly scriptKb: number;
  readonly scripts: number;
  readonly fontKb: number;
}

export async function firstLoad(address: string): Promise<FirstLoad> {
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments });
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  const scripts: Promise<Buffer>[] = [];
  const fonts: Promise<Buffer>[] = [];
  page.on('response', (response) => {
    const kind = response.request().resourceType();
    if (kind === 'script') scripts.push(response.body());
    if (kind === 'font') fonts.push(response.body());
  });
  await page.goto(`${address}/`, { waitUntil: 'networkidle' });
  const [js, woff] = [await Promise.all(scripts), await Promise.all(fonts)];
  await browser.close();
  const kb = (bytes: number) => Math.round(bytes / 1000);
  return {
    scriptKb: kb(js.reduce((sum, body) => sum + gzipSync(body).length, 0)),
    scripts: js.length,
    // Fonts are compressed in themselves.
    fontKb: kb(woff.reduce((sum, body) => sum + body.length, 0)),
  };
}
