/**
 * Sets of rolls are tried in the order of what they cost at the least, from an empty one on (best first, as in Hart, Nilsson and Raphael
 * 1968; recalled from memory), until none is left that could cost less, or waste less for the same money.
 */
import { Heap } from 'heap-js';
import { orderOf } from '../../order-of';
import type { Found } from './found';
import { areaOf, fitsOn, sumBy, type Cutting, type Piece, type Roll } from './cutting';
import type { Packing } from './packing';
import { restBound } from './rest-bound';

/** How much is looked at before the search is broken off. */
export interface CuttingLimits {
  /** States looked at for one set of rolls. */
  readonly ofOneSet: number;
  /** Of all sets together. */
  readonly inAll: number;
  /** Whether prices are put on the pieces to prove more: it takes its time before anything is looked at. */
  readonly withPrices: boolean;
}

/** Whether the pieces can be cut from these rolls with less area of sections than `below`. */
export type PackRolls = (rolls: readonly Roll[], below: number, mostNodes: number) => Packing;

/** What sets of rolls are tried for. */
export interface SetsToTry {
  /** The longest first. */
  readonly pieces: readonly Piece[];
  readonly stock: readonly Roll[];
  readonly bought: readonly Roll[];
  /** Something to be better than. */
  readonly first: Found;
  /** Hundredths of money that any cutting costs. */
  readonly atLeast: number;
  readonly pack: PackRolls;
  readonly limits: CuttingLimits;
}

/** A set of rolls: how many of each. */
interface RollSet {
  readonly counts: readonly number[];
  readonly cents: number;
  readonly area: number;
  readonly isEnough: boolean;
  /** What it costs at the least with all that is still wanting. */
  readonly least: number;
  /** Only rolls from here on are added: each set is come to once. */
  readonly from: number;
}

/** Goes through the sets of rolls that could hold the pieces, cheapest first, as far as `atLeast` lets it. */
export function throughSets({
  pieces,
  stock,
  bought: sold,
  first,
  atLeast,
  pack,
  limits,
}: SetsToTry): Cutting {
  let best = first;
  const wanted = sumBy(pieces, areaOf);
  const needed = sectionsNeeded(pieces, [...stock, ...sold]);
  // The dearest for their area come last: of what is still wanting, less and less is then to be had cheaply.
  const bought = [...sold].sort((a, b) => a.cents / areaOf(a) - b.cents / areaOf(b));
  const inStock = sumBy(stock, areaOf);
  const rates = ratesFrom(bought);
  // Nothing that is a matter of rounding is lacking.
  const lacking = needed * (1 - 1e-9) - inStock;
  const setOf = (counts: readonly number[], from: number): RollSet => {
    const inSet = (each: readonly number[]): number =>
      each.reduce((sum, it, at) => sum + it * (counts[at] ?? 0), 0);
    const cents = inSet(bought.map((roll) => roll.cents));
    const area = inSet(bought.map(areaOf));
    const more = area < lacking ? (lacking - area) * (rates[from] ?? Infinity) : 0;
    // Money is whole hundredths.
    const least = Math.max(atLeast, Math.ceil(cents + more - 1e-6));
    return { counts, cents, area: inStock + area, isEnough: more === 0, least, from };
  };
  const rollsOf = ({ counts }: RollSet): Roll[] => [
    ...stock,
    ...bought.flatMap((roll, at) => Array.from({ length: counts[at] ?? 0 }, () => roll)),
  ];
  const open = new Heap<RollSet>(
    orderOf<RollSet>((a, b) => a.least < b.least || (a.least === b.least && a.area < b.area)),
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
    if (set.isEnough && set.cents >= atLeast && takesAll(pieces, rolls)) {
      const below = set.cents < best.cents ? Infinity : best.packed.area;
      const { packed, proved, nodes } = pack(rolls, below, Math.min(left, limits.ofOneSet));
      left -= nodes;
      if (!proved) isLeastWaste = false;
      if (!proved && !packed) lowest = Math.min(lowest, set.cents);
      if (packed) best = { rolls, packed, cents: set.cents };
    }
    left -= 1;
    // Nobody wants more rolls than pieces, not even for nothing.
    if (sumBy(set.counts, (it) => it) >= pieces.length) continue;
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

/** At what rate area is bought where only rolls from a place on are. */
function ratesFrom(bought: readonly Roll[]): number[] {
  const each = bought.map((roll) => roll.cents / areaOf(roll));
  return each.map((_, from) => Math.min(...each.slice(from)));
}

const takesAll = (pieces: readonly Piece[], rolls: readonly Roll[]): boolean =>
  pieces.every((piece) => rolls.some((roll) => fitsOn(piece, roll)));

/** Area of sections that any cutting has at the least, were there no end of each roll. */
function sectionsNeeded(pieces: readonly Piece[], rolls: readonly Roll[]): number {
  const endless = rolls.map(({ width }) => ({ width, left: Infinity }));
  return Math.max(sumBy(pieces, areaOf), restBound(pieces)({ gaps: [], rolls: endless }) ?? 0);
}
