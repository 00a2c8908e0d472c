/** What fits in a bar and is worth most by prices on the pieces: a knapsack, by dynamic programming over lengths. */
import { commonDivisor } from './cutting';

/** Lengths are told apart this finely, at least, where they have no common measure. */
const fineness = 6000;

export interface WorthTable {
  /** How much is looked at to put prices in. */
  readonly cells: number;
  /** Must come before anything is asked. */
  readonly price: (prices: readonly number[]) => void;
  /** From a place in the list on: what pieces are worth that fit in a gap; never less than that. */
  readonly worth: (from: number, gap: number) => number;
  /** Adds `times` to each of the pieces that are worth most in a bar. */
  readonly addBest: (length: number, taken: number[], times: number) => void;
}

/** `lengths`: of the pieces. `bars`: every length that will be asked about. All in mm. */
export function worthTable(lengths: readonly number[], bars: readonly number[]): WorthTable {
  const longest = Math.max(...bars);
  const unit = Math.max([...lengths, ...bars].reduce(commonDivisor, 0), longest / fineness);
  // Pieces a little shorter and gaps a little longer than they are: what fits, fits here too.
  const room = (gap: number): number => Math.ceil(gap / unit - 1e-9);
  const long = lengths.map((it) => Math.floor(it / unit + 1e-9));
  const size = room(longest) + 1;
  const table = new Float64Array((lengths.length + 1) * size);
  return {
    cells: table.length,
    price(prices) {
      for (let at = lengths.length - 1; at >= 0; at -= 1) {
        const [row, below] = [at * size, (at + 1) * size];
        const [own, price] = [long[at] ?? 0, prices[at] ?? 0];
        for (let gap = 0; gap < size; gap += 1) {
          const without = table[below + gap] ?? 0;
          const within = gap >= own ? (table[below + gap - own] ?? 0) + price : 0;
          table[row + gap] = within > without ? within : without;
        }
      }
    },
    worth: (from, gap) => table[from * size + room(gap)] ?? 0,
    addBest(length, taken, times) {
      let gap = room(length);
      for (let at = 0; at < lengths.length; at += 1) {
        if (table[at * size + gap] === table[(at + 1) * size + gap]) continue;
        taken[at] = (taken[at] ?? 0) + times;
        gap -= long[at] ?? 0;
      }
    },
  };
}
