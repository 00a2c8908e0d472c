/** A browser of a test's own, killed whole by SIGKILL and started again on the same profile; and what its database holds then. */
import { spawn, type ChildProcess } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { chromium, type Browser, type Page } from '@playwright/test';
import { chromiumArguments, shellPath } from './places';

/** Mulberry32: the moments are the same in every run of one seed. */
export function chance(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** Longest wait for the steps before a kill, ms: a machine that takes as long has come to a stop. */
const longestWait = 60_000;

/**
 * Goes on with steps until a moment by chance, and calls `kill` then: after none to two whole steps, somewhere in the next one. How long
 * a step takes is measured, so that a busy machine is killed in the same places as an idle one.
 */
export async function killedAmid(
  random: () => number,
  step: () => Promise<void>,
  kill: () => Promise<void>,
): Promise<void> {
  const whole = Math.floor(random() * 3);
  const into = random();
  let alive = true;
  let taken = 0;
  let longest = 0;
  let arrived: () => void = () => undefined;
  const thereBy = new Promise<void>((resolve) => {
    arrived = resolve;
    setTimeout(resolve, longestWait);
  });
  if (whole === 0) arrived();
  const going = (async () => {
    while (alive) {
      const began = Date.now();
      await step();
      longest = Math.max(longest, Date.now() - began);
      taken += 1;
      if (taken === whole) arrived();
    }
  })().catch(() => arrived());
  await thereBy;
  await new Promise((resolve) => setTimeout(resolve, into * (longest || firstStep)));
  alive = false;
  await kill();
  await going;
}

/** Before any step has been measured, ms. */
const firstStep = 1000;

export interface Running {
  readonly process: ChildProcess;
  readonly browser: Browser;
  readonly page: Page;
}

export async function start(profile: string): Promise<Running> {
  const child = spawn(
    shellPath,
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

export async function kill({ process: child, browser }: Running, profile: string): Promise<void> {
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

/** Every record in the databases of a page, as text. */
export function recordsIn(page: Page): Promise<string[]> {
  return page.evaluate(async () => {
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
}
