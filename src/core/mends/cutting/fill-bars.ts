/**
 * Whether pieces can be cut from bars of which there are so many of each length and no more. Where prices on the pieces do not show that
 * they cannot, the bars are filled one after the other, each time the one that takes the longest piece left; what all of them together
 * may leave unused, in these prices, is known beforehand (filling whole bins as in Korf 2002; what is ruled out by exchanging two
 * pieces as in Martello and Toth 1990; recalled from memory).
 */
import { barPrices, noise, type BarsOfLength } from './bar-prices';
import { sumBy } from './cutting';
import { firstIn, placesIn, setOfFirst, stepsOfNode } from './piece-sets';
import { worthTable } from './worth-table';

/** A bar and the pieces cut from it. */
export interface FilledBar {
  readonly length: number;
  /** Places in the list of pieces. */
  readonly pieces: readonly number[];
}

/** What a search for full bars came to. */
export interface Filling {
  /** Bars that something is cut from; `undefined` where none were found. */
  readonly bars: readonly FilledBar[] | undefined;
  /** False where the search was broken off. */
  readonly proved: boolean;
  /** As long as so many states of `packing` take. */
  readonly nodes: number;
}

/** `bars`: each length once. `mostNodes`: how long to search. */
export type FillBars = (bars: readonly BarsOfLength[], mostNodes: number) => Filling;

/** What a state of `packing` takes, in cells of the table. */
const cellsOfNode = 10_000;

/** Lengths are told apart this finely, at least. */
export const fineness = 6000;

/** So many ways to fill a bar are tried at first: where much is left over, almost any will do. */
const widths = [3, 40, Infinity];

/** One way to fill a bar. */
interface Way {
  readonly kind: number;
  /** A bit for each piece. */
  readonly set: number;
  /** What the bar might have taken more, in prices. */
  readonly unused: number;
}

/** `lengths`: of at most `mostInSet` pieces, the longest first. `sold`: every length of bar that will be asked about. All in mm. */
export function fillingBars(lengths: readonly number[], sold: readonly number[]): FillBars {
  const table = worthTable(lengths, sold, fineness);
  const priced = barPrices(lengths, table);
  const total = sumBy(lengths, (it) => it);
  return (bars, mostNodes) => {
    const { prices, over, tries } = priced(bars);
    const nodes = Math.ceil((tries * table.cells) / cellsOfNode);
    if (over < -noise * total) return { bars: undefined, proved: true, nodes };
    table.price(prices);
    return search(bars, prices, over + noise * total, nodes, mostNodes);
  };

  function search(
    bars: readonly BarsOfLength[],
    prices: readonly number[],
    over: number,
    before: number,
    mostNodes: number,
  ): Filling {
    // The shortest bar that holds something is the one to take for it.
    const kinds = bars.filter(({ count }) => count > 0).sort((a, b) => a.length - b.length);
    const most = kinds.map(({ length }) => table.worth(0, length));
    const left = kinds.map(({ count }) => count);
    const mostSteps = mostNodes * stepsOfNode;
    let chosen: FilledBar[] = [];
    let seen = new Set<string>();
    let [steps, isCut, width] = [0, false, 0];
    for (width of widths) {
      [chosen, seen, isCut] = [[], new Set(), false];
      const isFilled = fill(setOfFirst(lengths.length), over);
      const nodes = before + Math.ceil(steps / stepsOfNode);
      if (isFilled) return { bars: chosen, proved: true, nodes };
      if (steps > mostSteps) return { bars: undefined, proved: false, nodes };
      if (!isCut) return { bars: undefined, proved: true, nodes };
    }
    throw new Error('the last search is never cut short');

    /** `budget`: what may still be left unused. */
    function fill(pieces: number, budget: number): boolean {
      if (pieces === 0) return true;
      const key = `${pieces};${left.join()}`;
      if (seen.has(key)) return false;
      seen.add(key);
      const ways = kinds
        .flatMap((_, kind) => ((left[kind] ?? 0) > 0 ? waysToFill(kind, pieces, budget) : []))
        .sort((a, b) => a.unused - b.unused);
      for (const { kind, set, unused } of ways) {
        if (steps > mostSteps) return false;
        chosen.push({ length: kinds[kind]?.length ?? 0, pieces: placesIn(set) });
        left[kind] = (left[kind] ?? 0) - 1;
        if (fill(pieces - set, budget - unused)) return true;
        left[kind] = (left[kind] ?? 0) + 1;
        chosen.pop();
      }
      return false;
    }

    function waysToFill(kind: number, pieces: number, budget: number): Way[] {
      const ways: Way[] = [];
      const first = firstIn(pieces);
      const { length: long = 0 } = kinds[kind] ?? {};
      const whole = most[kind] ?? 0;
      const shorter = kinds[left.findLastIndex((count, at) => at < kind && count > 0)]?.length ?? 0;
      const gap = long - (lengths[first] ?? 0);
      if (gap >= 0) choose(first + 1, 2 ** first, gap, prices[first] ?? 0, Infinity, Infinity);
      return ways;

      /** `shortestOut`: of pieces left out. `closest`: how much longer one left out is than a later one taken, at the least. */
      function choose(
        from: number,
        taken: number,
        gapLeft: number,
        value: number,
        shortestOut: number,
        closest: number,
      ): void {
        steps += 1;
        if (whole - value - table.worth(from, gapLeft) > budget) return;
        if (ways.length >= width || steps > mostSteps) {
          isCut = true;
          return;
        }
        let at = from;
        while (at < lengths.length && (pieces & (1 << at)) === 0) at += 1;
        if (at === lengths.length) {
          // Another piece still fits, or a longer one in the place of one taken: then that way is as good or better.
          const isBettered = shortestOut <= gapLeft || closest <= gapLeft;
          if (!isBettered && long - gapLeft > shorter) {
            ways.push({ kind, set: taken, unused: whole - value });
          }
          return;
        }
        const length = lengths[at] ?? 0;
        // Of pieces as long as each other the first ones are taken.
        if (length <= gapLeft && length !== shortestOut) {
          const set = taken + 2 ** at;
          const worth = value + (prices[at] ?? 0);
          const by = Math.min(closest, shortestOut - length);
          choose(at + 1, set, gapLeft - length, worth, shortestOut, by);
        }
        choose(at + 1, taken, gapLeft, value, length, closest);
      }
    }
  }
}
