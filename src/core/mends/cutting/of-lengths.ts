/**
 * Boards, battens and channel have only a length. They are looked at turned round, each as one section whose strips are the pieces:
 * what is known of widths that lie side by side then holds of lengths that follow each other.
 */
import type { Cutting, CutRoll, Piece, Roll } from './cutting';

/** Whether every roll is wide enough for each of the pieces, and none for two of them side by side. */
export function isOfLengths(pieces: readonly Piece[], rolls: readonly Roll[]): boolean {
  const widths = pieces.map(({ width }) => width);
  const [narrowest, widest] = [Math.min(...widths), Math.max(...widths)];
  return rolls.every(({ width }) => width >= widest && width < 2 * narrowest);
}

/** One deep, so that no section has a second behind it. */
export function turnedPiece({ id, length }: Piece): Piece {
  return { id, length: 1, width: length };
}

/** A bar as a roll one wide, so that lengths are filled as widths are. */
export function turnedRoll({ width: _width, ...roll }: Roll): Roll {
  return { ...roll, length: 1, width: roll.length };
}

/** Each piece its own section again, as wide as it was. */
export function turnedBack(
  cutting: Cutting,
  pieces: readonly Piece[],
  rolls: readonly Roll[],
): Cutting {
  const widths = new Map(pieces.map((it) => [it.id, it.width]));
  const cut = cutting.rolls.map(({ roll, sections }): CutRoll => {
    const own = rolls.find(({ id }) => id === roll.id) ?? roll;
    return {
      roll: own,
      sections: sections
        .flatMap(({ strips }) => strips)
        .map(({ piece, across, width: length }) => {
          const width = widths.get(piece) ?? own.width;
          return { from: across, length, strips: [{ piece, across: 0, length, width }] };
        }),
    };
  });
  const waste = cut
    .flatMap(({ roll, sections }) =>
      sections.flatMap(({ length, strips }) =>
        strips.map(({ width }) => length * (roll.width - width)),
      ),
    )
    .reduce((sum, it) => sum + it, 0);
  // Whichever roll it is cut from, a piece takes its own length of it: nothing else is wasted.
  return { ...cutting, rolls: cut, waste, leastWaste: waste };
}
