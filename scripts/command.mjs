/**
 * `node scripts/command.mjs NAME ...`: a command of `cli/`, made one file of before it runs. tsx, which runs the server, gives each closure
 * its name whenever one is made: a judgement takes three times as long with it, and a plan half as long again.
 */
import { mkdtempSync, rmSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildSync } from 'esbuild';
import { inRoot } from './steps.mjs';

const [name] = process.argv.splice(2, 1);
const folder = mkdtempSync(join(tmpdir(), 'rookle-'));
process.on('exit', () => rmSync(folder, { recursive: true, force: true }));

const outfile = join(folder, `${name}.cjs`);
buildSync({
  entryPoints: [inRoot('cli', `${name}.ts`)],
  outfile,
  bundle: true,
  platform: 'node',
  logLevel: 'error',
});
createRequire(import.meta.url)(outfile);
