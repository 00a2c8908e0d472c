/**
 * A browser killed in the middle of a walk, again and again: every reading that the screen had confirmed is there afterwards. The browser
 * is this test's own, killed whole by SIGKILL at random moments. Loss of power, where the machine's own buffers go too, is not tested.
 */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test, type Page } from '@playwright/test';
import { chance, kill, killedAmid, recordsIn, start } from './own-browser';
import { demoPort } from './places';

/** The demo place comes with the first visit. */
const openYard = async (page: Page): Promise<void> => {
  await page.goto(`${address}/`);
  await page.getByRole('heading', { level: 1 }).waitFor({ timeout: 30_000 });
};

/** `npm run soak` asks for more. */
const kills = Number(process.env.KILLS ?? 12);
const seed = Number(process.env.SEED ?? 7);

const address = `http://localhost:${demoPort}`;
const soon = { timeout: 30_000 };
const saved = (page: Page) => page.getByText(/^Saved: /);

test(`${kills} kills lose no reading that was confirmed`, async () => {
  test.setTimeout(kills * 60_000);
  const profile = mkdtempSync(join(tmpdir(), 'rookle-killed-'));
  const random = chance(seed);
  /** By question: the last reading that the screen confirmed. */
  const confirmed = new Map<string, string>();
  /** Given in but not confirmed: either is right. */
  let doubtful: { question: string; value: string } | undefined;
  let inMiddle = 0;
  let confirmations = 0;
  let checked = 0;
  /** Bays left by the big button, which says of what it was that it was looked at. */
  const affirmed = new Set<string>();
  const give = async (page: Page, question: string): Promise<string> => {
    const value = String(1 + Math.floor(random() * 9));
    // Asked before: what was given stands there.
    await page.getByRole('button', { name: 'clear', exact: true }).click(soon);
    await page.getByRole('button', { name: value, exact: true }).last().click(soon);
    doubtful = { question, value };
    await page.getByRole('button', { name: /^Save, then/ }).click(soon);
    return value;
  };
  const isConfirmed = (question: string, value: string) => {
    confirmed.set(question, value);
    confirmations += 1;
    doubtful = undefined;
  };
  /** One question a screen. */
  const oneByOne = async (page: Page): Promise<void> => {
    const here = page.url();
    const question = decodeURIComponent(new URL(here).pathname.split('/').at(-1) ?? '');
    if ((await page.getByRole('textbox').count()) > 0) {
      const value = await give(page, question);
      await saved(page)
        .filter({ hasText: new RegExp(` ${value}( |$)`) })
        .waitFor(soon);
      await page.waitForURL((url) => url.href !== here, soon);
      isConfirmed(question, value);
    } else {
      await page.getByRole('button', { name: /^Next: / }).click(soon);
      await page.waitForURL((url) => url.href !== here, soon);
    }
  };
  /** A stop a screen: one figure read over it, the rest affirmed by going on. */
  const byStops = async (page: Page): Promise<void> => {
    const bay = decodeURIComponent(new URL(page.url()).pathname.split('/').at(-1) ?? '');
    const row = page.getByRole('button', { name: /^Gap under the sill: / }).first();
    await page.getByRole('listitem').first().waitFor(soon);
    if ((await row.count()) > 0) {
      await row.click(soon);
      await page.waitForURL(/read=/, soon);
      const value = await give(page, `${bay}~ground.gap`);
      await page
        .getByRole('button', { name: `Gap under the sill: ${value} mm. Read it` })
        .waitFor(soon);
      isConfirmed(`${bay}~ground.gap`, value);
    }
    const here = page.url();
    await page.getByRole('button', { name: /, then |^Next: / }).click(soon);
    await page.waitForURL((url) => url.href !== here, soon);
    if (bays.includes(bay)) affirmed.add(bay);
  };
  try {
    for (let round = 0; round < kills; round += 1) {
      const running = await start(profile);
      const { page } = running;
      if (round === 0) await openYard(page);
      const first = bays[Math.floor(random() * bays.length)];
      const isByStops = round % 2 === 1;
      await page.goto(`${address}/walk/${isByStops ? `stop/${first}` : `${first}~ground.gap`}`);
      await (isByStops ? page.getByRole('listitem').first() : page.getByRole('textbox')).waitFor({
        timeout: 30_000,
      });
      const kept = await readingsOf(page);
      for (const [question, value] of confirmed) {
        const found = kept.get(question);
        const alsoRight = doubtful?.question === question ? doubtful.value : value;
        expect([value, alsoRight], `${question} after ${round} kills`).toContain(found);
        checked += 1;
      }
      for (const bay of affirmed) {
        expect(kept.has(`${bay}~bay.condition`), `${bay} affirmed, ${round} kills`).toBe(true);
        checked += 1;
      }
      if (doubtful) {
        inMiddle += 1;
        const found = kept.get(doubtful.question);
        if (found !== undefined) confirmed.set(doubtful.question, found);
      }
      doubtful = undefined;
      // The walk goes on until the kill comes, wherever it is then.
      await killedAmid(
        random,
        () => (isByStops ? byStops(page) : oneByOne(page)),
        () => kill(running, profile),
      );
    }
  } finally {
    rmSync(profile, { recursive: true, force: true });
  }
  console.log(
    `${kills} kills, ${inMiddle} of them in the middle of a reading; ${confirmations} confirmations of ${confirmed.size} readings, ${affirmed.size} stops affirmed, looked for ${checked} times`,
  );
  // It was a test only if the screen had something to confirm.
  expect(confirmations).toBeGreaterThan(kills / 4);
  expect(checked).toBeGreaterThan(kills);
  expect(affirmed.size).toBeGreaterThan(Math.min(3, kills / 10));
});

const bays = ['w2', 'w3', 'n1', 'n2', 'n3', 'e1', 'e2', 's1', 's2', 's3', 's4', 's5'];

/** The last reading of each question in the walk in hand, as the database has it. */
async function readingsOf(page: Page): Promise<Map<string, string>> {
  const records = await recordsIn(page);
  const readings = new Map<string, string>();
  for (const text of records) {
    for (const walk of walksIn(text)) {
      for (const { item, attribute, value } of walk.readings) {
        if (value !== 'cannot-tell') readings.set(`${item}~${attribute}`, String(value.is));
      }
    }
  }
  return readings;
}

interface KeptWalk {
  readonly ended: boolean;
  readonly readings: {
    readonly item: string;
    readonly attribute: string;
    readonly value: { readonly is: unknown } | 'cannot-tell';
  }[];
}

/** Walks that are not ended in what the database gave, whatever it is wrapped in. */
function walksIn(text: string): KeptWalk[] {
  const found: KeptWalk[] = [];
  const look = (it: unknown): void => {
    if (typeof it === 'string' && it.startsWith('{')) look(JSON.parse(it));
    if (typeof it !== 'object' || it === null) return;
    if ('readings' in it && 'ended' in it && !it.ended) found.push(it as unknown as KeptWalk);
    else Object.values(it).forEach(look);
  };
  look(text);
  return found;
}
