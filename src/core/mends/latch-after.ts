/** What a door would ask of an animal with one more latch on it. */
import { openEffort } from '../effort/open';
import type { EffortLevel } from '../effort/effort-level';
import type { Animal } from '../tables/animals';
import type { LatchId } from '../tables/latches';
import { isFallenShut } from '../effort/reason';
import type { WeakSpot } from './weak-spot';

/** How hard the door at a weak spot is with one latch more; where it is weak only once it has fallen shut by itself, then. */
export function latchReasonAfter(weak: WeakSpot, animal: Animal, added: LatchId): EffortLevel {
  const door = weak.bay.openings.find((it) => it.id === weak.spot.item);
  if (!door) return 'open';
  const latches = [...door.latches, { id: 'added', kind: { is: added } }];
  const own = weak.parts.filter((it) => it.animal === animal.id && it.reason.kind === 'latches');
  const isFallen = own.length > 0 && own.every(({ reason }) => isFallenShut(reason));
  return openEffort(
    { ...door, latches },
    animal,
    'worst',
    isFallen ? 'round-forgotten' : 'as-habit',
  ).level;
}
