/**
 * What cutting costs at the least, by prices put on the pieces (Lagrangean relaxation, improved by subgradients as Held and Karp 1971 do;
 * recalled from memory). A section may take any pieces that fit beside the one that begins it, some of them twice and some never; the
 * prices are moved until that hardly pays. The same prices tell at any point of a search what the pieces that are left cost at the least.
 */
import { commonDivisor, type Piece } from './cutting';

/** A width that sections may have, and what one costs for its length. */
export interface Strip {
  readonly width: number;
  readonly costOf: (length: number) => number;
}

export interface DualBound {
  /** Of all pieces. */
  readonly whole: number;
  /** Of each piece: those of one section never come to more than the section costs. */
  readonly prices: readonly number[];
  /** Of the pieces from this place on, where these widths are left in sections that are begun. */
  readonly rest: (from: number, gaps: readonly number[]) => number;
}

/** Widths are told apart this finely, at least, where they have no common measure: coarser ones only make the bound lower. */
const fineness = 400;
/** Where all pieces are as long (boards turned round), sections differ in their width alone: it pays to be finer. */
const finerFineness = 2000;
const rounds = 160;

/** `pieces`: the longest first. `above`: what some cutting costs. */
export function dualBound(
  pieces: readonly Piece[],
  strips: readonly Strip[],
  above: number,
): DualBound {
  const widest = Math.max(...strips.map(({ width }) => width));
  const areAsLong = pieces.every(({ length }) => length === pieces[0]?.length);
  const unit = measureOf(
    [...pieces, ...strips].map(({ width }) => width),
    widest / (areAsLong ? finerFineness : fineness),
  );
  // Pieces a little narrower and gaps a little wider than they are: what fits, fits here too.
  const widths = pieces.map(({ width }) => Math.floor(width / unit + 1e-9));
  const room = (gap: number): number => Math.min(full, Math.ceil(gap / unit - 1e-9));
  const full = Math.ceil(widest / unit - 1e-9);
  const size = full + 1;
  const count = pieces.length;
  const kinds = strips.map(({ width, costOf }) => ({
    gap: (piece: number) => room(width - (pieces[piece]?.width ?? 0)),
    fits: (piece: number) => (pieces[piece]?.width ?? Infinity) <= width,
    costs: pieces.map(({ length }) => costOf(length)),
  }));
  /** At `index × size + gap`: the most that pieces from there on are worth that fit in the gap. */
  const worth = new Float64Array((count + 1) * size);
  let prices = startPrices(pieces, strips);
  let best = { whole: -Infinity, prices };
  let step = 1;
  for (let round = 0; round < rounds; round += 1) {
    const { whole, taken } = look(prices);
    if (whole > best.whole) best = { whole, prices };
    else step *= 0.94;
    const slopes = taken.map((times) => 1 - times);
    const steepness = slopes.reduce((sum, it) => sum + it * it, 0);
    if (steepness === 0 || best.whole >= above - 1e-9) break;
    const far = (step * (above - whole)) / steepness;
    prices = prices.map((it, index) => Math.max(0, it + far * (slopes[index] ?? 0)));
  }
  // The tables of the best prices are what the search looks things up in.
  const { saved } = look(best.prices);
  const lasting = best.prices.map((it, index) => it + (saved[index] ?? 0));
  const left = suffixSums(lasting);
  return {
    whole: best.whole,
    prices: lasting,
    rest: (from, gaps) =>
      gaps.reduce((sum, gap) => sum - (worth[from * size + room(gap)] ?? 0), left[from] ?? 0),
  };

  /** The bound of these prices, what beginning a section with each piece saves (0 or less), and how often each piece is taken. */
  function look(of: readonly number[]) {
    worth.fill(0, count * size);
    for (let index = count - 1; index >= 0; index -= 1) fillRow(index, of[index] ?? 0);
    const taken = pieces.map(() => 0);
    const saved = pieces.map((_, index) => {
      let [least, at] = [0, -1];
      for (const { gap, fits, costs } of kinds) {
        if (!fits(index)) continue;
        const beside = worth[(index + 1) * size + gap(index)] ?? 0;
        const cost = (costs[index] ?? 0) - (of[index] ?? 0) - beside;
        if (cost < least) [least, at] = [cost, gap(index)];
      }
      if (at >= 0) follow(index, at, taken);
      return least;
    });
    const whole = of.reduce((sum, it) => sum + it, 0) + saved.reduce((sum, it) => sum + it, 0);
    return { whole, saved, taken };
  }

  function fillRow(index: number, price: number): void {
    const [row, below, wide] = [index * size, (index + 1) * size, widths[index] ?? 0];
    for (let gap = 0; gap < size; gap += 1) {
      const without = worth[below + gap] ?? 0;
      const beside = gap >= wide ? (worth[below + gap - wide] ?? 0) + price : 0;
      worth[row + gap] = Math.max(without, beside);
    }
  }

  /** Follows the table back to what stands in a section that this piece begins. */
  function follow(begins: number, gap: number, taken: number[]): void {
    taken[begins] = (taken[begins] ?? 0) + 1;
    let left = gap;
    for (let index = begins + 1; index < count; index += 1) {
      if (worth[index * size + left] === worth[(index + 1) * size + left]) continue;
      taken[index] = (taken[index] ?? 0) + 1;
      left -= widths[index] ?? 0;
    }
  }
}

/** What measures all of these widths, where that is not too fine. */
function measureOf(widths: readonly number[], finest: number): number {
  return Math.max(widths.reduce(commonDivisor, 0), finest);
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

/** At each place the sum from there on. */
function suffixSums(all: readonly number[]): number[] {
  const sums = [0];
  for (const it of all.toReversed()) sums.push((sums.at(-1) ?? 0) + it);
  return sums.reverse();
}
