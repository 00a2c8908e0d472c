/** Takes the pictures of docs/screenshots/ on the exported build with the demo place. */
import { chromium, type Page } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { listen } from '../server/listen';
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
  readonly before?: (page: Page) => Promise<void>;
}

async function type(page: Page, digits: string): Promise<void> {
  for (const digit of digits) {
    await page.getByRole('button', { name: digit, exact: true }).last().click();
  }
}

async function doneMend(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Choose: Board along the sill' }).click();
  await page.getByRole('button', { name: 'Mark it done' }).click();
  await page.getByRole('button', { name: 'Measure again' }).waitFor();
}

async function planned(page: Page): Promise<void> {
  await page.getByRole('slider', { name: 'Money' }).fill('2500');
  await page.getByText(/^3 mends/).waitFor();
  await page.getByText(/^The bend is at/).waitFor();
}

async function secondDemo(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Look at Tamarack Bank' }).click();
  await page.getByText(/^Tamarack Bank · /).waitFor();
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

async function cutting(page: Page): Promise<void> {
  await secondDemo(page);
  await page.goto(new URL('/mends/plan', page.url()).href);
  await page.getByText(/^The bend is at/).waitFor();
  await page.getByRole('button', { name: 'Money: no limit' }).click();
  await page.getByRole('button', { name: /^Put \d\d mends on my list/ }).click();
  await page.getByText(/mends in hand$/).waitFor();
  await page.goto(new URL('/mends/cutting', page.url()).href);
  await page.getByText(/pieces to cut$/).waitFor();
  await page
    .getByRole('heading', { name: '½ in welded mesh' })
    .evaluate((it) => it.scrollIntoView());
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
    name: 'walk-end-phone',
    path: '/walk/s1~ground.gap',
    size: phone,
    before: async (page) => {
      await type(page, '40');
      await page.getByRole('button', { name: /^Save, then/ }).click();
      await page.getByText(/^Saved: /).waitFor();
      await page.goto(new URL('/walk/end', page.url()).href);
      await page.getByRole('heading', { level: 1 }).waitFor();
    },
  },
  { name: 'place-phone', path: '/place', size: phone },
  { name: 'animal-wide', path: '/animal/stoat', size: wide },
  { name: 'lived-phone', path: '/lived', size: phone },
  {
    name: 'lives-phone',
    path: '/lives',
    size: phone,
    before: async (page) => {
      await page.getByRole('button', { name: 'Log Fox' }).click();
      await page.getByRole('button', { name: 'Fox: Tracks, today' }).click();
      await page.getByRole('heading', { name: /^Logged/ }).waitFor();
    },
  },
  {
    name: 'compare-wide',
    path: '/way/n2',
    size: wide,
    before: async (page) => {
      await doneMend(page);
      await page.goto(new URL('/compare', page.url()).href);
      await page.getByRole('heading', { level: 1 }).waitFor();
    },
  },
  { name: 'stop-wide', path: '/walk/stop/w1', size: wide },
];

async function main(): Promise<void> {
  mkdirSync(folder, { recursive: true });
  const server = await listen({
    dist: join(root, 'dist'),
    demos: ['samphire-yard', 'tamarack-bank'].map((name) => join(root, 'demo', `${name}.json`)),
  });
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments });
  for (const { name, path, size, dusk, before } of shots) {
    const context = await browser.newContext({
      viewport: size,
      reducedMotion: 'reduce',
      colorScheme: dusk ? 'dark' : 'light',
    });
    const page = await context.newPage();
    // The first visit opens the demo place, whatever address it comes by.
    await page.goto(`${server.address}/`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    if (path !== '/') await page.goto(server.address + path);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await before?.(page);
    await page.evaluate(() => document.fonts.ready.then(() => undefined));
    await page.waitForTimeout(300);
    await page.screenshot({ path: join(folder, `${name}.png`) });
    await context.close();
    console.log(`docs/screenshots/${name}.png`);
  }
  await browser.close();
  server.close();
}

void main();
