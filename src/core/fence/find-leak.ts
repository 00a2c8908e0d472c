/**
 * Where is it? A leak somewhere on the line, a wire that no longer leads or a joint that leads poorly: how likely in each bay after the
 * tests so far, and which test tells most. On steel the volts are alike everywhere, so the line is opened and read on the fed side; on
 * polywire they fall along it. Beyond a broken wire there are none, beyond a poor joint less. By Bayes: prior from what was found touching and
 * where doors are, likelihood from the line worked out with each fault in it.
 */
import { jStat } from 'jstat';
import { mostVolts } from '../attributes/limits';
import { leastInformation, sureEnough } from '../tables/fence-faults';
import { placeOf, type LeakSearch, type LeakTest } from './leak-search';

/** A test with what was read, kV. */
export interface LeakTestResult {
  readonly test: LeakTest;
  readonly volts: number;
}

/** What was found out: a test, or a bay looked at closely and found clear. */
export type LeakEvidence = LeakTestResult | { readonly clear: number };

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

/**
 * In this bay. `brokenInto`: it is no leak; between the bay before that one and it the wire no longer leads. `poorInto`: there a joint leads
 * poorly.
 */
export interface Found {
  readonly kind: 'found';
  readonly bay: number;
  readonly brokenInto?: number;
  readonly poorInto?: number;
}

/** What to do next. */
export type NextStep =
  | { readonly kind: 'test'; readonly test: LeakTest; /** Bits. */ readonly tells: number }
  | Found
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

/** What is the likeliest there. */
function foundAt({ suspects }: LeakSearch, chances: readonly number[], bay: number): Found {
  const sums = { leak: 0, broken: 0, poor: 0 };
  // Between which bays it is: each bay but the one that is fed has one such place before it.
  let into = bay;
  suspects.forEach(({ bay: at, fault }, index) => {
    if (at !== bay) return;
    const chance = chances[index] ?? 0;
    if ('brokenInto' in fault) {
      sums.broken += chance;
      into = fault.brokenInto;
    } else sums['poorInto' in fault ? 'poor' : 'leak'] += chance;
  });
  if (sums.leak >= Math.max(sums.broken, sums.poor)) return { kind: 'found', bay };
  return sums.broken >= sums.poor
    ? { kind: 'found', bay, brokenInto: into }
    : { kind: 'found', bay, poorInto: into };
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
