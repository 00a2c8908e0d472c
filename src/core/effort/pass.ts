/** Pass: does an opening let this animal's body through? */
import type { AttributeId } from '../attributes';
import type { ItemId } from '../place/place';
import type { Animal } from '../tables/animals';
import { passedAsSlot, type Exclusion } from '../tables/exclusion';
import type { Attack } from '../tables/attacks';
import type { Figure } from '../tables/figure';
import type { OpeningReason, PartEffort, Reason, OpeningShape, Verdict } from './reason';
import { minutesOf, levelOf } from './effort-level';
import { bandSteps, slotLength } from '../tables/counting';

/** The two clear sizes of an opening, mm: the smaller, and the one across it. A gap that runs on has no end. */
export interface Aperture {
  readonly short: number;
  readonly long: number;
}

/** The aperture of these two sizes, mm. */
export function apertureOf(width: number, height: number): Aperture {
  return width < height ? { short: width, long: height } : { short: height, long: width };
}

/** What is left of both where one fills the other: mesh in a vent is never wider than the vent. */
export function within(a: Aperture, b: Aperture): Aperture {
  return { short: Math.min(a.short, b.short), long: Math.min(a.long, b.long) };
}

/** As long as it may be (a gap along a sill), or as wide as it is long (a hole). */
export function apertureFor(opening: number, shape: OpeningShape): Aperture {
  return { short: opening, long: shape === 'slot' ? Infinity : opening };
}

/**
 * An opening this many times as long as the slot's figure is a whole slot; up to the hole's figure it is a hole, and between
 * them the figure falls with the length. It is the length alone that moves the figure, so that an opening
 * made longer or wider never stops anybody that it let through.
 */
const wholeSlot = slotLength.value;

/** The figure that shuts an opening so long, mm. */
export function exclusionAt({ used, slot }: Exclusion, long: number): Figure {
  if (!slot || long <= used.value) return used;
  const whole = wholeSlot * slot.value;
  if (long >= whole) return slot;
  const share = (long - used.value) / (whole - used.value);
  return { ...slot, value: used.value - share * (used.value - slot.value) };
}

/** The stricter figure for an opening so long: never looser than the one used. */
export function strictAt(exclusion: Exclusion, long: number): Figure {
  const used = exclusionAt(exclusion, long);
  return used.value < exclusion.strict.value ? used : exclusion.strict;
}

/** What the animal is known to pass in an opening so long, mm; never under the figure that shuts it. */
export function passesAt({ passes }: Exclusion, used: Figure, long: number): number {
  const hole = passes.value;
  const whole = wholeSlot * hole;
  const turned = Math.max(0, Math.min(1, (long - hole) / (whole - hole)));
  return Math.max(used.value, hole * (1 - turned * (1 - passedAsSlot.value)));
}

/**
 * From the size the animal is known to pass it walks in. At or under the figure used it holds; what lies over the stricter
 * figure is in doubt, which is said. In the band between it squeezes and enlarges: a level for each third.
 */
export function verdictOf(aperture: Aperture, exclusion: Exclusion): Verdict {
  const used = exclusionAt(exclusion, aperture.long);
  if (aperture.short > used.value) {
    return aperture.short >= passesAt(exclusion, used, aperture.long) ? 'passes' : 'squeezes';
  }
  return aperture.short > strictAt(exclusion, aperture.long).value ? 'in-doubt' : 'stopped';
}

/** An aperture held against the animal’s figures, with the verdict and by how much. */
export function openingReason(animal: Animal, aperture: Aperture): OpeningReason {
  const { exclusion } = animal;
  const { short, long } = aperture;
  const used = exclusionAt(exclusion, long);
  return {
    kind: 'opening',
    opening: short,
    shape: used === exclusion.used ? 'hole' : 'slot',
    used,
    strict: strictAt(exclusion, long),
    passes: passesAt(exclusion, used, long),
    verdict: verdictOf(aperture, exclusion),
    over: Math.round((short - used.value) * 100) / 100,
  };
}

/** Whether it walks through, known without the reason why. */
export function walksThrough({ exclusion }: Animal, { short, long }: Aperture): boolean {
  if (short >= exclusion.passes.value) return true;
  return verdictOf({ short, long }, exclusion) === 'passes';
}

const squeezing = ['night', 'hour', 'minutes'] as const;

/** Minutes of passing an opening; `null` holds. */
export function minutesOfOpening({ verdict, over, used, passes }: OpeningReason): number | null {
  if (verdict === 'passes') return 0;
  if (verdict !== 'squeezes') return null;
  const third = Math.floor((bandSteps.value * over) / Math.max(0.01, passes - used.value));
  return minutesOf(squeezing[Math.max(0, Math.min(third, squeezing.length - 1))] ?? 'minutes');
}

/** Going through an opening, as an attack. */
export function passing(reason: OpeningReason): Attempt {
  return { attack: 'pass', minutes: minutesOfOpening(reason), reason };
}

/** Effort of passing an opening whose smallest clear dimension is `opening` mm. */
export function passEffort(
  animal: Animal,
  item: ItemId,
  attribute: AttributeId,
  opening: number,
  shape: OpeningShape = 'slot',
): PartEffort {
  const reason = openingReason(animal, apertureFor(opening, shape));
  return part(animal, item, passing(reason), attribute);
}

/** One attack on one part: in how many minutes (`null` holds), and why. */
interface Attempt {
  readonly attack: Attack;
  readonly minutes: number | null;
  readonly reason: Reason;
}

/** A part as every attack gives it. */
export function part(
  animal: Animal,
  item: ItemId,
  { attack, minutes, reason }: Attempt,
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
  return part(animal, item, { attack: 'pass', minutes: minutesOf('holds'), reason }, attribute);
}
