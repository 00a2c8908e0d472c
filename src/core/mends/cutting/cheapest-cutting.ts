/**
 * The cheapest rolls that pieces can be cut from, and of equally cheap ones those with the least waste. Sets of rolls are tried in the
 * order of what they cost at the least, from an empty one on (best first, as in Hart, Nilsson and Raphael 1968; recalled from memory);
 * whether the pieces can be cut from a set is searched through. Exact unless the search is broken off; what is proved is said.
 */
import { heapOf } from '../../heap';
import { isOfLengths, turnedBack, turnedPiece, turnedRoll } from './of-lengths';
import { areaOf, fitsOn, sumBy, type Cut, type Cutting, type Piece, type Roll } from './cutting';
import { byGreed } from './by-greed';
import { dualBound, type DualBound } from './dual-bound';
import { packing } from './packing';
import { restBound } from './rest-bound';

export interface CuttingLimits {
  /** States looked at for one set of rolls. */
  readonly ofOneSet: number;
  /** Of all sets together. */
  readonly inAll: number;
  /** Whether prices are put on the pieces to prove more: it takes its time before anything is looked at. */
  readonly withPrices: boolean;
}

/** Enough for most; what it does not prove is said. */
export const quick: CuttingLimits = { ofOneSet: 2000, inAll: 8000, withPrices: false };

/** Up to this many pieces it is searched until all is proved, but for cases that would take minutes. */
const fewPieces = 30;
/** More pieces than that are not proved in any time a keeper waits. */
const mostPriced = 80;

/** Each state takes longer to look at the more pieces there are. */
export function thorough(pieces: number): CuttingLimits {
  if (pieces <= fewPieces) return { ofOneSet: 400_000, inAll: 3_000_000, withPrices: true };
  const share = (fewPieces / pieces) ** 2;
  return {
    ofOneSet: Math.ceil(60_000 * share),
    inAll: Math.ceil(400_000 * share),
    withPrices: pieces <= mostPriced,
  };
}

/** A set of rolls: how many of each. */
interface RollSet {
  readonly counts: readonly number[];
  readonly cents: number;
  readonly area: number;
  /** What it costs at the least with all that is still wanting. */
  readonly least: number;
  /** Only rolls from here on are added: each set is come to once. */
  readonly from: number;
}

/** `limits`: where none are given it is searched quickly, and thoroughly only where that proves too little. */
export function cheapestCutting(
  given: readonly Piece[],
  sold: readonly Roll[],
  limits?: CuttingLimits,
): Cut {
  const tooLarge = given.filter((piece) => !sold.some((roll) => fitsOn(piece, roll)));
  if (tooLarge.length > 0) return { tooLarge: tooLarge.map(({ id }) => id) };
  if (given.length === 0) return { cutting: nothingCut };
  const pieces = [...given].sort((a, b) => b.length - a.length || b.width - a.width);
  const stock = sold.filter((roll) => roll.cents === 0 && roll.count !== undefined);
  const bought = sold
    .filter((roll) => !stock.includes(roll))
    .filter((roll) => pieces.some((piece) => fitsOn(piece, roll)));
  const own = stock.flatMap(eachOf);
  const search = (within: CuttingLimits): Cutting | undefined =>
    isOfLengths(pieces, sold)
      ? cutOfLengths(pieces, own, bought, within)
      : searched(pieces, own, bought, within);
  const first = search(limits ?? quick);
  const cutting = first && !limits && !isProved(first) ? search(thorough(given.length)) : first;
  return cutting ? { cutting } : { tooLarge: given.map(({ id }) => id) };
}

function isProved({ cents, lowestCents, waste, leastWaste }: Cutting): boolean {
  return lowestCents >= cents && leastWaste >= waste;
}

function cutOfLengths(
  pieces: readonly Piece[],
  stock: readonly Roll[],
  bought: readonly Roll[],
  limits: CuttingLimits,
): Cutting | undefined {
  const cutting = searched(
    pieces.map(turnedPiece),
    stock.map(turnedRoll),
    bought.map(turnedRoll),
    limits,
  );
  return cutting && turnedBack(cutting, pieces, [...stock, ...bought]);
}

const nothingCut: Cutting = { rolls: [], cents: 0, lowestCents: 0, waste: 0, leastWaste: 0 };

const eachOf = (roll: Roll): Roll[] => Array.from({ length: roll.count ?? 1 }, () => roll);

function searched(
  pieces: readonly Piece[],
  stock: readonly Roll[],
  bought: readonly Roll[],
  limits: CuttingLimits,
): Cutting | undefined {
  let best = byGreed(pieces, stock, bought);
  if (!best) return undefined;
  const wanted = sumBy(pieces, areaOf);
  const atLeast = limits.withPrices ? leastMoney(pieces, stock, bought, best.cents) : 0;
  const dualOf = limits.withPrices ? areaBounds(pieces, best.packed.area) : () => noBound;
  const needed = sectionsNeeded(pieces, [...stock, ...bought]);
  const inStock = sumBy(stock, areaOf);
  const density = Math.min(...bought.map((roll) => roll.cents / areaOf(roll)), Infinity);
  const setOf = (counts: readonly number[], from: number): RollSet => {
    const cents = sumBy(bought, (roll) => roll.cents * (counts[bought.indexOf(roll)] ?? 0));
    const area =
      inStock + sumBy(bought, (roll) => areaOf(roll) * (counts[bought.indexOf(roll)] ?? 0));
    const missing = Math.max(0, needed - area);
    // Money is whole hundredths.
    const least = missing === 0 ? cents : Math.ceil(cents + missing * density - 1e-6);
    return { counts, cents, area, least: Math.max(least, atLeast), from };
  };
  const rollsOf = ({ counts }: RollSet): Roll[] => [
    ...stock,
    ...bought.flatMap((roll, at) => Array.from({ length: counts[at] ?? 0 }, () => roll)),
  ];
  const open = heapOf<RollSet>(
    (a, b) => a.least < b.least || (a.least === b.least && a.area > b.area),
  );
  open.push(
    setOf(
      bought.map(() => 0),
      0,
    ),
  );
  let lowest = Infinity;
  let left = limits.inAll;
  let isLeastWaste = true;
  for (let set = open.pop(); set && set.least <= best.cents; set = open.pop()) {
    if (left <= 0) {
      lowest = Math.min(lowest, set.least);
      isLeastWaste = false;
      break;
    }
    const rolls = rollsOf(set);
    const isHopeful = set.area >= needed && set.cents >= atLeast && takesAll(pieces, rolls);
    const dual = isHopeful ? dualOf(rolls) : undefined;
    if (dual && dual.whole <= set.area + 1) {
      const below = set.cents < best.cents ? Infinity : best.packed.area;
      const most = Math.min(left, limits.ofOneSet);
      const { packed, proved, nodes } = packing(pieces, rolls, below, most, dual);
      left -= nodes;
      if (!proved) isLeastWaste = false;
      if (!proved && !packed) lowest = Math.min(lowest, set.cents);
      if (packed) best = { rolls, packed, cents: set.cents };
    }
    left -= 1;
    for (let at = set.from; at < bought.length; at += 1) {
      const { count = Infinity } = bought[at] as Roll;
      const counts = set.counts.map((it, index) => (index === at ? it + 1 : it));
      const next = setOf(counts, at);
      if ((counts[at] ?? 0) <= count && next.least <= best.cents) open.push(next);
    }
  }
  const { packed } = best;
  const waste = packed.area - wanted;
  const used = best.rolls
    .map((roll, at) => ({ roll, sections: packed.sections[at] ?? [] }))
    .filter(({ sections }) => sections.length > 0);
  // Where a search was broken off, a roll may be in the set that nothing is cut from.
  const cents = sumBy(used, ({ roll }) => roll.cents);
  return {
    rolls: used,
    cents,
    lowestCents: Math.min(lowest, cents),
    waste,
    leastWaste: isLeastWaste && lowest >= cents ? waste : Math.max(0, needed - wanted),
  };
}

const noBound: DualBound = { whole: 0, rest: () => 0 };

const takesAll = (pieces: readonly Piece[], rolls: readonly Roll[]): boolean =>
  pieces.every((piece) => rolls.some((roll) => fitsOn(piece, roll)));

/** Each section costs its share of the roll that it is cut from. What is in stock costs nothing, and then nothing is known. */
function leastMoney(
  pieces: readonly Piece[],
  stock: readonly Roll[],
  bought: readonly Roll[],
  above: number,
): number {
  if (stock.length > 0) return 0;
  const strips = bought.map(({ width, length: whole, cents }) => ({
    width,
    costOf: (length: number) => (length * cents) / whole,
  }));
  return Math.ceil(dualBound(pieces, strips, above).whole - 1e-6);
}

/** Bounds of the area of sections, one for each choice of widths. */
function areaBounds(pieces: readonly Piece[], above: number) {
  const known = new Map<string, DualBound>();
  return (rolls: readonly Roll[]): DualBound => {
    const widths = [...new Set(rolls.map(({ width }) => width))].sort((a, b) => a - b);
    const key = widths.join();
    const strips = widths.map((width) => ({ width, costOf: (length: number) => length * width }));
    const bound = known.get(key) ?? dualBound(pieces, strips, above);
    known.set(key, bound);
    return bound;
  };
}

/** Area of sections that any cutting has at the least, were there no end of each roll. */
function sectionsNeeded(pieces: readonly Piece[], rolls: readonly Roll[]): number {
  const endless = rolls.map(({ width }) => ({ width, left: Infinity }));
  return Math.max(sumBy(pieces, areaOf), restBound(pieces)({ gaps: [], rolls: endless }) ?? 0);
}
