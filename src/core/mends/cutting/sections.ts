/**
 * The cheapest sections by prices on the pieces, each section for itself: it may take any pieces that fit beside the one that begins it,
 * some of them twice and some never. What they save and how often each piece is in them is what prices are improved by.
 */
import type { Piece } from './cutting';
import { worthTable, type WorthTable } from './worth-table';

/** Widths are told apart this finely, at least, where they have no common measure. */
const fineness = 400;
/** Where all pieces are as long (boards turned round), sections differ in their width alone: it pays to be finer. */
const finerFineness = 2000;

/** What prices say of all pieces together. */
export interface Pricing {
  /** What all pieces cost at the least, by these prices. */
  readonly whole: number;
  /** By piece: what beginning a section with it saves, 0 or less. */
  readonly saved: readonly number[];
  /** How often each piece is in them. */
  readonly taken: readonly number[];
}

/** The kinds of sections there are, and what they are worth. */
export interface Sections {
  readonly table: WorthTable;
  /** `costOf`: what a section of this kind costs that this piece begins. */
  readonly look: (
    prices: readonly number[],
    costOf: (kind: number, piece: number) => number,
  ) => Pricing;
}

/** `pieces`: the longest first. `widths`: of sections, by kind. */
export function sectionsOf(pieces: readonly Piece[], widths: readonly number[]): Sections {
  const areAsLong = pieces.every(({ length }) => length === pieces[0]?.length);
  const table = worthTable(
    pieces.map(({ width }) => width),
    widths,
    areAsLong ? finerFineness : fineness,
  );
  return {
    table,
    look(prices, costOf) {
      table.price(prices);
      const taken = pieces.map(() => 0);
      const saved = pieces.map(({ width }, index) => {
        let [least, of] = [0, -1];
        for (const [kind, wide] of widths.entries()) {
          if (wide < width) continue;
          const beside = table.worth(index + 1, wide - width);
          const cost = costOf(kind, index) - (prices[index] ?? 0) - beside;
          if (cost < least) [least, of] = [cost, kind];
        }
        if (of < 0) return 0;
        taken[index] = (taken[index] ?? 0) + 1;
        table.addBest(index + 1, (widths[of] ?? 0) - width, taken);
        return least;
      });
      const whole = [...prices, ...saved].reduce((sum, it) => sum + it, 0);
      return { whole, saved, taken };
    },
  };
}

/** What sections of any width cost for the pieces from a place on, where these gaps are left in sections that are begun. */
export function restOf(
  table: WorthTable,
  prices: readonly number[],
  saved: readonly number[],
): (from: number, gaps: readonly number[]) => number {
  const left = [0];
  for (let at = prices.length - 1; at >= 0; at -= 1) {
    left.unshift((left[0] ?? 0) + (prices[at] ?? 0) + (saved[at] ?? 0));
  }
  return (from, gaps) => gaps.reduce((sum, gap) => sum - table.worth(from, gap), left[from] ?? 0);
}
