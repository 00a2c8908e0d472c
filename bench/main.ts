/** Runs all benchmarks on the built export and writes docs/performance.md. */
import { writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { listen } from '../server/listen';
import { alone } from './alone';
import { keypadCost } from './keypad';
import { nightsPageCost } from './nights-page';
import { performancePage } from './performance-page';
import { repaint } from './repaint';
import { firstLoad } from './size';

async function main(): Promise<void> {
  const root = resolve(__dirname, '..');
  const server = await listen({
    dist: join(root, 'dist'),
    demos: [join(root, 'demo', 'samphire-yard.json')],
  });
  const { mobileScores } = await import('./lighthouse.mjs');
  const load = await firstLoad(server.address);
  const scores = [];
  for (const path of ['/', '/walk', '/mends']) {
    const runs = [];
    for (let run = 0; run < 5; run += 1) runs.push(await mobileScores(server.address + path));
    runs.sort((a, b) => a.performance - b.performance);
    const [lowest, , middle] = runs;
    if (!lowest || !middle) throw new Error('no scores');
    scores.push({ path, ...middle, lowest: lowest.performance });
  }
  const painted = await repaint(server.address);
  const nightsPage = await nightsPageCost(server.address);
  const keypad = await keypadCost(server.address);
  server.close();
  const page = performancePage(load, scores, alone('judging'), painted, alone('planning'), {
    ...alone('tenYears'),
    ...alone('memory'),
    fence: alone('fence'),
    settling: alone('settling'),
    devices: alone('devices'),
    shopping: alone('shopping'),
    nightsPage,
    keypad,
  });
  writeFileSync(join(root, 'docs', 'performance.md'), page);
  console.log(page);
}

void main();
