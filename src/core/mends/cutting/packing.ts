/**
 * Whether pieces can be cut from these rolls and no others, and with how little waste: depth first, the longest piece first, so that
 * a section is as long as the piece that begins it. Of sections only the width that is left matters for what follows, of rolls only
 * the length: states that are alike in these are looked at once.
 */
import { memoized } from '../../memo';
import { areaOf, sumBy, type Piece, type Roll, type Section } from './cutting';
import type { DualBound } from './dual-bound';
import { restBound, type RestBound } from './rest-bound';

/** Sections on each roll. */
export interface Packed {
  /** Sections of each roll, in the order of the rolls given. */
  readonly sections: readonly (readonly Section[])[];
  /** Of all sections, mm². */
  readonly area: number;
}

/** What a search for sections came to. */
export interface Packing {
  readonly packed: Packed | undefined;
  /** False where the search was broken off: what it found may not be the best, and what it did not find may be there. */
  readonly proved: boolean;
  readonly nodes: number;
}

/** Where that is known before anything is tried. */
export const doNotTakeThem: Packing = { packed: undefined, proved: true, nodes: 0 };

interface OpenSection {
  readonly roll: number;
  readonly from: number;
  readonly length: number;
  left: number;
  readonly strips: { piece: Piece; across: number }[];
}

interface Search {
  readonly rolls: readonly Roll[];
  readonly pieces: readonly Piece[];
  /** Of the pieces from each place on. */
  readonly bounds: readonly RestBound[];
  readonly lengthLeft: number[];
  readonly sections: OpenSection[];
  readonly seen: Map<string, number>;
  readonly mostNodes: number;
  nodes: number;
  broken: boolean;
  /** Least that any sections can come to. */
  readonly floor: number;
  readonly dual: DualBound;
  best: Packed | undefined;
  limit: number;
}

/**
 * `pieces`: the longest first. `below`: only what takes less area of sections is of interest. `mostNodes`: how long to search.
 * `dual`: what sections of these widths cost in area at the least.
 */
export function packing(
  pieces: readonly Piece[],
  rolls: readonly Roll[],
  below: number,
  mostNodes: number,
  dual: DualBound,
): Packing {
  const search: Search = {
    rolls,
    pieces,
    bounds: boundsOf(pieces),
    lengthLeft: rolls.map(({ length }) => length),
    sections: [],
    seen: new Map(),
    mostNodes,
    nodes: 0,
    broken: false,
    floor: Math.max(dual.whole, leastArea(pieces, rolls)),
    dual,
    best: undefined,
    // Sections cannot come to more than the rolls have.
    limit: Math.min(below, sumBy(rolls, areaOf) + 1),
  };
  place(search, 0, 0);
  return { packed: search.best, proved: !search.broken, nodes: search.nodes };
}

/** Of the pieces from each place on: the same whatever rolls are tried. */
const boundsOf = memoized((pieces: readonly Piece[]): readonly RestBound[] =>
  pieces.map((_, index) => restBound(pieces.slice(index))),
);

function leastArea(pieces: readonly Piece[], rolls: readonly Roll[]): number {
  const whole = rolls.map(({ width, length }) => ({ width, left: length }));
  return boundsOf(pieces)[0]?.({ gaps: [], rolls: whole }) ?? sumBy(pieces, areaOf);
}

/** True where nothing better can come. */
function place(search: Search, index: number, area: number): boolean {
  search.nodes += 1;
  const piece = search.pieces[index];
  if (!piece) {
    search.best = laidOut(search, area);
    search.limit = area;
    return area <= search.floor + 1;
  }
  if (search.nodes > search.mostNodes) {
    search.broken = true;
    return true;
  }
  const gaps = search.sections.map(({ left }) => left);
  if (area + search.dual.rest(index, gaps) >= search.limit) return false;
  const needs = search.bounds[index]?.({
    gaps,
    rolls: search.rolls.map(({ width }, roll) => ({ width, left: search.lengthLeft[roll] ?? 0 })),
  });
  if (needs === undefined || area + needs >= search.limit) return false;
  const key = keyOf(search, index);
  const before = search.seen.get(key);
  if (before !== undefined && before <= area) return false;
  search.seen.set(key, area);
  return besideOthers(search, index, piece, area) || onItsOwn(search, index, piece, area);
}

function keyOf({ sections, lengthLeft, rolls }: Search, index: number): string {
  const widths = sections
    .map(({ left }) => left)
    .filter((it) => it > 0)
    .sort((a, b) => a - b);
  const lengths = lengthLeft.map((left, roll) => `${rolls[roll]?.width}x${left}`).sort();
  return `${index};${widths.join()};${lengths.join()}`;
}

/** In a section that is begun, the narrowest gap first; where it fills one, there is no better place for it. */
function besideOthers(search: Search, index: number, piece: Piece, area: number): boolean {
  const widths = new Set<number>();
  const fitting = search.sections
    .filter(({ left }) => left >= piece.width)
    .sort((a, b) => a.left - b.left)
    .filter(({ left }) => !widths.has(left) && widths.add(left));
  for (const section of fitting) {
    const { left } = section;
    const width = search.rolls[section.roll]?.width ?? 0;
    section.strips.push({ piece, across: width - left });
    section.left -= piece.width;
    const isDone = place(search, index + 1, area);
    section.left = left;
    section.strips.pop();
    if (isDone) return true;
    if (left === piece.width) return false;
  }
  return false;
}

/** Beginning a section: on the roll it wastes least of, the shortest rest first. */
function onItsOwn(search: Search, index: number, piece: Piece, area: number): boolean {
  if (search.sections.some(({ left }) => left === piece.width)) return false;
  const alike = new Set<string>();
  const fitting = search.rolls
    .map((roll, at) => ({ roll, at, left: search.lengthLeft[at] ?? 0 }))
    .filter(({ roll, left }) => roll.width >= piece.width && left >= piece.length)
    .sort((a, b) => a.roll.width - b.roll.width || a.left - b.left)
    .filter(({ roll, left }) => {
      const key = `${roll.width}x${left}`;
      return !alike.has(key) && alike.add(key);
    });
  for (const { roll, at, left } of fitting) {
    const own = piece.length * roll.width;
    if (area + own >= search.limit) continue;
    search.sections.push({
      roll: at,
      from: roll.length - left,
      length: piece.length,
      left: roll.width - piece.width,
      strips: [{ piece, across: 0 }],
    });
    search.lengthLeft[at] = left - piece.length;
    const isDone = place(search, index + 1, area + own);
    search.lengthLeft[at] = left;
    search.sections.pop();
    if (isDone) return true;
  }
  return false;
}

function laidOut({ rolls, sections }: Search, area: number): Packed {
  return {
    area,
    sections: rolls.map((_, roll) =>
      sections
        .filter((it) => it.roll === roll)
        .map(({ from, length, strips }) => ({
          from,
          length,
          strips: strips.map(({ piece, across }) => ({
            piece: piece.id,
            across,
            length: piece.length,
            width: piece.width,
          })),
        })),
    ),
  };
}
