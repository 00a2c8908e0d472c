import { spawnSync } from 'node:child_process';
import Ajv2020 from 'ajv/dist/2020';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import type { SignsDocument } from '../src/core/formats/signs-document';

const root = resolve(__dirname, '..');
const folder = mkdtempSync(join(tmpdir(), 'rookle-signs-'));
const place = join(root, 'demo/samphire-yard.json');

/** Runs the command as npm would, from another folder than the project's. */
function signs(...args: string[]) {
  return spawnSync(process.execPath, [join(root, 'scripts/command.mjs'), 'signs', ...args], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, INIT_CWD: folder },
  });
}

const found = { date: '2026-11-20', group: 'bantams', gone: 1, dead: 1, hurt: 0 };

function written(name: string, document: unknown): string {
  writeFileSync(join(folder, name), JSON.stringify(document));
  return name;
}

test('ranks who it was and by which way, as the published schema says', () => {
  const name = written('found.json', {
    ...found,
    signs: [
      { question: 'hour', answer: 'night' },
      { question: 'body', answer: 'neck-bites' },
      { question: 'works', answer: 'nothing' },
    ],
  });
  const { stdout, status } = signs(place, '--found', name, '--json');
  expect(status).toBe(0);
  const document = JSON.parse(stdout) as SignsDocument;
  const schema = (file: string): object =>
    JSON.parse(readFileSync(join(root, 'docs/format', `${file}.schema.json`), 'utf8')) as object;
  expect(new Ajv2020().compile(schema('signs'))(document)).toBe(true);
  expect(
    new Ajv2020().compile(schema('found'))(JSON.parse(readFileSync(join(folder, name), 'utf8'))),
  ).toBe(true);
  expect(['stoat', 'american-mink']).toContain(document.who[0]?.culprit);
  expect(document.who.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
  expect(document.ways.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
  expect(document.look).toContain('n2');
  // The count says for itself that one or two lie dead.
  expect(document.signs[0]).toEqual({ question: 'toll', answer: 'few-dead' });
  expect(signs(place, '--found', name).stdout).toMatch(/^Likeliest, .*\n {2}\d+ % (Stoat|Mink)/);
});

test.each([
  [[place], /^Usage:/],
  [[place, '--found', 'nowhere.json'], /There is no such file/],
  [
    [
      place,
      '--found',
      written('other.json', { ...found, signs: [{ question: 'hour', answer: 'mauled' }] }),
    ],
    /is no answer to that question/,
  ],
  [
    [place, '--found', written('whose.json', { ...found, group: 'geese', signs: [] })],
    /no group “geese”/,
  ],
  [
    [place, '--found', written('more.json', { ...found, signs: [], moon: 'full' })],
    /has a field nobody knows: moon/,
  ],
])('what is wrong is said in one line: %#', (args, sentence) => {
  const { stderr, stdout, status } = signs(...args);
  expect(status).toBe(2);
  expect(stdout).toBe('');
  expect(stderr).toMatch(sentence);
  expect(stderr.trim().split('\n')).toHaveLength(1);
});
