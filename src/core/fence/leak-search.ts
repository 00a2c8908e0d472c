/**
 * What a search for a leak weighs: what may be wrong with a line, how likely, and what each test would read then. A leak in each bay, of
 * several sizes; the wire broken between any two; a joint between any two that leads poorly.
 */
import type { FenceLine } from '../place/fence';
import { isFixed } from '../place/opening-cover';
import { getOrMake } from '../memo';
import { isKnown } from '../place/possible';
import {
  jointAround,
  jointSizes,
  leakAround,
  leakSizes,
  likelierAtDoor,
  likelierBroken,
  likelierPoor,
  likelierUnread,
  likelierWhere,
  modelShare,
  testerLeast,
  testerShare,
} from '../tables/fence-faults';
import { arrivesAtLeast } from '../tables/fence-first';
import type { Figure } from '../tables/figure';
import type { Touching } from '../tables/shocking';
import { fedSide } from './fed-side';
import type { LineCase } from './line-case';
import { networkOf } from './line-network';
import type { LineBay, LinePath } from './line-path';
import { solve, withLeak, type Network, type Solved } from './network';
import type { Source } from './source';

/** A test on the line; bays by their place on the path. */
export type LeakTest =
  /** Volts read in a bay, the line whole. */
  | { readonly kind: 'read'; readonly at: number }
  /** The line opened between the bay before and this one, and read on the side that is still fed. */
  | { readonly kind: 'open'; readonly into: number };

/** The bay that is read, or the one before which the line is opened. */
export const placeOf = (test: LeakTest): number => (test.kind === 'read' ? test.at : test.into);

/** Between the bay before and this one a joint adds so many Ω. */
export interface PoorJoint {
  readonly poorInto: number;
  readonly ohms: number;
}

/** A leak of so many Ω in a bay; or the wire broken, or a joint undone or poor, between the bay before and this one. */
export type Fault =
  { readonly bay: number; readonly ohms: number } | { readonly brokenInto: number } | PoorJoint;

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
  const solved = (part: LinePath) => {
    const { network } = networkOf(part, line, source, lineCase);
    return { network, solved: solve(network) };
  };
  const all: FedPart = { path, from: 0, ...solved(path) };
  const fedParts = new Map<number, FedPart>();
  const fedPart = (into: number): FedPart =>
    getOrMake(fedParts, into, () => {
      const part = partFed(path, into);
      return { ...part, ...solved(part.path) };
    });
  const places = bays.map((_, index) => index);
  const leaks = places.flatMap((bay) =>
    leakSizes.map((ohms): Suspect => ({
      fault: { bay, ohms },
      bay,
      prior: likelier(bays[bay]) / leakSizes.length,
    })),
  );
  // Of several wires joined at their ends one that is broken or poorly joined is fed from both sides, and not felt: it is all of them, or none.
  const likelierInto = (into: number, ofOne: Figure): number =>
    ofOne.value ** (ring.bays[into]?.wires.length ?? 1) *
    atDoor(bays[into - 1]) *
    atDoor(bays[into]);
  const breaks = places.slice(1).map((into): Suspect => ({
    fault: { brokenInto: into },
    bay: deadFrom(into, path.feed),
    prior: likelierInto(into, likelierBroken),
  }));
  const joints = places.slice(1).flatMap((into) =>
    jointSizes
      .map((ohms): Suspect & { readonly fault: PoorJoint } => ({
        fault: { poorInto: into, ohms },
        bay: deadFrom(into, path.feed),
        prior: likelierInto(into, likelierPoor) / jointSizes.length,
      }))
      // With little beyond it a poor joint changes no reading: it is not why anybody searches.
      .filter(
        ({ fault, bay }) =>
          withPoorJoint(all, bay, { ...fault, ohms: fault.ohms * jointAround }) <
          arrivesAtLeast.value * (all.solved.volts[bay] ?? 0),
      ),
  );
  const suspects = [...leaks, ...breaks, ...joints];
  // One wire to a bay: nodes are counted as bays are.
  const reads: LeakSearch['reads'] = (test, fault) => {
    if ('brokenInto' in fault) {
      const { brokenInto } = fault;
      const at = test.kind === 'read' ? test.at : fedSide(test.into, path.feed);
      if (isBeyond(at, brokenInto, path.feed)) return 0;
      const part = fedPart(test.kind === 'read' ? brokenInto : test.into);
      return part.solved.volts[at - part.from] ?? 0;
    }
    const [part, at] =
      test.kind === 'read' ? [all, test.at] : [fedPart(test.into), fedSide(test.into, path.feed)];
    return 'poorInto' in fault ? withPoorJoint(part, at, fault) : inFedPart(part, at, fault);
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
  const around = 'poorInto' in fault ? jointAround : leakAround;
  const [low, volts, high] = [1 / around, 1, around].map((times) =>
    reads(test, { ...fault, ohms: fault.ohms * times }),
  );
  const between = ((high ?? 0) - (low ?? 0)) / Math.sqrt(12);
  return { volts: volts ?? 0, spread: Math.hypot(off(volts ?? 0), between) };
}

/** What hangs on the energizer, all of it or once the line has been opened. */
interface FedPart {
  readonly path: LinePath;
  /** Place on the whole line of its first bay. */
  readonly from: number;
  readonly network: Network;
  readonly solved: Solved;
}

function partFed(path: LinePath, into: number): Pick<FedPart, 'path' | 'from'> {
  const { bays, feed, far } = path;
  return feed < into
    ? { from: 0, path: { ...path, bays: bays.slice(0, into), far: Math.min(far, into - 1) } }
    : {
        from: into,
        path: { ...path, bays: bays.slice(into), feed: feed - into, far: Math.max(0, far - into) },
      };
}

/** A leak in the part that has been cut off is not felt. */
function inFedPart(
  { path, from, solved }: FedPart,
  at: number,
  { bay, ohms }: { readonly bay: number; readonly ohms: number },
): number {
  const node = bay - from;
  return path.bays[node]
    ? withLeak(solved, at - from, { node, ohms })
    : (solved.volts[at - from] ?? 0);
}

/**
 * Seen from the fed side, what lies beyond a joint is one leak, and a poor joint makes it a smaller one: a leak taken away. Beyond it the
 * volts keep their ratios. So it is reckoned without the difference of the volts to both sides of a few milliohms.
 */
function withPoorJoint(
  { path, from, network, solved }: FedPart,
  at: number,
  { poorInto, ohms: added }: PoorJoint,
): number {
  const feed = path.feed + from;
  const node = fedSide(poorInto, feed) - from;
  const first = deadFrom(poorInto, feed) - from;
  const here = solved.volts[at - from] ?? 0;
  const [before, behind] = [solved.volts[node], solved.volts[first]];
  const isInPart = path.bays[node] !== undefined && path.bays[first] !== undefined;
  if (!isInPart || before === undefined || behind === undefined || behind <= 0) return here;
  const { joint, beyond } = loadBeyond(network, node, first, path.bays.length);
  const whole = joint + beyond;
  const taken = { node, ohms: 1 / (1 / (whole + added) - 1 / whole) };
  if (!isBeyond(at, poorInto, feed)) return withLeak(solved, at - from, taken);
  const now = withLeak(solved, node, taken);
  return (now * (beyond / (whole + added)) * here) / behind;
}

/** Ω of the wire between two neighbours, and of all that lies beyond it against earth: the ladder, from its end. */
function loadBeyond({ pieces, leaks }: Network, node: number, first: number, bays: number) {
  const step = first - node;
  const between = (a: number, b: number): number =>
    pieces.find(
      ({ from, to }) =>
        Math.min(from, to) === Math.min(a, b) && Math.max(from, to) === Math.max(a, b),
    )?.ohms ?? Infinity;
  const leaking = (at: number): number =>
    leaks.reduce((sum, leak) => (leak.node === at ? sum + 1 / leak.ohms : sum), 0);
  let siemens = 0;
  for (let at = step > 0 ? bays - 1 : 0; ; at -= step) {
    siemens += leaking(at);
    if (at === first) break;
    siemens = 1 / (between(at, at - step) + 1 / siemens);
  }
  return { joint: between(node, first), beyond: 1 / siemens };
}

/** The first bay that is dead where the wire is broken into this one. */
const deadFrom = (into: number, feed: number): number => (feed < into ? into : into - 1);

const isBeyond = (at: number, into: number, feed: number): boolean =>
  feed < into ? at >= into : at < into;

function likelier(it: LineBay | undefined): number {
  const [wire] = it?.bay.strands ?? [];
  const touched = wire?.touching;
  const found = isKnown<Touching>(touched) ? likelierWhere[touched.is] : likelierUnread;
  return found.value * atDoor(it);
}

function atDoor(it: LineBay | undefined): number {
  const hasDoor = it?.bay.openings.some((opening) => !isFixed(opening)) === true;
  return hasDoor ? likelierAtDoor.value : 1;
}

/** How far a reading may be from what was worked out, kV, one standard deviation: errors are given as two. */
const off = (volts: number): number =>
  Math.hypot(testerShare.value * volts, modelShare.value * volts, testerLeast.value) / 2;
