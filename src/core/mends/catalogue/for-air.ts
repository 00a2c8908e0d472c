/** An opening that is there for air or light: boards over it do harm. */
import type { WeakSpot } from '../weak-spot';

/** Whether the spot is in a vent or window: air goes through it. */
export function isForAir({ bay, spot }: Pick<WeakSpot, 'bay' | 'spot'>): boolean {
  return bay.openings.some(
    (it) => it.id === spot.item && (it.kind === 'vent' || it.kind === 'window'),
  );
}
