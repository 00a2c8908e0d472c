/** Lighthouse's mobile scores of one address, in a Chromium of its own. */
import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import lighthouse from 'lighthouse';
import { chromiumArguments, chromiumPath } from '../e2e/places';

export interface Scores {
  readonly performance: number;
  readonly accessibility: number;
  readonly bestPractices: number;
  /** Largest contentful paint and blocking time, ms, under Lighthouse's slow 4G and 4× slower processor. */
  readonly lcp: number;
  readonly tbt: number;
}

export async function mobileScores(address: string): Promise<Scores> {
  const port = 9333;
  const profile = mkdtempSync(join(tmpdir(), 'rookle-lighthouse-'));
  const browser = spawn(
    chromiumPath,
    [
      ...chromiumArguments,
      '--headless',
      `--remote-debugging-port=${port}`,
      `--user-data-dir=${profile}`,
    ],
    { stdio: 'ignore' },
  );
  try {
    await untilOpen(port);
    const result = await lighthouse(address, { port, logLevel: 'error', output: 'json' });
    if (!result) throw new Error('Lighthouse gave no result');
    const { categories, audits } = result.lhr;
    const score = (id: string) => Math.round((categories[id]?.score ?? 0) * 100) / 100;
    const ms = (id: string) => Math.round(audits[id]?.numericValue ?? 0);
    return {
      performance: score('performance'),
      accessibility: score('accessibility'),
      bestPractices: score('best-practices'),
      lcp: ms('largest-contentful-paint'),
      tbt: ms('total-blocking-time'),
    };
  } finally {
    browser.kill();
  }
}

async function untilOpen(port: number): Promise<void> {
  for (let tries = 0; tries < 100; tries += 1) {
    const open = await fetch(`http://127.0.0.1:${port}/json/version`).then(
      () => true,
      () => false,
    );
    if (open) return;
    await new Promise((wait) => setTimeout(wait, 100));
  }
  throw new Error('Chromium did not open its debugging port');
}
