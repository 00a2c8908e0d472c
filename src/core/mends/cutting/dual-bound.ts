/**
 * What cutting costs at the least, by prices put on the pieces (Lagrangean relaxation, improved by subgradients as Held and Karp 1971 do;
 * recalled from memory): they are moved until taking a piece twice, or not at all, hardly pays. The same prices tell at any point of a
 * search what the pieces that are left cost at the least.
 */
import type { Piece } from './cutting';
import { restOf, sectionsOf } from './sections';

/** A width that sections may have, and what one costs for its length. */
export interface Strip {
  readonly width: number;
  readonly costOf: (length: number) => number;
}

/** A bound from below, by prices put on the pieces. */
export interface DualBound {
  /** Of all pieces. */
  readonly whole: number;
  /** Of the pieces from this place on, where these widths are left in sections that are begun. */
  readonly rest: (from: number, gaps: readonly number[]) => number;
}

const rounds = 160;

/** `pieces`: the longest first. `above`: what some cutting costs. */
export function dualBound(
  pieces: readonly Piece[],
  strips: readonly Strip[],
  above: number,
): DualBound {
  const costs = strips.map(({ costOf }) => pieces.map(({ length }) => costOf(length)));
  const costOf = (kind: number, piece: number): number => costs[kind]?.[piece] ?? 0;
  const { table, look } = sectionsOf(
    pieces,
    strips.map(({ width }) => width),
  );
  let prices = startPrices(pieces, strips);
  let best = { whole: -Infinity, prices };
  let step = 1;
  for (let round = 0; round < rounds; round += 1) {
    const { whole, taken } = look(prices, costOf);
    if (whole > best.whole) best = { whole, prices };
    else step *= 0.94;
    const slopes = taken.map((times) => 1 - times);
    const steepness = slopes.reduce((sum, it) => sum + it * it, 0);
    if (steepness === 0 || best.whole >= above - 1e-9) break;
    const far = (step * (above - whole)) / steepness;
    prices = prices.map((it, index) => Math.max(0, it + far * (slopes[index] ?? 0)));
  }
  // The table of the best prices is what the search looks things up in.
  const { saved } = look(best.prices, costOf);
  return {
    whole: best.whole,
    rest: restOf(table, best.prices, saved),
  };
}

/** By its share of the narrowest strip that it fits. */
function startPrices(pieces: readonly Piece[], strips: readonly Strip[]): number[] {
  return pieces.map(({ length, width }) =>
    Math.min(
      ...strips
        .filter((it) => it.width >= width)
        .map((it) => (it.costOf(length) * width) / it.width),
    ),
  );
}
