/** Pass: does an opening let this animal's body through? */
import type { AttributeId } from '../attributes';
import type { ItemId } from '../place/place';
import type { Animal } from '../tables/animals';
import type { Exclusion } from '../tables/exclusion';
import type { Attack } from '../tables/attacks';
import type { Figure } from '../tables/figure';
import type { OpeningReason, PartEffort, Reason, OpeningShape, Verdict } from './reason';
import { minutesOf, levelOf } from './effort-level';

/** Longer than this many times its width, an opening is a slot (assumption of ours). */
const slotRatio = 3;

/** Slot or hole, by its two clear sizes, mm. */
export function shapeOf(width: number, height: number): OpeningShape {
  const [short, long] = width < height ? [width, height] : [height, width];
  return long > slotRatio * short ? 'slot' : 'hole';
}

/** The figure that shuts an opening of this shape. */
export function exclusionAt(exclusion: Exclusion, shape: OpeningShape): Figure {
  return (shape === 'slot' && exclusion.slot) || exclusion.used;
}

/** The stricter figure for an opening of this shape: never looser than the one used. */
export function strictAt(exclusion: Exclusion, shape: OpeningShape): Figure {
  const used = exclusionAt(exclusion, shape);
  return used.value < exclusion.strict.value ? used : exclusion.strict;
}

/**
 * An opening above the figure used counts as passing; under it and over the stricter figure it is in doubt,
 * which holds but is said. Where the source says "under", the figure itself passes.
 */
export function verdictOf(
  opening: number,
  exclusion: Exclusion,
  shape: OpeningShape = 'hole',
): Verdict {
  const used = exclusionAt(exclusion, shape);
  if (opening > used.value) return 'passes';
  // "Under" is said of the published figure; a slot's is ours, and shuts at itself.
  if (exclusion.passesAtFigure && used === exclusion.used && opening === used.value)
    return 'passes';
  return opening > strictAt(exclusion, shape).value ? 'in-doubt' : 'stopped';
}

/** An opening, mm, held against the animal’s figures, with the verdict and by how much. */
export function openingReason(animal: Animal, opening: number, shape: OpeningShape): OpeningReason {
  const used = exclusionAt(animal.exclusion, shape);
  return {
    kind: 'opening',
    opening,
    shape,
    used,
    strict: strictAt(animal.exclusion, shape),
    verdict: verdictOf(opening, animal.exclusion, shape),
    over: Math.round((opening - used.value) * 100) / 100,
  };
}

/** Effort of passing an opening whose smallest clear dimension is `opening` mm. */
export function passEffort(
  animal: Animal,
  item: ItemId,
  attribute: AttributeId,
  opening: number,
  shape: OpeningShape = 'slot',
): PartEffort {
  const reason = openingReason(animal, opening, shape);
  return part(animal, item, 'pass', reason.verdict === 'passes' ? 0 : null, reason, attribute);
}

/** A part as every attack gives it. */
export function part(
  animal: Animal,
  item: ItemId,
  attack: Attack,
  minutes: number | null,
  reason: Reason,
  attribute?: AttributeId,
): PartEffort {
  const level = levelOf(minutes);
  // Written out twice: parts are made by the ten thousand, and spreading costs more than all the rest.
  return attribute === undefined
    ? { animal: animal.id, item, attack, level, minutes, reason }
    : { animal: animal.id, item, attribute, attack, level, minutes, reason };
}

/** A part that holds, and why. */
export function holding(
  animal: Animal,
  item: ItemId,
  reason: Reason,
  attribute?: AttributeId,
): PartEffort {
  return part(animal, item, 'pass', minutesOf('holds'), reason, attribute);
}
