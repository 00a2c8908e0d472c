/** How an opening moves, where nobody has said. */
import { usualMoves, type DoorMoves, type Opening } from './bay';

type Door = Pick<Opening, 'kind' | 'moves'>;

/** As it was described, otherwise as its kind usually does. */
export function movesOf({ kind, moves }: Door): DoorMoves {
  return moves ?? usualMoves[kind];
}

/** Whether it hangs on hinges. */
export function swings(opening: Door): boolean {
  const moves = movesOf(opening);
  return moves === 'swings' || moves === 'drops-open';
}
