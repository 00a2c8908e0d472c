/** The plan from the command line: what it prints is enough to check it by brute force from outside, with nothing of ours. */
import Ajv2020 from 'ajv/dist/2020';
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';

const root = resolve(__dirname, '..');
const demo = join(root, 'demo/samphire-yard.json');

function plan(...args: string[]) {
  return spawnSync(process.execPath, [join(root, 'scripts/command.mjs'), 'plan', ...args], {
    cwd: root,
    encoding: 'utf8',
    maxBuffer: 64 * 1024 * 1024,
  });
}

/** As much of it as the reader outside needs. */
interface Printed {
  wholeCents: number;
  chosen: string[];
  cents: number;
  before: number;
  after: number;
  bound: number;
  fixedOf: Record<string, number>;
  flock: Record<string, number>;
  curve: { cents: number; after: number }[];
  candidates: { id: string; cents: number; minutes: number; excludes: string[] }[];
  terms: {
    zone: string;
    weightOf: Record<string, number>;
    links: {
      from: string;
      to: string;
      states: { made: string[]; weight: number | null }[];
    }[];
  }[];
}

const known = new Map<string, Printed>();

/** Of the demo place; the same is asked for once. */
function printed(...args: string[]): Printed {
  const key = args.join(' ');
  const before = known.get(key);
  if (before) return before;
  const it = JSON.parse(plan(demo, '--json', ...args).stdout) as Printed;
  known.set(key, it);
  return it;
}

/** What a set of mends leaves, from the printed terms alone. */
function leftBy({ terms, fixedOf, flock }: Printed, set: ReadonlySet<string>): number {
  const chances = terms.map(({ zone, links }) => {
    const weighed = links.map(({ from, to, states }) => {
      const all = new Set(states.flatMap(({ made }) => made));
      const own = [...all].filter((id) => set.has(id));
      const state = states.find(
        ({ made }) => made.length === own.length && made.every((id) => set.has(id)),
      );
      return { from, to, weight: state?.weight ?? Infinity };
    });
    return Math.exp(-lightest(weighed, zone));
  });
  return Object.entries(flock).reduce((birds, [group, count]) => {
    const lambda = terms.reduce(
      (sum, { weightOf }, index) => sum + (weightOf[group] ?? 0) * (chances[index] as number),
      fixedOf[group] ?? 0,
    );
    return birds + count * (1 - Math.exp(-lambda / count));
  }, 0);
}

/** From outside to the birds, never out again. */
function lightest(links: readonly { from: string; to: string; weight: number }[], zone: string) {
  const reached = new Map<string, number>([['outside', 0]]);
  for (let round = 0; round < 10; round += 1) {
    for (const { from, to, weight } of links) {
      for (const [a, b] of [
        [from, to],
        [to, from],
      ] as const) {
        if (b === 'outside' || a === 'birds') continue;
        const there = (reached.get(a) ?? Infinity) + weight;
        if (there < (reached.get(b) ?? Infinity)) reached.set(b, there);
      }
    }
  }
  return Math.min(reached.get(zone) ?? Infinity, reached.get('birds') ?? Infinity);
}

function everySet({ candidates }: Printed): { set: Set<string>; cents: number }[] {
  return candidates.reduce<{ set: Set<string>; cents: number }[]>(
    (sets, { id, cents, excludes }) => [
      ...sets,
      ...sets
        .filter(({ set }) => !excludes.some((it) => set.has(it)))
        .map((it) => ({ set: new Set([...it.set, id]), cents: it.cents + cents })),
    ],
    [{ set: new Set(), cents: 0 }],
  );
}

test('what is printed is by its schema', () => {
  const schema = JSON.parse(
    readFileSync(join(root, 'docs/format/plan.schema.json'), 'utf8'),
  ) as object;
  const valid = new Ajv2020().compile(schema);
  for (const args of [
    ['--budget', '30'],
    ['--budget', '20', '--shut-out', 'stoat'],
    ['--budget', '1'],
  ]) {
    valid(printed(...args));
    expect(valid.errors).toBeNull();
  }
});

test.each(['5', '15', '30', '60'])('no set within %s leaves fewer, by brute force', (budget) => {
  const it = printed('--budget', budget, '--by-metre');
  const all = everySet(it).map(({ set, cents }) => ({ cents, left: leftBy(it, set) }));
  const leastFor = (most: number) =>
    Math.min(...all.filter(({ cents }) => cents <= most).map(({ left }) => left));
  const least = leastFor(Number(budget) * 100);
  // Mends that spare none to speak of are not in it.
  expect(it.after - least).toBeLessThan(0.01);
  expect(it.bound).toBeCloseTo(least, 8);
  expect(leftBy(it, new Set(it.chosen))).toBeCloseTo(it.after, 8);
  expect(leftBy(it, new Set())).toBeCloseTo(it.before, 8);
  for (const point of it.curve) {
    expect(point.after - leastFor(point.cents)).toBeLessThan(0.01);
  }
});

test.each(['15', '30', '60'])('with %s whole rolls, boards and packs can be paid for', (budget) => {
  const it = printed('--budget', budget);
  expect(it.wholeCents).toBeLessThanOrEqual(Number(budget) * 100);
  expect(it.wholeCents).toBeGreaterThanOrEqual(it.cents);
  // By the metre there is never less to be had for the money.
  expect(it.after).toBeGreaterThanOrEqual(printed('--budget', budget, '--by-metre').bound - 1e-9);
});

test('in words, with the least sum where nothing can be bought', () => {
  expect(plan(demo, '--budget', '20').stdout).toContain('No other set of these mends does better.');
  expect(plan(demo, '--budget', '1').stdout).toMatch(/The least that would: €\d/);
  expect(plan(demo, '--shut-out', 'norway-rat').stdout).toContain(
    'Rat shut out at night, at the least',
  );
});

test('in words, what would do nearly as well for far less: the curve of the same says so too', () => {
  const [, sum] = /^€([\d.]+) and .* would do nearly as well/m.exec(plan(demo).stdout) ?? [];
  const dear = printed();
  expect(Number(sum)).toBeLessThan((0.7 * dear.wholeCents) / 100);
  const forThat = dear.curve.filter(({ cents }) => cents <= 100 * Number(sum)).at(-1);
  expect((forThat?.after ?? Infinity) - dear.after).toBeLessThan(0.1);
});

test.each([
  [['nowhere.json'], /There is no such file/],
  [[], /^Usage:/],
  [[demo, '--colour'], /^Usage:/],
  [[demo, '--budget', 'ten'], /“ten” is not an amount for --budget/],
  [[demo, '--hours', '-1'], /Usage|not an amount/],
  [[demo, '--shut-out', 'dragon'], /“dragon” is no animal of the tables/],
  [[demo, '--wont', 'moat'], /“moat” is no mend of this place/],
  [
    [demo, '--must', 'sill-board ground n2', '--must', 'kerb-along ground n2'],
    /cannot both be made/,
  ],
  [[demo, '--date', 'tomorrow'], /“tomorrow” is not a day/],
])('%j ends with one plain line and exit 2', (args, sentence) => {
  const { stderr, stdout, status } = plan(...args);
  expect(status).toBe(2);
  expect(stdout).toBe('');
  expect(stderr).toMatch(sentence);
  expect(stderr.trim().split('\n')).toHaveLength(1);
});
