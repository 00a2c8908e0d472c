/**
 * Prices on pieces and rates on widths that show of a set of rolls that it cannot take the pieces: at these prices they cost more than all
 * the length there is of each width is worth (Lagrangean relaxation, improved by subgradients as Held and Karp 1971 do; recalled from
 * memory). What showed it of one set is kept: of most others it shows it at once. Where nothing shows it, the search is told what is
 * spent too much.
 */
import { areaOf, sumBy, type Piece, type Roll } from './cutting';
import { startPrices } from './dual-bound';
import { sectionsOf } from './sections';

/** Whether rolls can take the pieces at all, by prices. */
export interface RoomBound {
  /** Shown that the rolls cannot take the pieces. */
  readonly isTooLittle: boolean;
  /** What all the length there is may cost. */
  readonly room: number;
  /** Of a section of this width, for each mm of its length. */
  readonly rateOf: (width: number) => number;
  /** Of each piece: those of one section never come to more than the section costs. */
  readonly prices: readonly number[];
  /** What pieces from a place on are worth that fit in a gap, at the most. Holds until the next set is asked about. */
  readonly worth: (from: number, gap: number) => number;
  readonly nodes: number;
}

const mostTries = 120;
/** Of the room: less is a matter of rounding. */
const noise = 1e-6;
/** A rate beyond this shows nothing more. */
const mostTimesUsual = 100;
/** What a state of `packing` takes, in cells of the table. */
const cellsOfNode = 10_000;

/** By width, how long the rolls are together. */
type Lengths = readonly number[];

interface Tried {
  readonly prices: readonly number[];
  readonly rates: readonly number[];
  readonly whole: number;
}

/** `pieces`: the longest first. `sold`: all that may be in a set. */
export function rollPrices(
  pieces: readonly Piece[],
  sold: readonly Roll[],
): (rolls: readonly Roll[]) => RoomBound {
  const widths = [...new Set(sold.map(({ width }) => width))].sort((a, b) => a - b);
  const { table, look } = sectionsOf(pieces, widths);
  const mean = sumBy(pieces, ({ length }) => length) / pieces.length;
  const shown: Tried[] = [];
  const start: Tried = {
    prices: startPrices(
      pieces,
      widths.map((width) => ({ width, costOf: (length: number) => length * width })),
    ),
    rates: widths,
    whole: 0,
  };
  let last = start;
  return (rolls) => {
    const lengths = widths.map((width) =>
      sumBy(
        rolls.filter((roll) => roll.width === width),
        ({ length }) => length,
      ),
    );
    const room = sumBy(rolls, areaOf);
    const known = shown.find((it) => it.whole > worth(it.rates, lengths) * (1 + noise));
    const { best, tries } = known ? { best: known, tries: 0 } : improved(lengths, room);
    const isTooLittle = best.whole > worth(best.rates, lengths) * (1 + noise);
    if (isTooLittle && !known) shown.unshift(best);
    last = best;
    const { saved } = lookAt(best.prices, best.rates);
    return {
      isTooLittle,
      room: worth(best.rates, lengths) * (1 + noise),
      rateOf: (width) => best.rates[widths.indexOf(width)] ?? 0,
      prices: best.prices.map((it, at) => it + (saved[at] ?? 0)),
      worth: table.worth,
      nodes: Math.ceil((tries * table.cells) / cellsOfNode),
    };
  };

  function lookAt(prices: readonly number[], rates: readonly number[]) {
    return look(prices, (kind, piece) => (rates[kind] ?? 0) * (pieces[piece]?.length ?? 0));
  }

  /**
   * No width that the set has little or nothing of need cost much more than the others, and no piece more than the dearest section for
   * it: larger sums would only lose their last digits.
   */
  function withinReason({ prices, rates, whole }: Tried, usual: number): Tried {
    const low = rates.map((it) => Math.min(it, mostTimesUsual * usual));
    const dearest = Math.max(...low);
    const within = prices.map((it, at) => Math.min(it, dearest * (pieces[at]?.length ?? 0)));
    return { prices: within, rates: low, whole };
  }

  function improved(lengths: Lengths, room: number): { best: Tried; tries: number } {
    // What the last set had much of may be worth nothing, and this one have nothing else.
    const from = worth(last.rates, lengths) > noise * room ? last : start;
    const usual = room / sumBy(lengths, (it) => it);
    let now = withinReason(scaled(from, lengths, room), usual);
    let best: Tried = { ...now, whole: -Infinity };
    let [step, tries] = [1, 0];
    while (tries < mostTries) {
      tries += 1;
      const { prices, rates } = now;
      const { whole, taken, begun } = lookAt(prices, rates);
      if (whole > best.whole) best = { prices, rates, whole };
      else step *= 0.95;
      if (whole > room * (1 + noise)) break;
      const ofPieces = taken.map((times) => 1 - times);
      // Rates move as if they were prices of a piece of middling length.
      const ofWidths = begun.map((long, kind) => (long - (lengths[kind] ?? 0)) / mean);
      const steepness = sumBy([...ofPieces, ...ofWidths], (it) => it * it);
      if (steepness === 0) break;
      // A little above the room is enough to show it.
      const far = (step * (room * 1.002 - whole)) / steepness;
      const moved = {
        prices: prices.map((it, at) => Math.max(0, it + far * (ofPieces[at] ?? 0))),
        rates: rates.map((it, at) => Math.max(0, it + (far * (ofWidths[at] ?? 0)) / mean)),
      };
      if (worth(moved.rates, lengths) <= noise * room) break;
      now = withinReason(scaled(moved, lengths, room), usual);
    }
    return { best, tries };
  }
}

/** Only what prices and rates are to each other counts: all the length there is shall be worth as much as its area. */
function scaled(
  { prices, rates }: Pick<Tried, 'prices' | 'rates'>,
  lengths: Lengths,
  room: number,
): Tried {
  const by = room / worth(rates, lengths);
  return { prices: prices.map((it) => it * by), rates: rates.map((it) => it * by), whole: 0 };
}

const worth = (rates: readonly number[], lengths: Lengths): number =>
  rates.reduce((sum, it, kind) => sum + it * (lengths[kind] ?? 0), 0);
