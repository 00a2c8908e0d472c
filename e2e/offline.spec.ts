/** Without a network: a cold reload opens, deep links too, and a reading is kept. A newer version is offered, and waits. */
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { listen } from '../server/listen';
import { expect, test } from './test';
import { headline, key, onward, openYard } from './steps';

test.use({ serviceWorkers: 'allow' });

test('opens and walks with no network, deep links too', async ({ page, context }, info) => {
  if (info.project.name !== 'phone') return;
  await openYard(page);
  // Everything is kept once the service worker is there.
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
  await context.setOffline(true);
  await page.reload();
  await expect(headline(page)).toHaveText('2 ways in tonight');
  // A screen whose script was never asked for while there was a network, by its address.
  await page.goto('/walk/w2~ground.gap');
  await expect(headline(page)).toHaveText('Gap under the sill');
  await key(page, '7');
  await onward(page);
  await expect(page.getByText('Saved: gap under the sill, 7 mm')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Saved: gap under the sill, 7 mm')).toBeVisible();
  // A stop a screen: affirmed, and there after a reload.
  await page.goto('/walk/stop/w3');
  await page.getByRole('button', { name: /, then north 1$/ }).click();
  await expect(page).toHaveURL(/stop\/n1/);
  await page.goto('/walk/stop/w3');
  await expect(headline(page)).toHaveText('All read here');
  // The evening.
  await page.goto('/shut');
  await page.getByRole('button', { name: /^All shut, all home$/ }).click();
  await expect(headline(page)).toHaveText('All shut');
  await page.reload();
  await expect(headline(page)).toHaveText('All shut');
  for (const [path, name] of [
    ['/animal/stoat', /Stoat/],
    ['/sure', /./],
    ['/figures', /./],
    ['/walk/end', /2 ways in found/],
  ] as const) {
    await page.goto(path);
    await expect(headline(page)).toHaveText(name);
  }
  // The worker's script is there as well: it answers.
  await page.goto('/sure');
  await expect(headline(page)).not.toHaveText('How sure?', { timeout: 60_000 });
});

test('installable: manifest, icons, a page that is served without a network', async ({
  page,
  request,
}, info) => {
  if (info.project.name !== 'phone') return;
  await page.goto('/');
  const link = await page.locator('link[rel=manifest]').getAttribute('href');
  const answer = await request.get(link ?? '');
  expect(answer.headers()['content-type']).toContain('application/manifest+json');
  const manifest = (await answer.json()) as { icons: { src: string; sizes: string }[] };
  for (const { src } of manifest.icons) expect((await request.get(src)).status()).toBe(200);
  expect(manifest.icons.map(({ sizes }) => sizes)).toEqual(
    expect.arrayContaining(['192x192', '512x512']),
  );
});

test('a newer version is offered, waits while a question is asked, and is used when it is asked for', async ({
  page,
}, info) => {
  if (info.project.name !== 'phone') return;
  const dist = mkdtempSync(join(tmpdir(), 'rookle-newer-'));
  cpSync('dist', dist, { recursive: true });
  const server = await listen({ dist, demos: [resolve('demo/samphire-yard.json')] });
  try {
    await page.goto(server.address);
    await expect(headline(page)).toHaveText('2 ways in tonight');
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
    const offer = page.getByText('A new version of Rookle is ready.');
    await expect(offer).toBeHidden();
    // A newer one is put on the server; the page looks for it again, as it does when it is opened.
    const worker = join(dist, 'sw.js');
    writeFileSync(worker, `${readFileSync(worker, 'utf8')}\n// newer`);
    await page.goto(`${server.address}/walk/w2~ground.gap`);
    await key(page, '7');
    await page.waitForFunction(
      async () => (await navigator.serviceWorker.getRegistration())?.waiting !== null,
      undefined,
      { timeout: 30_000 },
    );
    await expect(offer).toBeHidden();
    await onward(page);
    await page.getByRole('button', { name: 'Leave the walk; it waits' }).click();
    await expect(offer).toBeVisible();
    await page.getByRole('button', { name: 'Use it now' }).click();
    await expect(headline(page)).toHaveText('Walk in hand');
    await expect(offer).toBeHidden();
    await expect(page.getByText(/1 of \d+ readings taken/)).toBeVisible();
  } finally {
    server.close();
    rmSync(dist, { recursive: true, force: true });
  }
});
