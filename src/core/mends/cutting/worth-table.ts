/** What fits in a gap and is worth most by prices on the pieces: a knapsack, by dynamic programming over sizes. */
import { commonDivisor } from './cutting';

/** Most worth by room, filled once the prices are known. */
export interface WorthTable {
  /** Must come before anything is asked. */
  readonly price: (prices: readonly number[]) => void;
  /** From a place in the list on: what pieces are worth that fit in a gap; never less than that. */
  readonly worth: (from: number, gap: number) => number;
  /** Counts once more each of the pieces from a place on that are worth most in a gap. */
  readonly addBest: (from: number, gap: number, taken: number[]) => void;
}

/**
 * `sizes`: of the pieces. `gaps`: every whole roll or bar that pieces are put in. All in mm. `fineness`: they are told apart so finely, at
 * least, where they have no common measure; coarser ones only make worth higher.
 */
export function worthTable(
  sizes: readonly number[],
  gaps: readonly number[],
  fineness: number,
): WorthTable {
  const largest = Math.max(...gaps);
  const unit = Math.max([...sizes, ...gaps].reduce(commonDivisor, 0), largest / fineness);
  // Pieces a little smaller and gaps a little larger than they are: what fits, fits here too.
  const full = Math.ceil(largest / unit - 1e-9);
  const room = (gap: number): number => Math.min(full, Math.ceil(gap / unit - 1e-9));
  const taking = sizes.map((it) => Math.floor(it / unit + 1e-9));
  const size = full + 1;
  const table = new Float64Array((sizes.length + 1) * size);
  return {
    price(prices) {
      for (let at = sizes.length - 1; at >= 0; at -= 1) {
        const [row, below] = [at * size, (at + 1) * size];
        const [own, price] = [taking[at] ?? 0, prices[at] ?? 0];
        for (let gap = 0; gap < size; gap += 1) {
          const without = table[below + gap] ?? 0;
          const within = gap >= own ? (table[below + gap - own] ?? 0) + price : 0;
          table[row + gap] = within > without ? within : without;
        }
      }
    },
    worth: (from, gap) => table[from * size + room(gap)] ?? 0,
    addBest(from, gap, taken) {
      let left = room(gap);
      for (let at = from; at < sizes.length; at += 1) {
        if (table[at * size + left] === table[(at + 1) * size + left]) continue;
        taken[at] = (taken[at] ?? 0) + 1;
        left -= taking[at] ?? 0;
      }
    },
  };
}
