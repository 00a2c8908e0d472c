/**
 * One roll after the other, each time the one that takes most for its money; in a roll one section after the other, each begun by the
 * longest piece left and filled up as well as can be (minimum slack, as Gupta and Ho 1999 fill bins; recalled from memory). Something
 * to measure others by, and the answer where there are too many pieces to search.
 */
import {
  areaOf,
  commonDivisor,
  sumBy,
  type Piece,
  type Roll,
  type Section,
  type Strip,
} from './cutting';
import type { Packed } from './packing';

/** A set of rolls that takes all pieces, with its price in hundredths. */
export interface Found {
  readonly rolls: readonly Roll[];
  readonly packed: Packed;
  readonly cents: number;
}

/** `pieces`: the longest first. `undefined` where the rolls do not take them all. */
export function byGreed(
  pieces: readonly Piece[],
  stock: readonly Roll[],
  bought: readonly Roll[],
): Found | undefined {
  const taken: { roll: Roll; sections: readonly Section[] }[] = [];
  let rest = pieces;
  const take = (roll: Roll, { sections, ids }: Filled): void => {
    taken.push({ roll, sections });
    rest = rest.filter((piece) => !ids.has(piece.id));
  };
  for (const roll of stock) take(roll, fill(rest, roll));
  const left = new Map(bought.map((roll) => [roll, roll.count ?? Infinity]));
  while (rest.length > 0) {
    const [first] = bought
      .filter((roll) => (left.get(roll) ?? 0) > 0)
      .map((roll) => ({ roll, took: fill(rest, roll) }))
      .filter(({ took }) => took.area > 0)
      .sort((a, b) => a.roll.cents / a.took.area - b.roll.cents / b.took.area);
    if (!first) return undefined;
    left.set(first.roll, (left.get(first.roll) ?? 1) - 1);
    take(first.roll, first.took);
  }
  const area = sumBy(taken, ({ roll, sections }) =>
    sumBy(sections, ({ length }) => length * roll.width),
  );
  return {
    rolls: taken.map(({ roll }) => roll),
    packed: { area, sections: taken.map(({ sections }) => sections) },
    cents: sumBy(taken, ({ roll }) => roll.cents),
  };
}

interface Filled {
  readonly sections: readonly Section[];
  readonly ids: ReadonlySet<string>;
  /** Of pieces. */
  readonly area: number;
}

function fill(pieces: readonly Piece[], roll: Roll): Filled {
  const sections: Section[] = [];
  const ids = new Set<string>();
  let [from, area] = [0, 0];
  for (;;) {
    const left = pieces.filter((it) => !ids.has(it.id));
    const first = left.find((it) => it.width <= roll.width && it.length <= roll.length - from);
    if (!first) return { sections, ids, area };
    const beside = left.filter((it) => it !== first && it.length <= first.length);
    const row = [first, ...fullest(beside, roll.width - first.width)];
    let across = 0;
    const strips = row.map(({ id, length, width }): Strip => {
      ids.add(id);
      area += length * width;
      const strip = { piece: id, across, length, width };
      across += width;
      return strip;
    });
    sections.push({ from, length: first.length, strips });
    from += first.length;
  }
}

/** Those of the pieces that cover most of this width: a knapsack, by dynamic programming over widths. */
function fullest(pieces: readonly Piece[], width: number): Piece[] {
  const fitting = pieces.filter((it) => it.width <= width);
  const unit = fitting.reduce((divisor, it) => commonDivisor(divisor, it.width), 0);
  if (fitting.length === 0 || unit === 0) return [];
  const room = Math.floor(width / unit);
  const areas = new Float64Array(room + 1);
  const taken = fitting.map((piece) => {
    const wide = piece.width / unit;
    const own = new Uint8Array(room + 1);
    for (let at = room; at >= wide; at -= 1) {
      const area = (areas[at - wide] ?? 0) + areaOf(piece);
      if (area > (areas[at] ?? 0)) {
        areas[at] = area;
        own[at] = 1;
      }
    }
    return own;
  });
  const row: Piece[] = [];
  let at = room;
  for (let index = fitting.length - 1; index >= 0; index -= 1) {
    const piece = fitting[index] as Piece;
    if (taken[index]?.[at] !== 1) continue;
    row.push(piece);
    at -= piece.width / unit;
  }
  return row;
}
