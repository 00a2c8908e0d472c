/** Small steps the scripts are made of. Node's own modules only: they run before anything is installed. */
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = dirname(dirname(fileURLToPath(import.meta.url)));
export const inRoot = (...parts) => join(root, ...parts);

/** Runs a command in the project's folder with its output in view; returns its exit code. */
export function run(command, args, env = {}) {
  const { status, error } = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  if (error) console.error(`${command}: ${error.message}`);
  return status ?? 1;
}

/** The same beside others: what it prints comes in one piece when it ends. */
export function runBeside(command, args) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root });
    let printed = '';
    child.stdout.on('data', (text) => (printed += text));
    child.stderr.on('data', (text) => (printed += text));
    child.on('error', (error) => (printed += `${command}: ${error.message}\n`));
    child.on('close', (status) => resolve({ printed, status: status ?? 1 }));
  });
}

/** The same, ending the script where it fails. */
export function must(command, args, env) {
  const status = run(command, args, env);
  if (status !== 0) process.exit(status);
}

/** Folders in which arrows are looked at. */
export const arrowsIn = ['src', 'cli', 'server', 'demo', 'e2e', 'bench', 'scripts'];

export const bin = (name) => inRoot('node_modules', '.bin', name);

/**
 * Installs what package-lock.json names, where that has not been done since it last changed. `only`: 'use' leaves out what only those who
 * change Rookle need; who has all of it has that as well.
 */
export function ensureInstalled(only = 'all') {
  const stamp = inRoot('node_modules', '.rookle-installed');
  const wanted = hashOf([inRoot('package-lock.json'), inRoot('package.json')]);
  const has = existsSync(stamp) ? readFileSync(stamp, 'utf8') : '';
  if (has === `${wanted} all` || has === `${wanted} ${only}`) return;
  console.log('Installing (about two minutes on a new machine) …');
  must('npm', ['ci', '--no-audit', '--no-fund', ...(only === 'use' ? ['--omit=dev'] : [])]);
  writeFileSync(stamp, `${wanted} ${only}`);
}

/** Builds the web export into dist/, where the sources have changed since the last one. */
export function ensureBuilt() {
  const stamp = inRoot('dist', '.built');
  const sources = [
    'src',
    'public',
    'scripts',
    'app.json',
    'babel.config.js',
    'metro.config.js',
    'package-lock.json',
  ];
  const wanted = hashOf(sources.flatMap((path) => filesBelow(inRoot(path))));
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  must('node', [inRoot('scripts', 'build.mjs')]);
  mkdirSync(dirname(stamp), { recursive: true });
  writeFileSync(stamp, wanted);
}

function filesBelow(path) {
  if (!existsSync(path)) return [];
  try {
    return readdirSync(path, { recursive: true, withFileTypes: true })
      .filter((entry) => entry.isFile())
      .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
      .filter((file) => !file.includes('/public/fonts/') && !/\.test\.tsx?$/.test(file));
  } catch {
    return [path];
  }
}

function hashOf(files) {
  const hash = createHash('sha256');
  // By its name within the project: the folder may be moved.
  for (const file of [...files].sort())
    hash.update(relative(root, file)).update(readFileSync(file));
  return hash.digest('hex');
}
