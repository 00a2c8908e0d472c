/** The search for a leak on seeded lines. The tester is played: it shows what the line gives with the leak in it, an error of its own added. */
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { moistCase, pathOf, seven, type Strung } from '../tests/fenced';
import { fenceWires, type FenceWire } from '../tables/fence-wires';
import { likelyBays, nextStep, type LeakTestResult, type LeakEvidence } from './find-leak';
import { leakSearch, type LeakSearch, type LeakTest } from './leak-search';
import { often } from '../tests/often';

const source = { open: 7, within: 200 };

interface Leaking {
  readonly bay: number;
  readonly ohms: number;
}

/** As many tests as it took; undefined where it ended on another bay. Of bays to be looked at, each one before the right one is a test too. */
function testsTaken(
  search: LeakSearch,
  leak: Leaking,
  error: () => number,
  standing = 0,
): number | undefined {
  const told: LeakTestResult[] = [];
  for (let at = standing; told.length < 40;) {
    const step = nextStep(search, told, at);
    if (step.kind === 'found') return step.bay === leak.bay ? told.length : undefined;
    if (step.kind === 'look') {
      const looked = step.bays.indexOf(leak.bay);
      return looked < 0 ? undefined : told.length + looked;
    }
    const { test } = step;
    at = test.kind === 'read' ? test.at : test.into;
    told.push({ test, volts: shown(search, test, leak) * (1 + error()) });
  }
  return undefined;
}

const shown = (search: LeakSearch, test: LeakTest, leak: Leaking): number =>
  search.reads(test, leak);

const searchOf = (strung: Strung, wire: FenceWire) =>
  leakSearch(pathOf(strung), { ...seven, wire }, source, moistCase);

const lines = often(100);

test('on lines of 6 to 60 bays: at the middle in ⌈log₂ bays⌉ + 1 tests or fewer', () => {
  const random = xoroshiro128plus(20261129);
  const next = () => uniformFloat64(random);
  // Two draws added: small errors are likelier than large ones; never beyond the tester's 5 %.
  const error = () => (next() + next() - 1) * 0.05;
  const over: number[] = [];
  let missed = 0;
  for (let line = 0; line < lines; line += 1) {
    const bays = 6 + Math.floor(next() * 55);
    const wire = fenceWires[Math.floor(next() * fenceWires.length)] ?? 'steel-2';
    const feed = Math.floor(next() * bays);
    const search = searchOf({ bays, round: bays * (1 + next()), feed }, wire);
    // Any size, not only those the search reckons with.
    const leak = { bay: Math.floor(next() * bays), ohms: 60 * 15 ** next() };
    const taken = testsTaken(search, leak, error, feed);
    if (taken === undefined) missed += 1;
    else over.push(taken - Math.ceil(Math.log2(bays)));
  }
  over.sort((a, b) => a - b);
  expect(over[over.length >> 1]).toBeLessThanOrEqual(1);
  // As measured: none missed, the worst two tests over ⌈log₂ bays⌉, where a leak is in no size that the search reckons with.
  expect(over.at(-1)).toBeLessThanOrEqual(3);
  expect(missed).toBeLessThan(lines / 200);
}, 600_000);

/** The least tests on the average that any order of them needs, by trying all: readings that lie nearer than the search can tell are one. */
function bestOnAverage(search: LeakSearch, ohms: number): number {
  const { tests } = search;
  const best = (bays: readonly number[]): number => {
    if (bays.length <= 1) return 0;
    const known = kept.get(bays.join());
    if (known !== undefined) return known;
    let least = Infinity;
    for (const test of tests) {
      const parts = toldApart(bays, (bay) => shown(search, test, { bay, ohms }));
      if (parts.length === 1) continue;
      const cost = parts.reduce((sum, part) => sum + (part.length / bays.length) * best(part), 1);
      least = Math.min(least, cost);
    }
    kept.set(bays.join(), least);
    return least;
  };
  const kept = new Map<string, number>();
  return best(Array.from({ length: search.bays }, (_, bay) => bay));
}

function toldApart(bays: readonly number[], volts: (bay: number) => number): number[][] {
  const sorted = [...bays].sort((a, b) => volts(a) - volts(b));
  const parts: number[][] = [];
  let last = -Infinity;
  for (const bay of sorted) {
    const here = volts(bay);
    if (here - last > 0.2 * here) parts.push([]);
    parts.at(-1)?.push(bay);
    last = here;
  }
  return parts;
}

test.each([
  ['steel-2', 4],
  ['steel-2', 7],
  ['steel-2', 8],
  ['polywire-3', 5],
  ['polywire-3', 8],
] as const)('on %s of %d bays: within one test of the best order there is', (wire, bays) => {
  const search = searchOf({ bays, round: bays * 1.5 }, wire);
  const taken = Array.from({ length: bays }, (_, bay) =>
    testsTaken(search, { bay, ohms: 300 }, () => 0),
  );
  expect(taken).not.toContain(undefined);
  const mean = taken.reduce<number>((sum, it) => sum + (it ?? 0), 0) / bays;
  expect(mean).toBeLessThanOrEqual(bestOnAverage(search, 300) + 1);
});

test('on steel a reading cannot tell where: the line is opened, first in the middle', () => {
  const step = nextStep(searchOf({ bays: 16, round: 24 }, 'steel-2.5'), [], 0);
  expect(step).toMatchObject({ kind: 'test', test: { kind: 'open' } });
  const into = step.kind === 'test' && step.test.kind === 'open' ? step.test.into : 0;
  expect(Math.abs(into - 8)).toBeLessThanOrEqual(1);
});

test('what was found touching is looked for first', () => {
  const strung: Strung = { bays: 12, round: 18, touched: { 9: 'weeds' } };
  const likely = likelyBays(searchOf(strung, 'steel-2'), []);
  expect(likely.indexOf(Math.max(...likely))).toBe(9);
});

test('what opening brings back is beyond; what it does not is before', () => {
  const search = searchOf({ bays: 10, round: 15 }, 'steel-2');
  const likely = (volts: number) =>
    likelyBays(search, [{ test: { kind: 'open', into: 5 }, volts }]);
  const before = (all: readonly number[]) => all.slice(0, 5).reduce((sum, it) => sum + it, 0);
  expect(before(likely(6.9))).toBeLessThan(0.05);
  expect(before(likely(3.5))).toBeGreaterThan(0.95);
});

describe('a wire that no longer leads', () => {
  const line = (wire: FenceWire, feed = 0) => searchOf({ bays: 16, round: 24, feed }, wire);
  const readAt = (at: number, volts: number): LeakTestResult => ({
    test: { kind: 'read', at },
    volts,
  });

  test('live before, dead beyond: it is looked for between, and no leak is', () => {
    for (const wire of ['steel-2', 'polywire-3'] as const) {
      const search = line(wire);
      const told = [readAt(0, 6.9), readAt(15, 0)];
      const step = nextStep(search, told, 15);
      // Half of the line lives: the reading in the middle says which.
      expect(step).toMatchObject({ kind: 'test', test: { kind: 'read' } });
      const at = step.kind === 'test' && step.test.kind === 'read' ? step.test.at : NaN;
      expect(Math.abs(at - 8)).toBeLessThanOrEqual(1);
    }
  });

  test('wherever it is broken it is found, in ⌈log₂ bays⌉ tests and one more, from either side of the feed', () => {
    for (const wire of ['steel-2', 'polywire-3'] as const) {
      for (const feed of [0, 5, 15]) {
        const search = line(wire, feed);
        for (let into = 1; into < 16; into += 1) {
          const told: LeakTestResult[] = [0, 15].map((at) =>
            readAt(at, search.reads({ kind: 'read', at }, { brokenInto: into })),
          );
          let step = nextStep(search, told, feed);
          for (let tests = 0; step.kind === 'test' && tests < 6; tests += 1) {
            const volts = search.reads(step.test, { brokenInto: into });
            told.push({ test: step.test, volts });
            step = nextStep(search, told, feed);
          }
          expect(step).toEqual({
            kind: 'found',
            bay: feed < into ? into : into - 1,
            brokenInto: into,
          });
          expect(told.length).toBeLessThanOrEqual(2 + 5);
        }
      }
    }
  });

  test('a leak stays a leak: no reading beyond it is nothing', () => {
    const search = line('polywire-3');
    const told = [0, 15].map((at) =>
      readAt(at, search.reads({ kind: 'read', at }, { bay: 9, ohms: 145 })),
    );
    const broken = search.suspects.filter(({ fault }) => 'brokenInto' in fault);
    expect(broken).toHaveLength(15);
    const step = nextStep(
      search,
      [...told, { test: { kind: 'open', into: 10 }, volts: told[0]?.volts ?? 0 }],
      9,
    );
    expect(step.kind === 'found' ? step.brokenInto : undefined).toBeUndefined();
  });

  test('of two wires joined at their ends both must be broken for anything to be dead: likely less often', () => {
    const likely = (wires: number) => {
      const search = searchOf({ bays: 8, round: 12, wires }, 'steel-2');
      return search.suspects.reduce(
        (sum, { fault, prior }) => sum + ('brokenInto' in fault ? prior : 0),
        0,
      );
    };
    expect(likely(2)).toBeLessThan(likely(1));
    const two = searchOf({ bays: 8, round: 12, wires: 2 }, 'steel-2');
    const told = [readAt(0, 6.9), readAt(4, 6.9), readAt(5, 0)];
    expect(nextStep(two, told, 5)).toEqual({ kind: 'found', bay: 5, brokenInto: 5 });
  });
});

test('chances sum to one whatever is told, contradictions too', () => {
  const search = searchOf({ bays: 10, round: 15 }, 'polywire-3');
  const told: LeakTestResult[] = [
    { test: { kind: 'open', into: 5 }, volts: 6.9 },
    { test: { kind: 'open', into: 8 }, volts: 6.9 },
    { test: { kind: 'open', into: 3 }, volts: 1 },
    { test: { kind: 'read', at: 2 }, volts: 0 },
  ];
  const sum = likelyBays(search, told).reduce((total, it) => total + it, 0);
  expect(sum).toBeCloseTo(1, 9);
});

test('where a bay was looked at and found clear the search goes on elsewhere; once all has been looked at, the tests stand again', () => {
  const search = searchOf({ bays: 10, round: 15 }, 'steel-2');
  const told: LeakEvidence[] = [
    { test: { kind: 'open', into: 5 }, volts: 3.5 },
    { test: { kind: 'open', into: 4 }, volts: 6.9 },
  ];
  const found = { kind: 'found', bay: 4 };
  expect(nextStep(search, told, 4)).toEqual(found);
  const after = [...told, { clear: 4 }];
  expect(likelyBays(search, after)[4]).toBe(0);
  expect(likelyBays(search, after).reduce((sum, it) => sum + it, 0)).toBeCloseTo(1, 9);
  expect(nextStep(search, after, 4)).not.toEqual(found);
  const all = Array.from({ length: 10 }, (_, clear): LeakEvidence => ({ clear }));
  expect(nextStep(search, [...told, ...all], 4)).toEqual(found);
});
