/**
 * Where is it? A leak somewhere on the line, or a wire that no longer leads: how likely in each bay after the tests so far, and which test
 * tells most. On steel the volts are alike everywhere, so the line is opened and read on the fed side; on polywire they fall along it. Beyond a
 * broken wire there are none. By Bayes: prior from what was found touching and where doors are, likelihood from the line worked out with the
 * leak in each bay, of several sizes, and with the wire broken between any two.
 */
import { jStat } from 'jstat';
import type { FenceLine } from '../place/fence';
import { isFixed } from '../place/opening-cover';
import { mostVolts } from '../attributes/limits';
import { getOrMake } from '../memo';
import { isKnown } from '../place/possible';
import {
  leakAround,
  leakSizes,
  leastInformation,
  likelierAtDoor,
  likelierBroken,
  likelierUnread,
  likelierWhere,
  modelShare,
  sureEnough,
  testerLeast,
  testerShare,
} from '../tables/fence-faults';
import type { Touching } from '../tables/shocking';
import { fedSide } from './fed-side';
import type { LineCase } from './line-case';
import { networkOf } from './line-network';
import type { LineBay, LinePath } from './line-path';
import { solve, withLeak, type Solved } from './network';
import type { Source } from './source';

/** A test on the line; bays by their place on the path. */
export type LeakTest =
  /** Volts read in a bay, the line whole. */
  | { readonly kind: 'read'; readonly at: number }
  /** The line opened between the bay before and this one, and read on the side that is still fed. */
  | { readonly kind: 'open'; readonly into: number };

/** A test with what was read, kV. */
export interface LeakTestResult {
  readonly test: LeakTest;
  readonly volts: number;
}

/** What was found out: a test, or a bay looked at closely and found clear. */
export type LeakEvidence = LeakTestResult | { readonly clear: number };

/** A leak of so many Ω in a bay; or the wire broken, or a joint undone, between the bay before and this one. */
export type Fault =
  { readonly bay: number; readonly ohms: number } | { readonly brokenInto: number };

interface Suspect {
  readonly fault: Fault;
  /** Where one looks for it: of a broken wire the first bay that is dead. */
  readonly bay: number;
  readonly prior: number;
}

/** A reading to come, kV, and its standard deviation. */
interface Expected {
  readonly volts: number;
  readonly spread: number;
}

/** All that a search needs of a line, worked out once. */
export interface LeakSearch {
  readonly bays: number;
  readonly suspects: readonly Suspect[];
  readonly tests: readonly LeakTest[];
  /** kV that a test reads if this is wrong. */
  readonly reads: (test: LeakTest, fault: Fault) => number;
  /** What every suspect in turn would have it show. */
  readonly expected: (test: LeakTest) => readonly Expected[];
}

/** A ring is searched as the open line that it is once it has been undone where it closes. */
export function leakSearch(
  ring: LinePath,
  line: FenceLine,
  source: Source,
  lineCase: LineCase,
): LeakSearch {
  // Wires are joined at their ends: a leak on any of them shows on all, so one stands for all.
  const bays = ring.bays.map((it) => ({ ...it, wires: it.wires.slice(0, 1) }));
  const path: LinePath = { ...ring, bays, shape: 'open' };
  const whole = solve(networkOf(path, line, source, lineCase).network);
  const fedParts = new Map<number, FedPart>();
  const fedPart = (into: number): FedPart =>
    getOrMake(fedParts, into, () => {
      const part = partFed(path, into);
      return { ...part, solved: solve(networkOf(part.path, line, source, lineCase).network) };
    });
  const places = bays.map((_, index) => index);
  const leaks = places.flatMap((bay) =>
    leakSizes.map((ohms): Suspect => ({
      fault: { bay, ohms },
      bay,
      prior: likelier(bays[bay]) / leakSizes.length,
    })),
  );
  // Of several wires joined at their ends one that is broken is fed from both sides, and not felt: it is all of them, or none.
  const breaks = places.slice(1).map((into): Suspect => ({
    fault: { brokenInto: into },
    bay: deadFrom(into, path.feed),
    prior:
      likelierBroken ** (ring.bays[into]?.wires.length ?? 1) *
      atDoor(bays[into - 1]) *
      atDoor(bays[into]),
  }));
  const suspects = [...leaks, ...breaks];
  // One wire to a bay: nodes are counted as bays are.
  const reads: LeakSearch['reads'] = (test, fault) => {
    if ('brokenInto' in fault) {
      const { brokenInto } = fault;
      const at = test.kind === 'read' ? test.at : fedSide(test.into, path.feed);
      if (isBeyond(at, brokenInto, path.feed)) return 0;
      const part = fedPart(test.kind === 'read' ? brokenInto : test.into);
      return part.solved.volts[at - part.from] ?? 0;
    }
    const { bay, ohms } = fault;
    return test.kind === 'read'
      ? withLeak(whole, test.at, { node: bay, ohms })
      : inFedPart(fedPart(test.into), fedSide(test.into, path.feed), bay, ohms);
  };
  const known = new Map<string, readonly Expected[]>();
  return {
    bays: bays.length,
    suspects,
    tests: [
      ...places.map((at): LeakTest => ({ kind: 'read', at })),
      ...places.slice(1).map((into): LeakTest => ({ kind: 'open', into })),
    ],
    reads,
    expected: (test) =>
      getOrMake(known, `${test.kind} ${placeOf(test)}`, () =>
        suspects.map((suspect) => expectedOf(test, suspect, reads)),
      ),
  };
}

/** A suspect stands for leaks about as large: the reading is as unsure as they differ (evenly between the ends). */
function expectedOf(test: LeakTest, { fault }: Suspect, reads: LeakSearch['reads']): Expected {
  if ('brokenInto' in fault) {
    const volts = reads(test, fault);
    return { volts, spread: off(volts) };
  }
  const { bay, ohms } = fault;
  const [low, volts, high] = [ohms / leakAround, ohms, ohms * leakAround].map((it) =>
    reads(test, { bay, ohms: it }),
  );
  const between = ((high ?? 0) - (low ?? 0)) / Math.sqrt(12);
  return { volts: volts ?? 0, spread: Math.hypot(off(volts ?? 0), between) };
}

/** What hangs on the energizer once the line has been opened. */
interface FedPart {
  readonly path: LinePath;
  /** Place on the whole line of its first bay. */
  readonly from: number;
  readonly solved: Solved;
}

function partFed(path: LinePath, into: number): Omit<FedPart, 'solved'> {
  const { bays, feed, far } = path;
  return feed < into
    ? { from: 0, path: { ...path, bays: bays.slice(0, into), far: Math.min(far, into - 1) } }
    : {
        from: into,
        path: { ...path, bays: bays.slice(into), feed: feed - into, far: Math.max(0, far - into) },
      };
}

/** A leak in the part that has been cut off is not felt. */
function inFedPart({ path, from, solved }: FedPart, at: number, bay: number, ohms: number): number {
  const node = bay - from;
  return path.bays[node]
    ? withLeak(solved, at - from, { node, ohms })
    : (solved.volts[at - from] ?? 0);
}

/** The first bay that is dead where the wire is broken into this one. */
const deadFrom = (into: number, feed: number): number => (feed < into ? into : into - 1);

const isBeyond = (at: number, into: number, feed: number): boolean =>
  feed < into ? at >= into : at < into;

function likelier(it: LineBay | undefined): number {
  const [wire] = it?.bay.strands ?? [];
  const touched = wire?.touching;
  const found = isKnown<Touching>(touched) ? likelierWhere[touched.is] : likelierUnread;
  return found * atDoor(it);
}

function atDoor(it: LineBay | undefined): number {
  const hasDoor = it?.bay.openings.some((opening) => !isFixed(opening)) === true;
  return hasDoor ? likelierAtDoor : 1;
}

/** How far a reading may be from what was worked out, kV, one standard deviation: errors are given as two. */
const off = (volts: number): number =>
  Math.hypot(testerShare.value * volts, modelShare.value * volts, testerLeast.value) / 2;

/** Chance of each suspect after the tests, summing to 1. */
function afterTests({ suspects, expected }: LeakSearch, told: readonly LeakEvidence[]): number[] {
  const clear = new Set(told.flatMap((it) => ('clear' in it ? [it.clear] : [])));
  // Once all has been looked at, something was overlooked: the tests stand again.
  const isAllClear = suspects.every(({ bay }) => clear.has(bay));
  const tests = told.flatMap((it) => ('test' in it ? [it] : []));
  const weights = suspects.map(({ prior, bay }, index) => {
    if (clear.has(bay) && !isAllClear) return 0;
    return tests.reduce((weight, { test, volts }) => {
      const it = expected(test)[index];
      // Slips happen: no reading shuts a bay out for good.
      return it ? weight * (jStat.normal.pdf(volts, it.volts, it.spread) + slip) : 0;
    }, prior);
  });
  const all = weights.reduce((sum, it) => sum + it, 0);
  return weights.map((it) => it / all);
}

/** A reading that says nothing: the wrong post, a tester held badly. One in a thousand over ten kilovolts (assumption of ours). */
const slip = 1e-4;

/** Chance that it is to be looked for in each bay, in the order of the path; they sum to 1. */
export function likelyBays(search: LeakSearch, told: readonly LeakEvidence[]): number[] {
  return byBay(search, afterTests(search, told));
}

function byBay({ bays, suspects }: LeakSearch, chances: readonly number[]): number[] {
  const sums = Array.from({ length: bays }, () => 0);
  suspects.forEach(({ bay }, index) => (sums[bay] = (sums[bay] ?? 0) + (chances[index] ?? 0)));
  return sums;
}

/** What to do next. */
export type NextStep =
  | { readonly kind: 'test'; readonly test: LeakTest; /** Bits. */ readonly tells: number }
  /** `brokenInto`: it is no leak; between the bay before that one and it the wire no longer leads. */
  | { readonly kind: 'found'; readonly bay: number; readonly brokenInto?: number }
  /** No test worth making tells these apart: they are looked at, likeliest first. */
  | { readonly kind: 'look'; readonly bays: readonly number[] };

/** `standing`: the bay one stands at; of tests that tell about as much, the one that is least trouble is made. */
export function nextStep(
  search: LeakSearch,
  told: readonly LeakEvidence[],
  standing: number,
): NextStep {
  const chances = afterTests(search, told);
  const bays = byBay(search, chances);
  const order = bays.map((_, index) => index).sort((a, b) => (bays[b] ?? 0) - (bays[a] ?? 0));
  const [first = 0] = order;
  if ((bays[first] ?? 0) >= sureEnough.value) return foundAt(search, chances, first);
  const before = bitsOf(bays, 0, bays.length);
  const rate = (tests: readonly LeakTest[]): RatedTest[] =>
    tests
      .filter((test) => !told.some((it) => 'test' in it && isSameTest(it.test, test)))
      .map((test) => ({ test, tells: before - entropyAfter(search, chances, test) }));
  const coarse = rate(spreadOver(search.tests, bays));
  const rated = [...coarse, ...rate(beside(search.tests, coarse))];
  const most = mostTold(rated);
  if (most < leastInformation) return { kind: 'look', bays: upTo(order, bays, sureEnough.value) };
  const [best] = rated
    .filter(({ tells }) => tells > most - alike)
    .sort((a, b) => troubleOf(a.test, standing) - troubleOf(b.test, standing));
  return best ? { kind: 'test', ...best } : { kind: 'look', bays: order };
}

/** What is the likelier there. */
function foundAt({ suspects }: LeakSearch, chances: readonly number[], bay: number): NextStep {
  const of = (isBreak: boolean): number =>
    suspects.reduce(
      (sum, it, index) =>
        it.bay === bay && 'brokenInto' in it.fault === isBreak ? sum + (chances[index] ?? 0) : sum,
      0,
    );
  const broken = suspects.find((it) => it.bay === bay && 'brokenInto' in it.fault)?.fault;
  return broken && 'brokenInto' in broken && of(true) > of(false)
    ? { kind: 'found', bay, brokenInto: broken.brokenInto }
    : { kind: 'found', bay };
}

/** Bays to walk; to open the line one walks to the energizer and back besides, as far as so many bays (assumption of ours). */
const troubleOf = (test: LeakTest, standing: number): number =>
  Math.abs(placeOf(test) - standing) + (test.kind === 'open' ? 4 : 0);

interface RatedTest {
  readonly test: LeakTest;
  readonly tells: number;
}

const mostTold = (rated: readonly RatedTest[]): number =>
  Math.max(0, ...rated.map(({ tells }) => tells));

/** So many places are tried first, with as much of the chance between each; what a test tells changes little from bay to bay. */
const triedFirst = 12;

function spreadOver(tests: readonly LeakTest[], bays: readonly number[]): LeakTest[] {
  let sum = 0;
  const places = new Set<number>();
  bays.forEach((chance, bay) => {
    const before = Math.floor(sum * triedFirst);
    sum += chance;
    if (Math.floor(sum * triedFirst) > before || bay === 0) places.add(bay);
  });
  return tests.filter((test) => places.has(placeOf(test)));
}

/** Those of the best one’s kind between the places tried to both sides of it. */
function beside(tests: readonly LeakTest[], coarse: readonly RatedTest[]): LeakTest[] {
  const most = mostTold(coarse);
  const best = coarse.find(({ tells }) => tells === most)?.test;
  if (!best) return [...tests];
  const own = coarse.filter(({ test }) => test.kind === best.kind).map(({ test }) => placeOf(test));
  const at = placeOf(best);
  const low = Math.max(-1, ...own.filter((it) => it < at));
  const high = Math.min(Infinity, ...own.filter((it) => it > at));
  return tests.filter((test) => {
    const place = placeOf(test);
    return test.kind === best.kind && place > low && place < high && place !== at;
  });
}

/** Tests within this of each other tell as much, bits (assumption of ours). */
const alike = 0.02;

const placeOf = (test: LeakTest): number => (test.kind === 'read' ? test.at : test.into);

const isSameTest = (a: LeakTest, b: LeakTest): boolean =>
  a.kind === b.kind && placeOf(a) === placeOf(b);

/** As many of the likeliest as make up that share. */
function upTo(order: readonly number[], bays: readonly number[], share: number): number[] {
  let sum = 0;
  return order.filter((bay) => {
    const isIn = sum < share;
    sum += bays[bay] ?? 0;
    return isIn;
  });
}

/** kV; readings in one step of this are one reading. */
const step = 0.3;
/** No energizer shows more steps. */
const mostSteps = Math.ceil(mostVolts / step);
/** Where a reading may fall about what is expected, in standard deviations, with the weight of each: a normal curve at seven points. */
const falls: readonly (readonly [deviations: number, weight: number])[] = [
  -2.4, -1.6, -0.8, 0, 0.8, 1.6, 2.4,
].map((at) => [at, (0.8 * Math.exp((-at * at) / 2)) / Math.sqrt(2 * Math.PI)]);
/** Suspects less likely than this are passed over while tests are compared. */
const faint = 1e-4;

/** Bits that are left on the average once the test has been made. */
function entropyAfter(search: LeakSearch, chances: readonly number[], test: LeakTest): number {
  const { bays, suspects } = search;
  const expected = search.expected(test);
  // A row for each outcome, a column for each bay: plain numbers, for this is asked of every test at every turn.
  const outcomes = new Float64Array((mostSteps + 1) * bays);
  for (let index = 0; index < suspects.length; index += 1) {
    const [chance, suspect, reading] = [chances[index], suspects[index], expected[index]];
    if (chance === undefined || chance < faint || !suspect || !reading) continue;
    for (const [deviations, weight] of falls) {
      const volts = reading.volts + deviations * reading.spread;
      const row = Math.min(mostSteps, Math.max(0, Math.floor(volts / step)));
      const cell = row * bays + suspect.bay;
      outcomes[cell] = (outcomes[cell] ?? 0) + chance * weight;
    }
  }
  let left = 0;
  for (let row = 0; row <= mostSteps; row += 1) {
    left += bitsOf(outcomes, row * bays, (row + 1) * bays);
  }
  return left;
}

/** Entropy of the shares from one place to another, times their sum. */
function bitsOf(shares: ArrayLike<number>, from: number, to: number): number {
  let sum = 0;
  let bits = 0;
  for (let index = from; index < to; index += 1) {
    const share = shares[index] ?? 0;
    if (share <= 0) continue;
    sum += share;
    bits -= share * Math.log2(share);
  }
  return sum > 0 ? bits + sum * Math.log2(sum) : 0;
}
