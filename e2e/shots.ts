/** Takes the pictures of docs/screenshots/, or the one that is named, on the exported build with the demo place. */
import { chromium, type Page } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { listen } from '../server/listen';
import { daysLater } from '../src/core/schema/day';
import { chromiumArguments, chromiumPath } from './places';

const root = resolve(__dirname, '..');
const folder = join(root, 'docs', 'screenshots');
const phone = { width: 390, height: 844 };
const wide = { width: 1280, height: 800 };

interface Shot {
  readonly name: string;
  readonly path: string;
  readonly size: typeof phone;
  readonly dusk?: true;
  /** The demo place has these entries in its log. */
  readonly log?: readonly object[];
  /** The page’s own time; absent: now. */
  readonly at?: string;
  readonly before?: (page: Page) => Promise<void>;
}

async function doneMend(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Choose: Board along the sill' }).click();
  await page.getByRole('button', { name: 'Mark it done' }).click();
  await page.getByRole('button', { name: 'Measure again' }).waitFor();
}

async function planned(page: Page): Promise<void> {
  await page.getByRole('slider', { name: 'Money' }).fill('2500');
  await page.getByText(/^3 mends/).waitFor();
  await page.getByText(/^The bend is at/).waitFor({ timeout: wholeCurve });
}

async function secondDemo(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Look at Tamarack Bank' }).click();
  await page.getByText(/^Tamarack Bank · /).waitFor();
}

/** Its line on frozen ground. */
async function fence(page: Page): Promise<void> {
  await secondDemo(page);
  await page.goto(new URL('/fence', page.url()).href);
  await page.getByRole('button', { name: 'Frozen', exact: true }).click();
  await page.getByRole('heading', { name: /^If so/ }).waitFor();
}

/** Two tests into a search that is practised. */
async function leak(page: Page): Promise<void> {
  await secondDemo(page);
  await page.goto(new URL('/fence/search', page.url()).href);
  // Always the same bay.
  await page.evaluate(() => {
    Math.random = () => 0.8;
  });
  await page.getByRole('button', { name: 'Practise without a fence' }).click();
  await page.getByRole('button', { name: 'Make the test' }).click();
  await page.getByText(/^Opened before/).waitFor();
}

/** The whole plan on the list, one mend of it further on. */
async function inHand(page: Page): Promise<void> {
  await page.getByText(/^4 mends/).waitFor();
  await page.getByRole('button', { name: /^Put \d mends on my list/ }).click();
  await page.getByRole('link', { name: /^Board along the sill/ }).click();
  await page.getByRole('button', { name: 'Bought the things' }).click();
  await page.getByRole('button', { name: 'Mark it done' }).click();
  await page.getByRole('button', { name: 'Measure again' }).waitFor();
  await page.getByRole('navigation').getByRole('link', { name: 'Mends' }).click();
  await page.getByText('4 mends in hand').waitFor();
}

async function shopping(page: Page): Promise<void> {
  await page.getByText(/^4 mends/).waitFor();
  await page.getByRole('button', { name: /^Put \d mends on my list/ }).click();
  await page.getByText('4 mends in hand').waitFor();
  await page.goto(new URL('/mends/shopping', page.url()).href);
  await page.getByRole('checkbox').first().click();
  await page.getByRole('checkbox', { checked: true }).waitFor();
}

/** All steps of the curve take half a minute and more on a slow machine, ms. */
const wholeCurve = 120_000;

async function cutting(page: Page): Promise<void> {
  await secondDemo(page);
  await page.goto(new URL('/mends/plan', page.url()).href);
  await page.getByText(/^The bend is at/).waitFor({ timeout: wholeCurve });
  await page.getByRole('button', { name: 'Money: no limit' }).click();
  await page.getByRole('button', { name: /^Put \d\d mends on my list/ }).click();
  await page.getByText(/mends in hand$/).waitFor();
  await page.goto(new URL('/mends/cutting', page.url()).href);
  await page.getByText(/pieces to cut$/).waitFor();
  await page
    .getByRole('heading', { name: '½ in welded mesh' })
    .evaluate((it) => it.scrollIntoView());
}

const lastNight = '2026-11-25';
const evening = '2026-11-26T16:20:00Z';

/** A life of our own invention: mostly on time, now and then late, a door forgotten, one found open, three nights away. */
function sixtyNights(): object[] {
  const nights = Array.from({ length: 58 }, (_, at) => daysLater(lastNight, at - 57));
  const evenings = nights.flatMap((date, at) => {
    if (at === 20 || at === 41) return [];
    const isAway = at >= 33 && at <= 35;
    const was = at === 12 || at === 47 ? 'open' : 'shut';
    const dark = Date.parse(`${date}T16:55:00Z`) + (57 - at) * 110_000;
    const minutes = ((at * 37) % 50) - 25 + (at % 9 === 0 ? 35 : 0);
    return [
      {
        ...{ id: `evening-${date}`, placeId: 'samphire-yard', date, what: 'evening' },
        ...{ at: `${date}T18:30:00Z`, told: at === 47 ? 'morning' : 'evening' },
        ...(isAway && { by: 'next door’s eldest' }),
        ...(was === 'shut' && { shutAt: new Date(dark + minutes * 60_000).toISOString() }),
        doors: [{ opening: 'pop-door', was }],
        counts: [{ group: 'bantams', least: at === 30 ? 11 : 12, most: 12 }],
      },
    ];
  });
  const away = {
    ...{ id: 'away-1', placeId: 'samphire-yard', what: 'away', covers: 'next door’s eldest' },
    ...{ date: nights[33], until: nights[35] },
  };
  const ahead = { ...away, id: 'away-2', date: '2026-12-24', until: '2026-12-27' };
  return [...evenings, away, ahead];
}

async function happened(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Found dead: one more' }).click();
  await page.getByRole('button', { name: /^Write down/ }).click();
  await page.getByText('Question 1').waitFor();
  const known = ['By night', 'Small bites on neck or head', 'Strong musk', 'Nothing'];
  for (let asked = 0; asked < 4; asked += 1) {
    const question = page.getByRole('group', { name: /\?$/ }).first();
    if ((await question.count()) === 0) break;
    const name = await question.getAttribute('aria-label');
    const names = await question.getByRole('button').allTextContents();
    const told = known.find((it) => names.includes(it)) ?? 'Can’t tell';
    await question.getByRole('button', { name: told, exact: true }).click();
    await page.waitForFunction(
      (before) => !document.querySelector(`[role=group][aria-label="${before}"]`),
      name,
    );
  }
  await page.getByRole('link', { name: '‹ Yard' }).scrollIntoViewIfNeeded();
}

const shots: readonly Shot[] = [
  { name: 'yard-phone', path: '/', size: phone },
  { name: 'yard-wide', path: '/', size: wide },
  { name: 'way-phone', path: '/way/n2', size: phone },
  { name: 'walk-phone', path: '/walk', size: phone },
  { name: 'stop-phone', path: '/walk/stop/n2', size: phone },
  { name: 'mend-phone', path: '/way/n2', size: phone, before: doneMend },
  { name: 'plan-wide', path: '/mends/plan', size: wide, before: planned },
  { name: 'mends-wide', path: '/mends/plan', size: wide, before: inHand },
  { name: 'shopping-phone', path: '/mends/plan', size: phone, before: shopping },
  { name: 'cutting-wide', path: '/places', size: wide, before: cutting },
  { name: 'yard-dusk-phone', path: '/', size: phone, dusk: true },
  { name: 'second-demo-wide', path: '/places', size: wide, before: secondDemo },
  {
    name: 'evening-dusk-phone',
    path: '/shut',
    size: phone,
    dusk: true,
    at: evening,
    log: sixtyNights(),
  },
  { name: 'nights-wide', path: '/nights', size: wide, at: evening, log: sixtyNights() },
  { name: 'happened-wide', path: '/happened', size: wide, at: evening, before: happened },
  { name: 'animal-wide', path: '/animal/stoat', size: wide },
  { name: 'fence-wide', path: '/places', size: wide, before: fence },
  { name: 'leak-phone', path: '/places', size: phone, before: leak },
  { name: 'stop-wide', path: '/walk/stop/w1', size: wide },
];

const stillWorkedOut = /^(Looking which readings|Being worked out)/;

async function main(): Promise<void> {
  mkdirSync(folder, { recursive: true });
  const server = await listen({
    dist: join(root, 'dist'),
    demos: ['samphire-yard', 'tamarack-bank'].map((name) => join(root, 'demo', `${name}.json`)),
  });
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments });
  const [, , only] = process.argv;
  for (const { name, path, size, dusk, before, log, at } of shots) {
    if (only !== undefined && only !== name) continue;
    const context = await browser.newContext({
      viewport: size,
      reducedMotion: 'reduce',
      colorScheme: dusk ? 'dark' : 'light',
    });
    const page = await context.newPage();
    if (at) await page.clock.setFixedTime(at);
    if (log) {
      await page.route('**/api/demos/samphire-yard', async (route) => {
        const demo = (await (await route.fetch()).json()) as object;
        await route.fulfill({ json: { ...demo, sightings: log } });
      });
    }
    // The first visit opens the demo place, whatever address it comes by.
    await page.goto(`${server.address}/`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    if (path !== '/') await page.goto(server.address + path);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await before?.(page);
    await page.evaluate(() => document.fonts.ready.then(() => undefined));
    await page.waitForTimeout(1000);
    // What is still worked out has its place already; the picture is of what it says.
    await page.getByText(stillWorkedOut).waitFor({ state: 'hidden' });
    await page.screenshot({ path: join(folder, `${name}.png`) });
    await context.close();
    console.log(`docs/screenshots/${name}.png`);
  }
  await browser.close();
  server.close();
}

void main();
