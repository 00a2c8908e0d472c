/** Through the floor that a house's wall stands on: whoever digs comes to it from below. */
import type { Bay } from '../place/bay';
import { ownFloor } from '../place/ground-line';
import type { Animal } from '../tables/animals';
import type { Bound } from './bound';
import { inGround } from './dig';
import { part } from './pass';
import type { PartEffort } from './reason';

/** `undefined` where there is no such floor, at the best where it may be that there is none, and for what does not dig. */
export function ownFloorEffort(bay: Bay, animal: Animal, bound: Bound): PartEffort | undefined {
  const { ground } = bay;
  if (!ground?.onFloor || !animal.digs || bay.bands.length === 0) return undefined;
  const { kinds, isSure } = ownFloor(ground);
  if (kinds.length === 0 || (bound === 'best' && !isSure)) return undefined;
  return part(animal, bay.id, inGround({ oneOf: [...kinds] }, animal, bound), 'ground.floor');
}
