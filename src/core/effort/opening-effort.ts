/** A door, lid, vent or window: as it stands, round its edges, by its latches, through its cover. */
import type { Bay, Opening } from '../place/place';
import { coverOf, isFixed } from '../place/opening-cover';
import { movesOf } from '../place/opening-moves';
import type { Animal } from '../tables/animals';
import { heightOf, outOfReach } from './access';
import { lengthAt, type Bound } from './bound';
import { doorwayOf, opensByHand, standsOpen } from './doors';
import { addMinutes } from './effort-level';
import { hingeEffort } from './hinges';
import { coverEffort, isNone, type Tried } from './layers';
import { openEffort } from './open';
import {
  apertureFor,
  holding,
  minutesOfOpening,
  openingReason,
  part,
  passing,
  walksThrough,
  within,
} from './pass';
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
  const high = hasWayUp(opening, when)
    ? undefined
    : outOfReach(animal, heightOf(opening, bay), bay, bound);
  if (high) return [holding(animal, opening.id, high)];
  if (standsOpen(opening, when.doors)) return [throughDoorway(opening, animal, when)];
  if (isFixed(opening)) return [throughCover(opening, bay, { animal, bound, date: when.date })];
  const offHinges = hingeEffort(opening, animal, bound);
  return [
    roundEdges(opening, 'opening.gap', animal, bound),
    // Nothing that flies pulls at a door.
    ...(animal.flies ? [] : [roundEdges(opening, 'opening.gapPulled', animal, bound)]),
    ...(opensByHand(opening)
      ? [thenThrough(openEffort(opening, animal, bound, when.doors), opening, animal)]
      : []),
    ...(offHinges ? [thenThrough(offHinges, opening, animal)] : []),
    throughCover(opening, bay, { animal, bound, date: when.date }),
  ];
}

/**
 * Birds get up to the door they go in by on a ramp or a step, and whatever walks gets up by the same (common practice: a skunk, which does
 * not climb, is in by a pop door left open). Where the door is the ramp, it is there when it is down.
 */
function hasWayUp(opening: Opening, { doors }: When): boolean {
  return (
    opening.kind === 'pop-door' && (movesOf(opening) !== 'drops-open' || standsOpen(opening, doors))
  );
}

/** What works a latch or draws a door off its hinges has the doorway still to go through. */
function thenThrough(opened: PartEffort, opening: Opening, animal: Animal): PartEffort {
  const left = doorwayOf(opening);
  if (opened.minutes === null || walksThrough(animal, left)) return opened;
  const doorway = openingReason(animal, left);
  const through = minutesOfOpening(doorway);
  if (through === null) return part(animal, opening.id, passing(doorway));
  const { attack, reason, attribute } = opened;
  const minutes = addMinutes(opened.minutes, through);
  return part(animal, opened.item, { attack, minutes, reason }, attribute);
}

/** The gap round a door: as long as the door, and never wider than the doorway would be without it. */
function roundEdges(
  opening: Opening,
  attribute: 'opening.gap' | 'opening.gapPulled',
  animal: Animal,
  bound: Bound,
): PartEffort {
  const wide = attribute === 'opening.gap' ? opening.gap : opening.gapPulled;
  const gap = apertureFor(lengthAt(wide, attribute, bound), 'slot');
  const reason = openingReason(animal, within(gap, doorwayOf(opening)));
  return part(animal, opening.id, passing(reason), attribute);
}

/** Standing open, it stops only what is too big for the doorway. */
function throughDoorway(opening: Opening, animal: Animal, { doors }: When): PartEffort {
  const reason = openingReason(animal, doorwayOf(opening));
  return reason.verdict === 'passes'
    ? part(animal, opening.id, {
        attack: 'wait',
        minutes: 0,
        reason: { kind: 'stands-open', habit: opening.habit, doors },
      })
    : part(animal, opening.id, passing(reason));
}

function throughCover(opening: Opening, bay: Bay, by: Tried): PartEffort {
  const { animal } = by;
  const doorway = doorwayOf(opening);
  const there = coverOf(opening).filter((layer) => !isNone(layer));
  // Pulling at the wall says nothing of what holds a door's own cover.
  const held = { ...bay, isApart: true } as const;
  const cover = coverEffort(there, held, by, doorway);
  if (!cover) {
    const reason = openingReason(animal, doorway);
    return part(animal, opening.id, passing(reason));
  }
  const { hardest, others, minutes } = cover;
  const through = part(animal, hardest.layer.id, { ...hardest, minutes }, 'layer.clear');
  return others.length === 0 ? through : { ...through, besides: others.map((it) => it.reason) };
}
