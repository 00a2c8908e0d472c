/** A part of the bench in a process of its own, as the application's worker is one: nothing else has filled the memory or taught the compiler. */
import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import '../src/core/fence/dense-inverse';
import { devicesCost } from './devices';
import { fenceCost } from './fence';
import { judgingCost } from './judging';
import { memoryCost } from './memory';
import { planningCost } from './planning';
import { settlingCost } from './settling';
import { shoppingCost } from './shopping';
import { tenYearsCost } from './ten-years';

const parts = {
  devices: devicesCost,
  fence: fenceCost,
  judging: judgingCost,
  memory: memoryCost,
  planning: planningCost,
  settling: settlingCost,
  shopping: shoppingCost,
  tenYears: tenYearsCost,
};
type Parts = typeof parts;
type Part = keyof Parts;

const isPart = (name: string | undefined): name is Part => name !== undefined && name in parts;

/** What that part found. It says so as JSON on its last line. */
export function alone<P extends Part>(part: P): Awaited<ReturnType<Parts[P]>> {
  const tsx = join(__dirname, '..', 'node_modules', '.bin', 'tsx');
  const printed = execFileSync(tsx, [__filename, part], { encoding: 'utf8' });
  return JSON.parse(printed.trim().split('\n').at(-1) ?? '') as Awaited<ReturnType<Parts[P]>>;
}

async function main(name: string | undefined): Promise<void> {
  if (!isPart(name)) throw new Error(`No such part; there are ${Object.keys(parts).join(', ')}.`);
  console.log(JSON.stringify(await parts[name]()));
}

if (require.main === module) void main(process.argv[2]);
