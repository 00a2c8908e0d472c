/**
 * A browser killed in the middle of a walk, again and again: every reading that the screen had confirmed is there afterwards. The browser
 * is this test's own, killed whole by SIGKILL at random moments. Loss of power, where the machine's own buffers go too, is not tested.
 */
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, expect, test, type Browser, type Page } from '@playwright/test';
import { chromiumArguments, chromiumPath, demoPort } from './places';

/** `npm run soak` asks for more. */
const kills = Number(process.env.KILLS ?? 60);
const seed = Number(process.env.SEED ?? 7);

/** Mulberry32: the moments are the same in every run of one seed. */
function chance(): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

interface Running {
  readonly process: ChildProcess;
  readonly browser: Browser;
  readonly page: Page;
}

async function start(profile: string): Promise<Running> {
  const child = spawn(
    chromiumPath,
    [
      ...chromiumArguments,
      '--headless=new',
      `--user-data-dir=${profile}`,
      '--remote-debugging-port=0',
      '--hide-crash-restore-bubble',
      'about:blank',
    ],
    // A group of its own, so that all of it is killed, and nothing else.
    { detached: true, stdio: 'ignore' },
  );
  const browser = await chromium.connectOverCDP(`http://127.0.0.1:${await portOf(profile)}`);
  const [context] = browser.contexts();
  if (!context) throw new Error('no context');
  return { process: child, browser, page: await context.newPage() };
}

async function portOf(profile: string): Promise<string> {
  const file = join(profile, 'DevToolsActivePort');
  for (let tries = 0; tries < 300; tries += 1) {
    try {
      const [port] = readFileSync(file, 'utf8').split('\n');
      if (port) return port;
    } catch {
      // Not written yet.
    }
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  throw new Error('the browser did not start');
}

async function kill({ process: child, browser }: Running, profile: string): Promise<void> {
  if (child.pid === undefined) return;
  const gone = new Promise((resolve) => child.once('exit', resolve));
  process.kill(-child.pid, 'SIGKILL');
  await gone;
  await browser.close().catch(() => undefined);
  rmSync(join(profile, 'DevToolsActivePort'), { force: true });
  for (const lock of ['SingletonLock', 'SingletonSocket', 'SingletonCookie']) {
    rmSync(join(profile, lock), { force: true });
  }
}

const address = `http://localhost:${demoPort}`;
const soon = { timeout: 5000 };
const saved = (page: Page) => page.getByText(/^Saved: /);

test(`${kills} kills lose no reading that was confirmed`, async ({ browserName }, info) => {
  // Once is enough: the size of the window changes nothing of it.
  if (info.project.name !== 'phone' || browserName !== 'chromium') return;
  test.setTimeout(kills * 20_000);
  const profile = mkdtempSync(join(tmpdir(), 'rookle-killed-'));
  const random = chance();
  /** By question: the last reading that the screen confirmed. */
  const confirmed = new Map<string, string>();
  /** Given in but not confirmed: either is right. */
  let doubtful: { question: string; value: string } | undefined;
  let inMiddle = 0;
  let confirmations = 0;
  let checked = 0;
  try {
    for (let round = 0; round < kills; round += 1) {
      const running = await start(profile);
      const { page } = running;
      await page.goto(`${address}/walk/end`);
      await page.getByRole('heading', { level: 1 }).waitFor({ timeout: 30_000 });
      const kept = await readingsOf(page);
      for (const [question, value] of confirmed) {
        const found = kept.get(question);
        const alsoRight = doubtful?.question === question ? doubtful.value : value;
        expect([value, alsoRight], `${question} after ${round} kills`).toContain(found);
        checked += 1;
      }
      if (doubtful) {
        inMiddle += 1;
        const found = kept.get(doubtful.question);
        if (found !== undefined) confirmed.set(doubtful.question, found);
      }
      doubtful = undefined;
      const first = bays[Math.floor(random() * bays.length)];
      await page.goto(`${address}/walk/${first}~ground.gap`);
      await page.getByRole('textbox').waitFor({ timeout: 30_000 });
      // The walk goes on until the kill comes, wherever it is then.
      let alive = true;
      const walking = (async () => {
        while (alive) {
          const here = page.url();
          const question = decodeURIComponent(new URL(here).pathname.split('/').at(-1) ?? '');
          if ((await page.getByRole('textbox').count()) > 0) {
            const value = String(1 + Math.floor(random() * 9));
            // Asked before: what was given stands there.
            await page.getByRole('button', { name: 'clear', exact: true }).click(soon);
            await page.getByRole('button', { name: value, exact: true }).last().click(soon);
            doubtful = { question, value };
            await page.getByRole('button', { name: /^Save, then/ }).click(soon);
            await saved(page)
              .filter({ hasText: new RegExp(` ${value}( |$)`) })
              .waitFor(soon);
            await page.waitForURL((url) => url.href !== here, soon);
            confirmed.set(question, value);
            confirmations += 1;
            doubtful = undefined;
          } else {
            await page.getByRole('button', { name: /^Next: / }).click(soon);
            await page.waitForURL((url) => url.href !== here, soon);
          }
        }
      })().catch(() => undefined);
      await new Promise((resolve) => setTimeout(resolve, 200 + random() * 2800));
      alive = false;
      await kill(running, profile);
      await walking;
    }
  } finally {
    rmSync(profile, { recursive: true, force: true });
  }
  console.log(
    `${kills} kills, ${inMiddle} of them in the middle of a reading; ${confirmations} confirmations of ${confirmed.size} readings, looked for ${checked} times`,
  );
  // It was a test only if the screen had something to confirm.
  expect(confirmations).toBeGreaterThan(kills / 4);
  expect(checked).toBeGreaterThan(kills);
});

const bays = ['w2', 'w3', 'n1', 'n2', 'n3', 'e1', 'e2', 's1', 's2', 's3', 's4', 's5'];

/** The last reading of each question in the walk in hand, as the database has it. */
async function readingsOf(page: Page): Promise<Map<string, string>> {
  const records = await page.evaluate(async () => {
    const names = await indexedDB.databases();
    const texts: string[] = [];
    for (const { name } of names) {
      if (!name) continue;
      const database = await new Promise<IDBDatabase>((resolve, reject) => {
        const opening = indexedDB.open(name);
        opening.onsuccess = () => resolve(opening.result);
        opening.onerror = () => reject(new Error('not opened'));
      });
      for (const store of database.objectStoreNames) {
        const all = await new Promise<unknown[]>((resolve, reject) => {
          const asking = database.transaction(store).objectStore(store).getAll();
          asking.onsuccess = () => resolve(asking.result);
          asking.onerror = () => reject(new Error('not read'));
        });
        texts.push(...all.map((it) => (typeof it === 'string' ? it : JSON.stringify(it))));
      }
      database.close();
    }
    return texts;
  });
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
