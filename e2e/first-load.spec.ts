/** What a first visit loads, and that what it left out comes with the screen that needs it. */
import { expect, test } from './test';
import { headline, openYard } from './steps';

test('the yard comes without what only later screens share; they come with it', async ({
  page,
}, info) => {
  if (info.project.name !== 'phone') return;
  const asked: string[] = [];
  page.on('request', (request) => asked.push(new URL(request.url()).pathname));
  const came = (part: string) => asked.filter((path) => path.includes(`/__${part}-`)).length;
  await openYard(page);
  expect([came('common'), came('main'), came('rest')]).toEqual([1, 0, 0]);
  await page.getByRole('navigation').getByRole('link', { name: 'Walk' }).click();
  await expect(headline(page)).toHaveText('Walk the lap');
  expect([came('main'), came('rest')]).toEqual([1, 0]);
  await page.getByRole('navigation').getByRole('link', { name: 'Place' }).click();
  await page.getByRole('link', { name: /Every figure/ }).click();
  await expect(headline(page)).toHaveText(/figure/i);
  expect(came('main')).toBe(1);
});

test('a screen opened by its address has what it shares asked for once, and shows', async ({
  page,
}, info) => {
  if (info.project.name !== 'phone') return;
  for (const [path, name] of [
    ['/mends', /mend/i],
    ['/way/n2', /Way in 1/],
    ['/walk/n2~ground.gap', /Gap under the sill/],
  ] as const) {
    const asked: string[] = [];
    const note = (request: { url: () => string }) => asked.push(request.url());
    page.on('request', note);
    await page.goto(path);
    await expect(headline(page)).toHaveText(name);
    page.off('request', note);
    const shared = asked.filter((url) => /\/__(common|main|rest)-/.test(url));
    expect(new Set(shared).size).toBe(shared.length);
  }
});

test('a part that did not come the first time comes the next', async ({ page }, info) => {
  if (info.project.name !== 'phone') return;
  await openYard(page);
  let refused = 0;
  await page.route(/\/__main-/, (route) => {
    refused += 1;
    return refused > 1 ? route.continue() : route.abort();
  });
  const walk = page.getByRole('navigation').getByRole('link', { name: 'Walk' });
  await walk.click();
  // The page loads itself anew, once; loading it here as well would cut that short.
  await expect.poll(() => refused).toBeGreaterThan(0);
  await expect(headline(page)).toHaveText('Walk the lap');
});

test('screens not yet seen are loaded while nobody waits, and shown without being asked for', async ({
  page,
}, info) => {
  if (info.project.name !== 'phone') return;
  // A phone that comes by plain http has no service worker.
  await page.addInitScript(
    () => delete (Navigator.prototype as { serviceWorker?: unknown }).serviceWorker,
  );
  await openYard(page);
  const missing = () =>
    page.evaluate(() => {
      const { filesBefore } = globalThis as unknown as { filesBefore: Record<string, string[]> };
      const came = new Set(
        performance.getEntriesByType('resource').map(({ name }) => new URL(name).pathname),
      );
      return Object.entries(filesBefore)
        .flatMap(([file, parts]) => [file, ...parts])
        .filter((file) => !came.has(encodeURI(file)) && !came.has(file)).length;
    });
  expect(await missing()).toBeGreaterThan(20);
  await expect.poll(missing, { timeout: 15_000 }).toBe(0);
  await page.route(/\.js$/, (route) => route.abort());
  for (const [name, says] of [
    ['Walk', 'Walk the lap'],
    ['Mends', /mend/i],
    ['Place', 'Samphire Yard'],
  ] as const) {
    await page.getByRole('navigation').getByRole('link', { name }).click();
    await expect(headline(page)).toHaveText(says);
  }
});
