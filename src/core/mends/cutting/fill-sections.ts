/**
 * The same question as `packing` answers, for up to thirty pieces: sections are filled one after the other, each begun by the longest
 * piece left. By prices on the pieces it is known beforehand what all sections together may leave unused (filling whole bins as in
 * Korf 2002; what is ruled out by exchanging two pieces as in Martello and Toth 1990; recalled from memory).
 */
import { areaOf, sumBy, type Piece, type Roll, type Section } from './cutting';
import type { DualBound } from './dual-bound';
import type { Packed, Packing } from './packing';
import { firstIn, placesIn, sectionOf, setOfFirst, stepsOfNode } from './piece-sets';
import { restBound } from './rest-bound';
import type { RoomBound } from './roll-prices';

/** What looking at a state takes, whatever comes of it. */
const stepsOfPlace = 300;

/** So many ways to fill a section are tried at first: where much is left over, almost any will do. */
const passes = [3, 40, Infinity];

/** One way to fill a section: a bit for each piece, and what is left of its width. */
interface Way {
  readonly width: number;
  readonly set: number;
  readonly unused: number;
}

interface OpenSection {
  readonly roll: number;
  readonly from: number;
  readonly set: number;
}

/**
 * `pieces`: at most `mostInSet`, the longest first. `below`: only what takes less area of sections is of interest. `mostNodes`: how long
 * to search. `dual`: what sections of these widths cost in area at the least. `room`: what may be spent of the length of each width.
 */
export function fillSections(
  pieces: readonly Piece[],
  rolls: readonly Roll[],
  below: number,
  mostNodes: number,
  dual: DualBound,
  room: RoomBound,
): Packing {
  const count = pieces.length;
  const widths = [...new Set(rolls.map(({ width }) => width))].sort((a, b) => a - b);
  const alike = widths.map((width) =>
    rolls.flatMap((roll, at) => (roll.width === width ? [at] : [])),
  );
  const lengthLeft = rolls.map(({ length }) => length);
  const whole = rolls.map(({ width, length }) => ({ width, left: length }));
  const needed = restBound(pieces)({ gaps: [], rolls: whole }) ?? sumBy(pieces, areaOf);
  const floor = Math.max(dual.whole, needed);
  const mostSteps = mostNodes * stepsOfNode;
  const sections: OpenSection[] = [];
  let best: Packed | undefined;
  // Sections cannot come to more than the rolls have.
  let limit = Math.min(below, sumBy(rolls, areaOf) + 1);
  let [steps, isCut, most] = [0, false, 0];
  let seen = new Set<string>();
  const start = { area: sumBy(dual.prices, (it) => it), spent: sumBy(room.prices, (it) => it) };
  for (most of passes) {
    [seen, isCut] = [new Set(), false];
    const isDone = place(setOfFirst(count), 0, 0, start.area, start.spent);
    if (isDone || steps > mostSteps || !isCut) break;
  }
  return { packed: best, proved: steps <= mostSteps, nodes: Math.ceil(steps / stepsOfNode) };

  /** `area`, `spent`: of sections so far; `restArea`, `restSpent`: of the pieces left at the least. True where nothing better can come. */
  function place(
    left: number,
    area: number,
    spent: number,
    restArea: number,
    restSpent: number,
  ): boolean {
    if (left === 0) {
      best = { area, sections: laidOut() };
      limit = area;
      return area <= floor + 1;
    }
    if (steps > mostSteps) return true;
    const key = keyOf(left);
    if (seen.has(key)) return false;
    seen.add(key);
    const first = firstIn(left);
    const { length = 0 } = pieces[first] ?? {};
    const free = rolls.map(({ width }, at) => ({ width, at, left: lengthLeft[at] ?? 0 }));
    const rest = placesIn(left).flatMap((at) => pieces[at] ?? []);
    const needs = restBound(rest)({ gaps: [], rolls: free });
    if (needs === undefined || area + needs >= limit) return false;
    steps += stepsOfPlace;
    const ways = widths
      .filter((width) => free.some((it) => it.width === width && it.left >= length))
      .flatMap((width) =>
        waysToFill(width, left, limit - area - restArea, room.room - spent - restSpent),
      )
      .sort((a, b) => a.unused - b.unused);
    for (const { width, set } of ways) {
      const own = length * width;
      const cost = length * room.rateOf(width);
      const next = [
        area + own,
        spent + cost,
        restArea - priceOf(dual.prices, set),
        restSpent - priceOf(room.prices, set),
      ] as const;
      if (next[0] + next[2] >= limit) continue;
      for (const { at, left: long } of rollsFor(free, width, length)) {
        sections.push({ roll: at, from: (rolls[at]?.length ?? 0) - long, set });
        lengthLeft[at] = long - length;
        const isDone = place(left - set, ...next);
        lengthLeft[at] = long;
        sections.pop();
        if (isDone) return true;
      }
    }
    return false;
  }

  /** Which roll of a width has how much left makes no difference. */
  function keyOf(left: number): string {
    let key = `${left}`;
    for (const of of alike) {
      const lengths = of.map((at) => lengthLeft[at] ?? 0);
      if (lengths.length > 1) lengths.sort((a, b) => a - b);
      key += `;${lengths.join()}`;
    }
    return key;
  }

  /** `area`, `spare`: what may be left unused by either prices. */
  function waysToFill(width: number, left: number, area: number, spare: number): Way[] {
    const ways: Way[] = [];
    const first = firstIn(left);
    const { length = 0, width: wide = Infinity } = pieces[first] ?? {};
    const [ofArea, ofRoom] = [length * width, length * room.rateOf(width)];
    const out: number[] = [];
    if (wide <= width) {
      choose(
        first + 1,
        2 ** first,
        width - wide,
        dual.prices[first] ?? 0,
        room.prices[first] ?? 0,
        Infinity,
      );
    }
    return ways;

    /** `closest`: how much wider a piece left out is than a later one taken, at the least. */
    function choose(
      from: number,
      set: number,
      gap: number,
      area0: number,
      room0: number,
      closest: number,
    ): void {
      steps += 1;
      if (ofArea - area0 - dual.worth(from, gap) >= area) return;
      if (ofRoom - room0 - room.worth(from, gap) > spare) return;
      if (ways.length >= most || steps > mostSteps) {
        isCut = true;
        return;
      }
      let at = from;
      while (at < count && (left & (1 << at)) === 0) at += 1;
      if (at === count) {
        // Another piece still fits, or a wider one no shorter in the place of one taken: then that way is as good or better.
        if (closest <= gap || out.some((it) => it <= gap)) return;
        ways.push({ width, set, unused: ofRoom - room0 });
        return;
      }
      const own = pieces[at]?.width ?? 0;
      if (own <= gap) {
        const by = Math.min(Infinity, ...out.filter((it) => it >= own).map((it) => it - own));
        // Of pieces as wide as each other the longest are taken.
        if (by > 0) {
          choose(
            at + 1,
            set + 2 ** at,
            gap - own,
            area0 + (dual.prices[at] ?? 0),
            room0 + (room.prices[at] ?? 0),
            Math.min(closest, by),
          );
        }
      }
      out.push(own);
      choose(at + 1, set, gap, area0, room0, closest);
      out.pop();
    }
  }

  function laidOut(): Section[][] {
    return rolls.map((_, roll) =>
      sections
        .filter((it) => it.roll === roll)
        .map(({ from, set }) =>
          sectionOf(
            placesIn(set).flatMap((at) => pieces[at] ?? []),
            from,
          ),
        ),
    );
  }
}

/** On rolls of this width, each rest of length once, the shortest first; where it fills one, there is no better place for it. */
function rollsFor<T extends { width: number; left: number }>(
  free: readonly T[],
  width: number,
  length: number,
): T[] {
  const fitting = free
    .filter((it) => it.width === width && it.left >= length)
    .sort((a, b) => a.left - b.left);
  const [tightest] = fitting;
  if (tightest?.left === length) return [tightest];
  return fitting.filter(({ left }, at) => fitting[at - 1]?.left !== left);
}

function priceOf(prices: readonly number[], set: number): number {
  let sum = 0;
  for (let left = set; left !== 0; left &= left - 1) sum += prices[firstIn(left)] ?? 0;
  return sum;
}
