/**
 * The cheapest rolls that pieces can be cut from, and of equally cheap ones those with the least waste. Sets of rolls are tried in the
 * order of what they cost at the least, from an empty one on (best first, as in Hart, Nilsson and Raphael 1968; recalled from memory);
 * whether the pieces can be cut from a set is searched through. Exact unless the search is broken off; what is proved is said.
 */
import { cutByBars } from './by-bars';
import { fillSections } from './fill-sections';
import { isOfLengths, turnedBack, turnedPiece, turnedRoll } from './of-lengths';
import { areaOf, fitsOn, sumBy, type Cut, type Cutting, type Piece, type Roll } from './cutting';
import { byGreed } from './by-greed';
import { dualBound, type DualBound } from './dual-bound';
import { doNotTakeThem, packing } from './packing';
import { mostInSet } from './piece-sets';
import { rollPrices } from './roll-prices';
import { throughSets, type CuttingLimits, type PackRolls } from './roll-sets';

export type { CuttingLimits } from './roll-sets';

/** Enough for most; what it does not prove is said. */
export const quick: CuttingLimits = { ofOneSet: 2000, inAll: 8000, withPrices: false };

/** Up to this many pieces it is searched until all is proved: mostly seconds, seldom minutes. */
const fewPieces = mostInSet;
/** More pieces than that are not proved in any time a keeper waits. */
const mostPriced = 80;

/** Each state takes longer to look at the more pieces there are. */
export function thorough(pieces: number): CuttingLimits {
  if (pieces <= fewPieces) return { ofOneSet: 8_000_000, inAll: 20_000_000, withPrices: true };
  const share = (fewPieces / pieces) ** 2;
  return {
    ofOneSet: Math.ceil(60_000 * share),
    inAll: Math.ceil(400_000 * share),
    withPrices: pieces <= mostPriced,
  };
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
      : cutAcross(pieces, own, bought, within);
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
  const turned = [pieces.map(turnedPiece), stock.map(turnedRoll), bought.map(turnedRoll)] as const;
  const cutting =
    pieces.length <= mostInSet ? cutByBars(...turned, limits) : cutAcross(...turned, limits);
  return cutting && turnedBack(cutting, pieces, [...stock, ...bought]);
}

const nothingCut: Cutting = { rolls: [], cents: 0, lowestCents: 0, waste: 0, leastWaste: 0 };

const eachOf = (roll: Roll): Roll[] => Array.from({ length: roll.count ?? 1 }, () => roll);

function cutAcross(
  pieces: readonly Piece[],
  stock: readonly Roll[],
  bought: readonly Roll[],
  limits: CuttingLimits,
): Cutting | undefined {
  const first = byGreed(pieces, stock, bought);
  if (!first) return undefined;
  const { packed, cents } = first;
  const atLeast = limits.withPrices ? leastMoney(pieces, stock, bought, cents) : 0;
  const dualOf = limits.withPrices ? areaBounds(pieces, packed.area) : () => noBound;
  const roomOf = limits.withPrices ? rollPrices(pieces, [...stock, ...bought]) : undefined;
  const pack: PackRolls = (rolls, below, mostNodes) => {
    const dual = dualOf(rolls);
    if (dual.whole > sumBy(rolls, areaOf) + 1) return doNotTakeThem;
    const room = roomOf?.(rolls);
    if (room?.isTooLittle) return { ...doNotTakeThem, nodes: room.nodes };
    return room && pieces.length <= mostInSet
      ? fillSections(pieces, rolls, below, mostNodes, dual, room)
      : packing(pieces, rolls, below, mostNodes, dual);
  };
  return throughSets({ pieces, stock, bought, first, atLeast, pack, limits });
}

const noBound: DualBound = { whole: 0, prices: [], worth: () => 0, rest: () => 0 };

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
