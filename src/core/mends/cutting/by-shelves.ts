/**
 * A first cutting that is near the cheapest. For each choice of widths: section by section, each begun by the longest piece left on the
 * width where it costs least for what it takes, and filled up as well as can be (shelves with minimum slack, as Gupta and Ho 1999 fill
 * bins; recalled from memory). Then the cheapest rolls of each width that these sections go into (`covering-rolls.ts`).
 */
import { groupedBy } from '../../grouped-by';
import { areaOf, commonDivisor, sumBy, type Piece, type Roll, type Section } from './cutting';
import { coveringRolls } from './covering-rolls';
import { sectionOf, type Found } from './found';

/** More choices than that are not told apart by any shop: then only single widths and all of them are tried. */
const mostWidths = 4;
/** More rounds than these bring next to nothing; of many pieces each takes its time. */
const mostRounds = 30;
const mostPieceRounds = 450;
/** How much of what a piece was worth before stays. */
const slowness = 3;
/** Widths are told apart this finely, at least, where they have no common measure. */
const fineness = 400;

/** `pieces`: the longest first. `rounds`: each cuts all anew. `undefined` where the rolls do not take them all. */
export function byShelves(
  pieces: readonly Piece[],
  stock: readonly Roll[],
  bought: readonly Roll[],
  rounds = mostRounds,
): Found | undefined {
  const own: { readonly roll: Roll; readonly sections: readonly Section[] }[] = [];
  let rest = pieces;
  for (const roll of stock) {
    const { sections, ids } = filled(rest, roll);
    own.push({ roll, sections });
    rest = rest.filter(({ id }) => !ids.has(id));
  }
  const best =
    rest.length === 0
      ? []
      : cheapestOf(choicesOf(bought).flatMap((rolls) => corrected(rest, rolls, rounds)));
  if (!best) return undefined;
  const all = [...own, ...best];
  return {
    rolls: all.map(({ roll }) => roll),
    packed: {
      area: sumBy(all, ({ roll, sections }) =>
        sumBy(sections, ({ length }) => length * roll.width),
      ),
      sections: all.map(({ sections }) => sections),
    },
    cents: sumBy(all, ({ roll }) => roll.cents),
  };
}

type Used = readonly { readonly roll: Roll; readonly sections: readonly Section[] }[];

/** Of equally cheap ones the one that wastes least. */
function cheapestOf(all: readonly Used[]): Used | undefined {
  const told = all.map((used) => ({
    used,
    cents: sumBy(used, ({ roll }) => roll.cents),
    area: sumBy(used, ({ roll, sections }) => sumBy(sections, ({ length }) => length * roll.width)),
  }));
  return told.sort((a, b) => a.cents - b.cents || a.area - b.area)[0]?.used;
}

/** Rolls of some of the widths that are sold. */
function choicesOf(bought: readonly Roll[]): (readonly Roll[])[] {
  const widths = [...new Set(bought.map(({ width }) => width))];
  const ofWidths = (some: readonly number[]) => bought.filter(({ width }) => some.includes(width));
  if (widths.length > mostWidths) return [bought, ...widths.map((it) => ofWidths([it]))];
  const sets = widths.reduce<number[][]>(
    (before, width) => [...before, ...before.map((it) => [...it, width])],
    [[]],
  );
  return sets.filter((it) => it.length > 0).map(ofWidths);
}

/**
 * Cut again and again, each time with the pieces worth what their sections have come to before: those that were left for bad sections
 * are taken earlier (sequential value correction, as Belov and Scheithauer 2007; recalled from memory).
 */
function corrected(pieces: readonly Piece[], rolls: readonly Roll[], most: number): Used[] {
  const worth = new Map(pieces.map((it) => [it, areaOf(it)]));
  const all: Used[] = [];
  const rounds = Math.min(most, Math.ceil((mostPieceRounds / pieces.length) ** 2));
  for (let round = 0; round < rounds; round += 1) {
    const shelves = shelvesOf(pieces, rolls, worth);
    const used = shelves && onRolls(shelves, rolls);
    if (!used) break;
    all.push(used);
    const least = Math.min(...shelves.map(({ costs }) => costs));
    // What costs nothing cannot be corrected.
    if (!(least > 0)) break;
    for (const { row, costs } of shelves) {
      for (const it of row) {
        const before = worth.get(it) ?? 0;
        worth.set(it, (slowness * before + areaOf(it) * (costs / least) ** 3) / (slowness + 1));
      }
    }
  }
  return all;
}

/** A section of a width, with what it costs for the area that it takes. */
interface Shelf {
  readonly width: number;
  readonly row: readonly Piece[];
  readonly costs: number;
}

/** All pieces in sections of these widths; `undefined` where one fits none. */
function shelvesOf(
  pieces: readonly Piece[],
  rolls: readonly Roll[],
  worth: ReadonlyMap<Piece, number>,
): Shelf[] | undefined {
  const widths = [...new Set(rolls.map(({ width }) => width))].map((width) => {
    const own = rolls.filter((it) => it.width === width);
    const rate = Math.min(...own.map(({ cents, length }) => cents / length));
    return { width, rate, longest: Math.max(...own.map(({ length }) => length)) };
  });
  const shelves: Shelf[] = [];
  let left = pieces;
  for (let first = left[0]; first; first = left[0]) {
    const begun = first;
    const [best] = widths
      .filter((it) => it.width >= begun.width && it.longest >= begun.length)
      .map(({ width, rate }) => {
        const beside = left.slice(1);
        const row = [begun, ...fullest(beside, width - begun.width, (it) => worth.get(it) ?? 0)];
        return { width, row, costs: (rate * begun.length) / sumBy(row, areaOf) };
      })
      .sort((a, b) => a.costs - b.costs);
    if (!best) return undefined;
    shelves.push(best);
    const gone = new Set(best.row);
    left = left.filter((it) => !gone.has(it));
  }
  return shelves;
}

/** The cheapest rolls for these sections. */
function onRolls(shelves: readonly Shelf[], rolls: readonly Roll[]): Used | undefined {
  const used: { roll: Roll; sections: Section[] }[] = [];
  for (const width of new Set(shelves.map((it) => it.width))) {
    const rows = shelves.filter((it) => it.width === width).map(({ row }) => row);
    const lengths = rows.map(([begins]) => begins?.length ?? 0);
    const ofWidth = rolls.filter((it) => it.width === width);
    const covered = coveringRolls(lengths, ofWidth);
    if (!covered) return undefined;
    for (const { roll, of } of covered) {
      let from = 0;
      const sections = of.map((at) => {
        const section = sectionOf(rows[at] ?? [], from);
        from += section.length;
        return section;
      });
      used.push({ roll, sections });
    }
  }
  return used;
}

/** One roll filled as well as can be. */
function filled(pieces: readonly Piece[], roll: Roll) {
  const sections: Section[] = [];
  const ids = new Set<string>();
  let from = 0;
  for (;;) {
    const left = pieces.filter(({ id }) => !ids.has(id));
    const first = left.find((it) => it.width <= roll.width && it.length <= roll.length - from);
    if (!first) return { sections, ids };
    const beside = left.filter((it) => it !== first && it.length <= first.length);
    const row = [first, ...fullest(beside, roll.width - first.width, areaOf)];
    row.forEach(({ id }) => ids.add(id));
    sections.push(sectionOf(row, from));
    from += first.length;
  }
}

/** Those of the pieces that cover most of this width: a knapsack, by dynamic programming over widths. */
function fullest(
  pieces: readonly Piece[],
  width: number,
  worth: (piece: Piece) => number,
): Piece[] {
  const all = pieces.filter((it) => it.width <= width);
  const divisor = all.reduce((unit, it) => commonDivisor(unit, it.width), 0);
  if (all.length === 0 || divisor === 0) return [];
  const unit = Math.max(divisor, width / fineness);
  const room = Math.floor(width / unit);
  const wideOf = (piece: Piece) => Math.ceil(piece.width / unit - 1e-9);
  const fitting = noMoreThanFit(all, room, wideOf, worth);
  const size = room + 1;
  const areas = new Float64Array(size);
  const taken = new Uint8Array(size * fitting.length);
  fitting.forEach((piece, index) => {
    const [wide, own] = [wideOf(piece), worth(piece)];
    for (let at = room; at >= wide; at -= 1) {
      const area = (areas[at - wide] ?? 0) + own;
      if (area > (areas[at] ?? 0)) {
        areas[at] = area;
        taken[index * size + at] = 1;
      }
    }
  });
  const row: Piece[] = [];
  let at = room;
  for (let index = fitting.length - 1; index >= 0; index -= 1) {
    const piece = fitting[index] as Piece;
    if (taken[index * size + at] !== 1) continue;
    row.push(piece);
    at -= wideOf(piece);
  }
  return row;
}

/** Of pieces that are as wide as each other the worthiest, as many as there is room for. In their order. */
function noMoreThanFit(
  pieces: readonly Piece[],
  room: number,
  wideOf: (piece: Piece) => number,
  worth: (piece: Piece) => number,
): readonly Piece[] {
  const kept = new Set<Piece>();
  for (const [wide, alike] of groupedBy(pieces, wideOf)) {
    const most = Math.floor(room / wide);
    if (alike.length > most) alike.sort((a, b) => worth(b) - worth(a));
    for (const piece of alike.slice(0, most)) kept.add(piece);
  }
  return pieces.filter((it) => kept.has(it));
}
