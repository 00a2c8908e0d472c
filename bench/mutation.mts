/**
 * Turns one rule of the core at a time, a figure, a comparison, an omission, and asks whether a test notices: `npm run mutate -- [--seed
 * N] [--count N] [FOLDER ...]`. On a copy; the sample of a seed is the same every time. Prints a table by folder and what went unnoticed.
 */
import { spawnSync } from 'node:child_process';
import {
  cpSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import ts from 'typescript';

/** One change to one file. */
interface Mutation {
  /** From the project's root. */
  readonly file: string;
  readonly from: number;
  readonly to: number;
  readonly text: string;
  readonly kind: 'figure' | 'comparison' | 'logic' | 'arithmetic' | 'omission';
}

const operators: Readonly<Record<string, readonly [string, Mutation['kind']]>> = {
  '<': ['<=', 'comparison'],
  '<=': ['<', 'comparison'],
  '>': ['>=', 'comparison'],
  '>=': ['>', 'comparison'],
  '===': ['!==', 'comparison'],
  '!==': ['===', 'comparison'],
  '&&': ['||', 'logic'],
  '||': ['&&', 'logic'],
  '+': ['-', 'arithmetic'],
  '-': ['+', 'arithmetic'],
  '*': ['/', 'arithmetic'],
  '/': ['*', 'arithmetic'],
};

/** Every change that may be made to a file. */
function mutationsOf(root: string, file: string): Mutation[] {
  const source = ts.createSourceFile(
    file,
    readFileSync(join(root, file), 'utf8'),
    ts.ScriptTarget.Latest,
    true,
  );
  const found: Mutation[] = [];
  const add = (node: ts.Node, text: string, kind: Mutation['kind']): void => {
    found.push({ file, from: node.getStart(source), to: node.getEnd(), text, kind });
  };
  const visit = (node: ts.Node): void => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return;
    if (ts.isNumericLiteral(node)) {
      const value = Number(node.text.replaceAll('_', ''));
      add(node, String(value === 0 ? 1 : Math.round(value * 15_000) / 10_000), 'figure');
    } else if (ts.isBinaryExpression(node)) {
      const [text, kind] = operators[node.operatorToken.getText(source)] ?? [];
      const isText = [node.left, node.right].some(ts.isStringLiteralLike);
      if (text && kind && !(kind === 'arithmetic' && isText)) add(node.operatorToken, text, kind);
    } else if (
      ts.isPrefixUnaryExpression(node) &&
      node.operator === ts.SyntaxKind.ExclamationToken
    ) {
      add(node, node.operand.getText(source), 'omission');
    } else if (ts.isIfStatement(node) && !node.elseStatement) {
      add(node, ';', 'omission');
    } else if (ts.isPropertyAccessExpression(node) && node.expression.getText(source) === 'Math') {
      const other = { min: 'max', max: 'min' }[node.name.text];
      if (other) add(node.name, other, 'comparison');
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** Even numbers from 0 to 1, the same for the same seed. */
function numbersFrom(seed: number): () => number {
  let state = (seed % 2_147_483_646) + 1;
  return () => {
    state = (state * 48_271) % 2_147_483_647;
    return state / 2_147_483_647;
  };
}

function sampled<T>(all: readonly T[], many: number, seed: number): T[] {
  const next = numbersFrom(seed);
  const rest = [...all];
  return Array.from({ length: Math.min(many, rest.length) }, () =>
    rest.splice(Math.floor(next() * rest.length), 1),
  ).flat();
}

function sourcesIn(root: string, folder: string): string[] {
  return readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
    .filter((it) => it.endsWith('.ts') && !it.endsWith('.test.ts') && !it.includes('tests/'))
    .map((it) => join(folder, it))
    .sort();
}

/** The project once more, to be changed. */
function copied(root: string): string {
  const copy = mkdtempSync(join(tmpdir(), 'mutation-'));
  for (const it of [
    'src',
    'cli',
    'demo',
    'docs',
    'package.json',
    'tsconfig.json',
    'jest.config.js',
    'babel.config.js',
  ])
    cpSync(join(root, it), join(copy, it), { recursive: true });
  symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'));
  return copy;
}

/** What the tests said of a change: something failed, nothing did, or they never came to an end. */
type Outcome = 'noticed' | 'MISSED' | 'ENDLESS';

const longest = 40 * 60_000;

/** The tests beside the file first, for most of what is noticed is noticed there; then all of the core that reach it, then all others. */
function outcomeOf(copy: string, { file }: Mutation): Outcome {
  const run = (...args: string[]): Outcome => {
    const { status } = spawnSync(
      join('node_modules', '.bin', 'jest'),
      ['--bail', '--silent', '--testTimeout', '60000', '--passWithNoTests', ...args],
      { cwd: copy, stdio: 'ignore', timeout: longest, env: { ...process.env, CI: 'true' } },
    );
    if (status === null) return 'ENDLESS';
    return status === 0 ? 'MISSED' : 'noticed';
  };
  const tries = [
    () => run('--selectProjects', 'core', '--', `${dirname(file)}/[^/]*\\.test\\.ts$`),
    () => run('--selectProjects', 'core', '--findRelatedTests', file),
    () => run('--selectProjects', 'ui', '--findRelatedTests', file),
  ];
  for (const attempt of tries) {
    const outcome = attempt();
    if (outcome !== 'MISSED') return outcome;
  }
  return 'MISSED';
}

const { values, positionals } = parseArgs({
  options: {
    seed: { type: 'string', default: '1' },
    count: { type: 'string', default: '12' },
  },
  allowPositionals: true,
});
const root = resolve(import.meta.dirname, '..');
const folders = positionals.length > 0 ? positionals : ['effort', 'routes', 'score', 'nights'];
const copy = copied(root);
const rows: string[] = [];
for (const folder of folders) {
  const all = sourcesIn(root, join('src', 'core', folder)).flatMap((it) => mutationsOf(root, it));
  let noticed = 0;
  const sample = sampled(all, Number(values.count), Number(values.seed));
  for (const it of sample) {
    const before = readFileSync(join(copy, it.file), 'utf8');
    writeFileSync(join(copy, it.file), before.slice(0, it.from) + it.text + before.slice(it.to));
    const outcome = outcomeOf(copy, it);
    writeFileSync(join(copy, it.file), before);
    // A change after which nothing ends is noticed by whoever waits; it is printed apart.
    noticed += outcome === 'MISSED' ? 0 : 1;
    const line = before.slice(0, it.from).split('\n').length;
    const was = before.slice(it.from, it.to).split('\n')[0] ?? '';
    console.log(`${outcome} ${it.file}:${line} ${it.kind}: ${was} → ${it.text}`);
  }
  rows.push(`| ${folder} | ${all.length} | ${sample.length} | ${noticed} |`);
}
rmSync(copy, { recursive: true });
console.log(
  ['| folder | may be turned | tried | noticed |', '|---|---|---|---|', ...rows].join('\n'),
);
