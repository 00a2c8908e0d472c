/**
 * `npm run check`: lint, arrows, types, formatting and the tests that stand beside what has changed since the last commit. Quick; `npm test` is
 * the whole.
 */
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { dirname } from 'node:path';
import { arrowsIn, bin, ensureInstalled, inRoot, must } from './steps.mjs';

ensureInstalled();

/** As git names them, from the project's folder. */
const named = (...args) =>
  spawnSync('git', args, { cwd: inRoot(), encoding: 'utf8' }).stdout.split('\n').filter(Boolean);

const changed = [
  ...named('diff', '--name-only', '--relative', 'HEAD'),
  ...named('ls-files', '--others', '--exclude-standard'),
].filter((file) => existsSync(inRoot(file)));
const code = changed.filter((file) => /\.(ts|tsx|js|mjs|cjs)$/.test(file));

if (changed.length > 0) {
  must(bin('prettier'), ['--check', '--log-level', 'warn', '--ignore-unknown', ...changed]);
}
if (code.length > 0) must(bin('eslint'), ['--max-warnings', '0', '--no-warn-ignored', ...code]);
must(bin('depcruise'), arrowsIn);
must(bin('tsc'), ['--noEmit', '--incremental', '--tsBuildInfoFile', inRoot('reports', 'types')]);
const beside = new Set(code.filter((file) => !file.startsWith('e2e/')).map(dirname));
if (beside.size > 0) {
  const folders = [...beside].map((folder) => `${inRoot(folder)}/[^/]*$`);
  must(bin('jest'), ['--passWithNoTests', ...folders]);
}
