/** Sets of pieces as one whole number, a bit for each by its place in the list; and a section cut into those of a set. */
import type { Piece, Section } from './cutting';

/** Pieces that one whole number can stand for a set of. */
export const mostInSet = 30;

/** What a state of `packing` takes, in steps of filling a bar or a section. */
export const stepsOfNode = 150;

/** The set of the first so many pieces, one bit each. */
export const setOfFirst = (count: number): number => 2 ** count - 1;

/** The place of the first piece of a set that is not empty. */
export const firstIn = (set: number): number => 31 - Math.clz32(set & -set);

/** The places of the pieces in a set, lowest first. */
export function placesIn(set: number): number[] {
  const places: number[] = [];
  for (let left = set; left !== 0; left &= left - 1) places.push(firstIn(left));
  return places;
}

/** Pieces side by side, the section as long as the first of them. */
export function sectionOf(pieces: readonly Piece[], from: number): Section {
  let across = 0;
  const strips = pieces.map(({ id, length, width }) => {
    const strip = { piece: id, across, length, width };
    across += width;
    return strip;
  });
  return { from, length: pieces[0]?.length ?? 0, strips };
}
