/**
 * Prices on pieces that show of a set of bars that it cannot take them: whatever is cut from each bar, it comes to less than all pieces
 * together (Lagrangean relaxation, the prices improved by subgradients as Held and Karp 1971 do; recalled from memory). Prices that
 * showed it of one set are kept: of most others they show it at once.
 */
import { sumBy } from './cutting';
import type { WorthTable } from './worth-table';

/** Bars of one length. */
export interface BarsOfLength {
  readonly length: number;
  readonly count: number;
}

/** Prices put on pieces: a bound on what bars can take. */
export interface Priced {
  readonly prices: readonly number[];
  /** By how much the most that the bars can take is worth more than the pieces: below 0 they cannot take them all. */
  readonly over: number;
  /** Times that prices were tried. */
  readonly tries: number;
}

const mostTries = 100;
/** Of the worth of all pieces: less is a matter of rounding. */
export const noise = 1e-6;

/** `lengths`: the longest first, mm; prices always come to as much in all. */
export function barPrices(
  lengths: readonly number[],
  table: WorthTable,
): (bars: readonly BarsOfLength[]) => Priced {
  const total = sumBy(lengths, (it) => it);
  const known: { prices: readonly number[]; most: ReadonlyMap<number, number> }[] = [];
  let last: readonly number[] = lengths;
  return (bars) => {
    const shown = known.find(({ most }) => overOf(bars, most) < -noise * total);
    if (shown) return { prices: shown.prices, over: overOf(bars, shown.most), tries: 0 };
    const priced = improved(bars);
    last = priced.prices;
    if (priced.over < -noise * total) {
      table.price(last);
      const most = new Map(bars.map(({ length }) => [length, table.worth(0, length)]));
      known.unshift({ prices: last, most });
    }
    return priced;
  };

  /** Infinity where a length was not asked about before. */
  function overOf(bars: readonly BarsOfLength[], most: ReadonlyMap<number, number>): number {
    return (
      sumBy(bars, ({ length, count }) => (count > 0 ? count * (most.get(length) ?? Infinity) : 0)) -
      total
    );
  }

  function improved(bars: readonly BarsOfLength[]): Priced {
    let prices = last;
    let best = { prices, over: Infinity };
    let [step, tries] = [1, 0];
    while (tries < mostTries) {
      tries += 1;
      table.price(prices);
      const taken = lengths.map(() => 0);
      let over = -total;
      for (const { length, count } of bars) {
        over += count * table.worth(0, length);
        table.addBest(0, length, taken, count);
      }
      if (over < best.over - 1e-9) best = { prices, over };
      else step *= 0.95;
      const slopes = taken.map((times) => 1 - times);
      const steepness = sumBy(slopes, (it) => it * it);
      if (over < -noise * total || steepness === 0) break;
      // A little below nothing is enough to show it.
      const far = (step * (over + 0.002 * total)) / steepness;
      const moved = prices.map((it, at) => Math.max(0, it + far * (slopes[at] ?? 0)));
      const sum = sumBy(moved, (it) => it);
      // There is so much room that pieces are worth nothing.
      if (sum === 0) break;
      // Only what they are to each other counts.
      prices = moved.map((it) => (it * total) / sum);
    }
    return { ...best, tries };
  }
}
