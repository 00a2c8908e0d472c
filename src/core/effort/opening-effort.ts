/** A door, lid, vent or window: as habit leaves it, round its edges, by its latches, through its cover. */
import type { Opening, OpeningKind } from '../place/place';
import type { Animal } from '../tables/animals';
import { outOfReach } from './access';
import { clearOpening, lengthAt, type Bound } from './bound';
import { openEffort } from './open';
import { passEffort, passPart } from './pass';
import type { PartEffort } from './reason';

/** Openings that swing and need a latch. A pop door that slides is lifted, not opened; lifting is not judged yet. */
const swinging: readonly OpeningKind[] = ['gate', 'door', 'hatch', 'nest-lid'];

export function isSwinging(opening: Opening): boolean {
  return swinging.includes(opening.kind) || opening.latches.length > 0;
}

/** A vent or window that nobody shuts: its cover is all there is. */
export function isFixed(opening: Opening): boolean {
  return opening.shutBy === 'nobody' && (opening.kind === 'vent' || opening.kind === 'window');
}

export function openingEffort(opening: Opening, animal: Animal, bound: Bound): PartEffort[] {
  const high = outOfReach(animal, opening.up);
  if (high) return [passPart(animal, opening.id, high)];
  if (isFixed(opening)) return cover(opening, animal, bound);
  if (opening.habit !== 'every-night') return [standsOpen(opening, animal)];
  const gap = lengthAt(opening.gap, 'opening.gap', bound);
  const pulled = lengthAt(opening.gapPulled, 'opening.gapPulled', bound);
  return [
    passEffort(animal, opening.id, 'opening.gap', gap),
    passEffort(animal, opening.id, 'opening.gapPulled', pulled),
    ...(isSwinging(opening) ? [openEffort(opening, animal, bound)] : []),
  ];
}

/** Left open at night, it stops only what is too big for the doorway. */
function standsOpen(opening: Opening, animal: Animal): PartEffort {
  const clear = Math.min(opening.width, opening.height);
  const doorway = passEffort(animal, opening.id, 'opening.gap', clear);
  return doorway.rung === 'holds'
    ? doorway
    : passPart(animal, opening.id, { kind: 'stands-open', habit: opening.habit });
}

function cover(opening: Opening, animal: Animal, bound: Bound): PartEffort[] {
  const layers = opening.cover ?? [];
  const doorway = Math.min(opening.width, opening.height);
  const clear = layers.map((layer) => ({ layer, opening: clearOpening(layer, bound) }));
  const [first, ...rest] = clear;
  if (!first) return [passEffort(animal, opening.id, 'layer.clear', doorway)];
  const finest = rest.reduce((best, it) => (it.opening < best.opening ? it : best), first);
  return [passEffort(animal, finest.layer.id, 'layer.clear', Math.min(finest.opening, doorway))];
}
