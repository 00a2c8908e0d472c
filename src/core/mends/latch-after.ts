/** What a door would ask of an animal with one more latch on it. */
import { openEffort } from '../effort/open';
import type { EffortLevel } from '../effort/effort-level';
import type { Animal } from '../tables/animals';
import type { LatchId } from '../tables/latches';
import type { WeakSpot } from './weak-spot';

/** How hard the door at a weak spot is with one latch more. */
export function latchReasonAfter(weak: WeakSpot, animal: Animal, added: LatchId): EffortLevel {
  const door = weak.bay.openings.find((it) => it.id === weak.spot.item);
  if (!door) return 'open';
  const latches = [...door.latches, { id: 'added', kind: { is: added } }];
  return openEffort({ ...door, latches }, animal, 'worst').level;
}
