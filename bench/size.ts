/** What a first visit loads: every script and font the yard asks for, as it comes over the wire. */
import { chromium, type Page } from '@playwright/test';
import { gzipSync } from 'node:zlib';
import { chromiumArguments, chromiumPath } from '../e2e/places';

export interface FirstLoad {
  readonly scriptKb: number;
  readonly scripts: number;
  /** Of workers, which are begun when the screen has been drawn. */
  readonly workerKb: number;
  /** Of all other screens, which are fetched while nobody waits. */
  readonly laterKb: number;
  readonly fontKb: number;
}

export async function firstLoad(address: string): Promise<FirstLoad> {
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments });
  // A service worker that is refused has nothing fetched ahead.
  const page = await browser.newPage({
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  });
  // An address that is asked for twice comes over the wire once.
  const [scripts, fonts] = [new Map<string, Buffer>(), new Map<string, Buffer>()];
  const workers = new Set<string>();
  const reading: Promise<unknown>[] = [];
  page.on('worker', (worker) => workers.add(worker.url()));
  page.on('response', (response) => {
    const kind = response.request().resourceType();
    if (kind !== 'script' && kind !== 'font') return;
    const kept = kind === 'script' ? scripts : fonts;
    reading.push(response.body().then((body) => kept.set(response.url(), body)));
  });
  await page.goto(`${address}/`, { waitUntil: 'networkidle' });
  // Workers come a moment after the screen.
  await page.waitForTimeout(5000);
  await Promise.all(reading);
  const later: (readonly [string, Buffer])[] = [];
  for (const url of await allFiles(page)) {
    if (!scripts.has(url)) later.push([url, await (await page.request.get(url)).body()]);
  }
  await browser.close();
  const kb = (bytes: number) => Math.round(bytes / 1000);
  const zipped = (of: readonly (readonly [string, Buffer])[]) =>
    kb(of.reduce((sum, [, body]) => sum + gzipSync(body).length, 0));
  const own = [...scripts].filter(([url]) => !workers.has(url));
  return {
    scriptKb: zipped(own),
    scripts: own.length,
    laterKb: zipped(later),
    workerKb: zipped([...scripts].filter(([url]) => workers.has(url))),
    // Fonts are compressed in themselves.
    fontKb: kb([...fonts.values()].reduce((sum, body) => sum + body.length, 0)),
  };
}

/** As the page itself names them. */
const allFiles = (page: Page): Promise<readonly string[]> =>
  page.evaluate(() => {
    const { filesBefore } = globalThis as unknown as { filesBefore: Record<string, string[]> };
    const all = new Set(Object.entries(filesBefore).flatMap(([file, parts]) => [file, ...parts]));
    return [...all].map((path) => new URL(path, window.location.href).href);
  });
