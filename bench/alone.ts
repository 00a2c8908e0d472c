/** A part of the bench in a process of its own, as the application's worker is one: nothing else has filled the memory or taught the compiler. */
import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { buildSync } from 'esbuild';
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

const root = join(__dirname, '..');

/**
 * These parts as one file, compiled as the application's worker is: tsx gives every closure its name each time one is made, which no
 * build of ours does and which costs a third of the time.
 */
function compiled(): string {
  const outfile = join(root, 'node_modules', '.cache', 'bench', 'alone.cjs');
  buildSync({
    ...{ entryPoints: [__filename], outfile, bundle: true, platform: 'node', format: 'cjs' },
    // It looks for its binary beside its own source.
    external: ['highs', 'esbuild'],
  });
  return outfile;
}

let file: string | undefined;

/** What that part found. It says so as JSON on its last line. */
export function alone<P extends Part>(part: P): Awaited<ReturnType<Parts[P]>> {
  file ??= compiled();
  const printed = execFileSync(process.execPath, [file, part], { encoding: 'utf8' });
  return JSON.parse(printed.trim().split('\n').at(-1) ?? '') as Awaited<ReturnType<Parts[P]>>;
}

async function main(name: string | undefined): Promise<void> {
  if (!isPart(name)) throw new Error(`No such part; there are ${Object.keys(parts).join(', ')}.`);
  const isCompiled = __filename.endsWith('.cjs');
  console.log(JSON.stringify(isCompiled ? await parts[name]() : alone(name)));
}

if (require.main === module) void main(process.argv[2]);
