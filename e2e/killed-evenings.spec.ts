/** A browser killed in the middle of the evening, again and again: what the screen had shown as said is there afterwards, once. */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test, type Page } from '@playwright/test';
import { daysLater } from '../src/core/schema/day';
import { chance, kill, killedAmid, recordsIn, start } from './own-browser';
import { demoPort } from './places';

const kills = Number(process.env.EVENING_KILLS ?? 6);
const seed = Number(process.env.SEED ?? 11);
const address = `http://localhost:${demoPort}`;
const soon = { timeout: 30_000 };

interface Said {
  readonly what: string;
  readonly id: string;
  readonly date: string;
  readonly doors: readonly { readonly was: string }[];
  readonly counts: readonly { readonly least: number }[];
}

test(`${kills} kills in the evening lose nothing that was said`, async () => {
  test.setTimeout(kills * 60_000);
  const profile = mkdtempSync(join(tmpdir(), 'rookle-evening-'));
  const random = chance(seed);
  /** Nights that the screen had shown as said. */
  const confirmed = new Set<string>();
  let night = new Date().toISOString().slice(0, 10);
  let checked = 0;
  const evening = async (page: Page): Promise<void> => {
    // One night further back each time.
    night = daysLater(night, -1);
    await page.getByRole('button', { name: 'The night before' }).click(soon);
    await page.waitForURL(new RegExp(`night=${night}`), soon);
    await page.getByText('should be in').waitFor(soon);
    await page.getByRole('button', { name: 'Not so: 12 bantams' }).click(soon);
    await page.getByRole('button', { name: '11 or 12' }).click(soon);
    await page.getByText('11 or 12 in').waitFor(soon);
    await page.getByRole('button', { name: 'All else as it should be' }).click(soon);
    await page.getByRole('heading', { name: 'All shut' }).waitFor(soon);
    confirmed.add(night);
  };
  try {
    for (let round = 0; round < kills; round += 1) {
      const running = await start(profile);
      const { page } = running;
      if (round === 0) {
        // The demo place comes with the first visit.
        await page.goto(`${address}/nights`);
        await page.getByRole('heading', { level: 1 }).waitFor({ timeout: 30_000 });
      }
      await page.goto(`${address}/shut?night=${night}`);
      await page.getByRole('listitem').first().waitFor({ timeout: 30_000 });
      const kept = (await recordsIn(page)).flatMap(eveningsIn);
      for (const date of confirmed) {
        const own = kept.filter((it) => it.date === date);
        expect(own.map(({ doors }) => doors.length).sort(), `${date}, ${round} kills`).toEqual([
          0, 1,
        ]);
        expect(own.flatMap(({ counts }) => counts.map(({ least }) => least))).toEqual([11]);
        checked += 1;
      }
      await killedAmid(
        random,
        () => evening(page),
        () => kill(running, profile),
      );
    }
  } finally {
    rmSync(profile, { recursive: true, force: true });
  }
  console.log(`${kills} kills, ${confirmed.size} evenings said, looked for ${checked} times`);
  // It was a test only if there was something to look for.
  expect(confirmed.size).toBeGreaterThan(kills / 4);
  expect(checked).toBeGreaterThan(kills);
});

/** Evenings in what the database gave, whatever it is wrapped in. */
function eveningsIn(text: string): Said[] {
  const found: Said[] = [];
  const look = (it: unknown): void => {
    if (typeof it === 'string' && it.startsWith('{')) look(JSON.parse(it));
    if (typeof it !== 'object' || it === null) return;
    if ('what' in it && it.what === 'evening') found.push(it as Said);
    else Object.values(it).forEach(look);
  };
  look(text);
  return found;
}
