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
  await expect.poll(() => refused).toBe(1);
  await page.reload();
  await expect(headline(page)).toHaveText('Walk the lap');
});
