import { spawnSync } from 'node:child_process';
import Ajv2020 from 'ajv/dist/2020';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import type { SettleDocument } from '../src/core/formats/settle-document';

const root = resolve(__dirname, '..');
const folder = mkdtempSync(join(tmpdir(), 'rookle-assess-'));

/** Runs the command as npm would, from another folder than the project's. */
function assess(...args: string[]) {
  return spawnSync(process.execPath, [join(root, 'scripts/command.mjs'), 'assess', ...args], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, INIT_CWD: folder },
  });
}

test('prints the judgement as JSON', () => {
  const { stdout, status } = assess(join(root, 'demo/samphire-yard.json'), '--json');
  expect(status).toBe(0);
  expect(JSON.parse(stdout)).toMatchObject({
    version: 5,
    date: '2026-10-18',
    scenario: 'night-shut',
    birds: [{ group: 'bantams', kind: 'bantam', count: 12, zone: 'house', exposure: 1 }],
    waysIn: [{ id: 'n2' }, { id: 'h1' }],
    stops: { unread: 3 },
  });
});

test('prints it in words without --json', () => {
  expect(assess(join(root, 'demo/samphire-yard.json')).stdout).toContain('2 ways in tonight');
});

test('paths are the caller’s', () => {
  writeFileSync(join(folder, 'bad.json'), '{"format": "something else"}');
  const { stderr, stdout, status } = assess('bad.json');
  expect(status).toBe(2);
  expect(stdout).toBe('');
  expect(stderr).toBe('This file is JSON, but not a Rookle place. Nothing was changed.\n');
});

test.each([
  [['nowhere.json'], /There is no such file/],
  [[], /^Usage:/],
  [['a.json', 'b.json'], /^Usage:/],
  [['a.json', '--colour'], /^Usage:/],
  [['a.json', '--date', 'tomorrow'], /“tomorrow” is not a day/],
  [['a.json', '--date', '2026-02-30'], /“2026-02-30” is not a day/],
  [['a.json', '--scenario', 'noon'], /“noon” is not a scenario. It is one of night-shut/],
  [['.'], /That is a folder/],
])('%j ends with one plain line and exit 2', (args, sentence) => {
  const { stderr, stdout, status } = assess(...args);
  expect(status).toBe(2);
  expect(stdout).toBe('');
  expect(stderr).toMatch(sentence);
  expect(stderr.trim().split('\n')).toHaveLength(1);
});

test('--date judges what was known on that day', () => {
  const file = join(root, 'demo/samphire-yard.json');
  const before = JSON.parse(assess(file, '--json', '--date', '2026-01-01').stdout);
  expect(before).toMatchObject({ date: '2026-01-01', waysIn: [] });
  expect(before.stops.unread).toBeGreaterThan(50);
});

test.each(['night-shut', 'left-open', 'day-run', 'ranging'])('--scenario %s', (scenario) => {
  const file = join(root, 'demo/samphire-yard.json');
  const out = JSON.parse(assess(file, '--json', '--scenario', scenario).stdout);
  expect(out.scenario).toBe(scenario);
  // Nobody lets these bantams out: there is nothing to hold.
  expect(out.hold[0] === null).toBe(scenario === 'ranging');
});

test('--settle prints the readings that could still change the answer, as its published schema says', () => {
  const file = join(root, 'demo/samphire-yard.json');
  const { stdout, status } = assess(file, '--settle', '--json');
  expect(status).toBe(0);
  const document = JSON.parse(stdout) as SettleDocument;
  const schema = readFileSync(join(root, 'docs/format/settle.schema.json'), 'utf8');
  expect(new Ajv2020().validate(JSON.parse(schema) as object, document)).toBe(true);
  // What the demo leaves unread: two of south 3 and one of south 5.
  expect(document.matters.map(({ item, attribute }) => `${item} ${attribute}`)).toEqual([
    's3 bay.panelPulled',
    's3 bay.largestHole',
    's5 ground.gapLifted',
  ]);
  expect(document.matters).toEqual(expect.arrayContaining([...document.asks]));
  expect(assess(file, '--settle').stdout).toMatch(/3 readings left that could change the answer/);
});
