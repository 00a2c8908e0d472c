/** Zones that share a wall, a floor or a roof hang together: one may go from the one to the other without coming down. */
import { memoized } from '../memo';
import type { Place, ZoneId } from './place';

/** By zone, the number of the piece it belongs to; zones of one piece have the same. */
export const piecesOf = memoized(({ zones, faces }: Place): ReadonlyMap<ZoneId, number> => {
  const pieces = new Map<ZoneId, number>(zones.map(({ id }, index) => [id, index]));
  for (const { between } of faces) {
    const [one, other] = between.map((zone) => pieces.get(zone));
    if (one === undefined || other === undefined || one === other) continue;
    for (const [zone, piece] of pieces) if (piece === other) pieces.set(zone, one);
  }
  return pieces;
});
