/** A door, lid, vent or window: as it stands, round its edges, by its latches, through its cover. */
import type { Bay, Layer, Opening } from '../place/place';
import type { Animal } from '../tables/animals';
import { outOfReach } from './access';
import { lengthAt, type Bound } from './bound';
import { isFixed, isSwinging, standsOpen } from './doors';
import { coverEffort, isNone } from './layers';
import { openEffort } from './open';
import { holding, openingReason, part, passEffort, shapeOf } from './pass';
import type { PartEffort } from './reason';
import type { When } from './when';

/** Every part of one opening against one animal: open, pushed, passed, reached, torn. */
export function openingEffort(
  opening: Opening,
  bay: Bay,
  animal: Animal,
  bound: Bound,
  when: When,
): PartEffort[] {
  const high = outOfReach(animal, opening.up, bay, bound);
  if (high) return [holding(animal, opening.id, high)];
  if (standsOpen(opening, when.doors)) return [throughDoorway(opening, animal, when)];
  const layers = opening.cover ?? [];
  if (isFixed(opening)) return [throughCover(opening, layers, bay, animal, bound, when)];
  const gap = lengthAt(opening.gap, 'opening.gap', bound);
  const pulled = lengthAt(opening.gapPulled, 'opening.gapPulled', bound);
  return [
    passEffort(animal, opening.id, 'opening.gap', gap),
    passEffort(animal, opening.id, 'opening.gapPulled', pulled),
    ...(isSwinging(opening) ? [openEffort(opening, animal, bound)] : []),
    // What a door is made of is judged where it was described.
    ...(layers.some((layer) => !isNone(layer))
      ? [throughCover(opening, layers, bay, animal, bound, when)]
      : []),
  ];
}

/** Standing open, it stops only what is too big for the doorway. */
function throughDoorway(opening: Opening, animal: Animal, { doors }: When): PartEffort {
  const reason = doorway(opening, animal);
  return reason.verdict === 'passes'
    ? part(animal, opening.id, 'wait', 0, { kind: 'stands-open', habit: opening.habit, doors })
    : holding(animal, opening.id, reason);
}

function doorway({ width, height }: Opening, animal: Animal) {
  return openingReason(animal, Math.min(width, height), shapeOf(width, height));
}

function throughCover(
  opening: Opening,
  layers: readonly Layer[],
  bay: Bay,
  animal: Animal,
  bound: Bound,
  when: When,
): PartEffort {
  const limit = Math.min(opening.width, opening.height);
  const there = layers.filter((layer) => !isNone(layer));
  const cover = coverEffort(there, bay, animal, bound, when.date, limit);
  if (!cover) {
    const reason = doorway(opening, animal);
    return part(animal, opening.id, 'pass', reason.verdict === 'passes' ? 0 : null, reason);
  }
  const { hardest, others, minutes } = cover;
  const through = part(
    animal,
    hardest.layer.id,
    hardest.attack,
    minutes,
    hardest.reason,
    'layer.clear',
  );
  return others.length === 0 ? through : { ...through, besides: others.map((it) => it.reason) };
}
