/** Runs all benchmarks on the built export and writes docs/performance.md. */
import { writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import '../src/core/fence/dense-inverse';
import { listen } from '../server/listen';
import { memoryCost } from './memory';
import { devicesCost } from './devices';
import { fenceCost } from './fence';
import { judgingCost } from './judging';
import { keypadCost } from './keypad';
import { nightsPageCost } from './nights-page';
import { performancePage } from './performance-page';
import { planningCost } from './planning';
import { repaint } from './repaint';
import { shoppingCost } from './shopping';
import { settlingCost } from './settling';
import { firstLoad } from './size';
import { tenYearsCost } from './ten-years';

async function main(): Promise<void> {
  // Before anything else fills the memory: a keeper's browser opens with nothing in it either.
  const tenYears = tenYearsCost();
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
  const page = performancePage(load, scores, judgingCost(), painted, await planningCost(), {
    ...tenYears,
    ...memoryCost(),
    fence: fenceCost(),
    settling: settlingCost(),
    devices: devicesCost(),
    shopping: shoppingCost(),
    nightsPage,
    keypad,
  });
  writeFileSync(join(root, 'docs', 'performance.md'), page);
  console.log(page);
}

void main();
