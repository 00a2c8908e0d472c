/**
 * The cheapest rolls that pieces can be cut from, and of equally cheap ones those with the least waste. A first cutting is near it
 * (`by-shelves.ts`); then sets of rolls are tried in the order of what they cost at the least, from an empty one on (best first, as in
 * Hart, Nilsson and Raphael 1968; recalled from memory); whether the pieces can be cut from a set is searched through. Exact unless the
 * search is broken off, as it is beyond some thirty pieces; what is proved is said.
 */
import { byShelves } from './by-shelves';
import { isOfLengths, turnedBack, turnedPiece, turnedRoll } from './of-lengths';
import { areaOf, fitsOn, sumBy, type Cut, type Cutting, type Piece, type Roll } from './cutting';
import { dualBound, type DualBound } from './dual-bound';
import { doNotTakeThem, packing } from './packing';
import { throughSets, type CuttingLimits, type PackRolls } from './roll-sets';

export type { CuttingLimits } from './roll-sets';

/** Enough for most; what it does not prove is said. */
export const quick: CuttingLimits = { ofOneSet: 2000, inAll: 8000, withPrices: false };

/** Each state takes longer to look at the more pieces there are. */
export function thorough(pieces: number): CuttingLimits {
  const share = Math.min(1, 30 / pieces) ** 2;
  return {
    ofOneSet: Math.ceil(60_000 * share),
    inAll: Math.ceil(400_000 * share),
    withPrices: true,
  };
}

/** What is cut from what, the longest pieces first; ids of those that nothing takes where there are any. */
function sorted(given: readonly Piece[], sold: readonly Roll[]) {
  const tooLarge = given.filter((piece) => !sold.some((roll) => fitsOn(piece, roll)));
  const pieces = [...given].sort((a, b) => b.length - a.length || b.width - a.width);
  const stock = sold.filter((roll) => roll.cents === 0 && roll.count !== undefined);
  const bought = sold
    .filter((roll) => !stock.includes(roll))
    .filter((roll) => pieces.some((piece) => fitsOn(piece, roll)));
  return { tooLarge: tooLarge.map(({ id }) => id), pieces, own: stock.flatMap(eachOf), bought };
}

/** Rounds of a first cutting that is only to be compared with others. */
const fewRounds = (pieces: number): number => (pieces <= 60 ? 2 : 1);

/** What a first cutting costs, and the area of its sections, mm²: not far from the cheapest, and had in no time. */
export function firstCutting(
  given: readonly Piece[],
  sold: readonly Roll[],
): { readonly cents: number; readonly area: number } | undefined {
  const { tooLarge, pieces, own, bought } = sorted(given, sold);
  const found =
    tooLarge.length > 0 ? undefined : byShelves(pieces, own, bought, fewRounds(pieces.length));
  return found && { cents: found.cents, area: found.packed.area };
}

/** `limits`: where none are given it is searched quickly, and thoroughly only where money may still be spared. */
export function cheapestCutting(
  given: readonly Piece[],
  sold: readonly Roll[],
  limits?: CuttingLimits,
): Cut {
  const { tooLarge, pieces, own, bought } = sorted(given, sold);
  if (tooLarge.length > 0) return { tooLarge };
  if (given.length === 0) return { cutting: nothingCut };
  const search = (within: CuttingLimits): Cutting | undefined =>
    isOfLengths(pieces, sold)
      ? cutOfLengths(pieces, own, bought, within)
      : cutAcross(pieces, own, bought, within);
  const first = search(limits ?? quick);
  const cutting =
    first && !limits && first.lowestCents < first.cents ? search(thorough(given.length)) : first;
  return cutting ? { cutting } : { tooLarge: given.map(({ id }) => id) };
}

function cutOfLengths(
  pieces: readonly Piece[],
  stock: readonly Roll[],
  bought: readonly Roll[],
  limits: CuttingLimits,
): Cutting | undefined {
  const turned = [pieces.map(turnedPiece), stock.map(turnedRoll), bought.map(turnedRoll)] as const;
  const cutting = cutAcross(...turned, limits);
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
  const first = byShelves(pieces, stock, bought);
  if (!first) return undefined;
  const { packed, cents } = first;
  const atLeast = limits.withPrices ? leastMoney(pieces, stock, bought, cents) : 0;
  const dualOf = limits.withPrices ? areaBounds(pieces, packed.area) : () => noBound;
  const pack: PackRolls = (rolls, below, mostNodes) => {
    const dual = dualOf(rolls);
    if (dual.whole > sumBy(rolls, areaOf) + 1) return doNotTakeThem;
    return packing(pieces, rolls, below, mostNodes, dual);
  };
  // What costs nothing is not searched for less of.
  const inAll = cents === 0 && stock.length === 0 ? 0 : limits.inAll;
  const within = { ...limits, inAll };
  const found = throughSets({ pieces, stock, bought, first, atLeast, pack, limits: within });
  if (found.lowestCents >= found.cents || limits.withPrices) return found;
  // Prices tell more than a search that was broken off, and take less than it did.
  const lowest = Math.min(found.cents, leastMoney(pieces, stock, bought, found.cents));
  return { ...found, lowestCents: Math.max(found.lowestCents, lowest) };
}

const noBound: DualBound = { whole: 0, rest: () => 0 };

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
