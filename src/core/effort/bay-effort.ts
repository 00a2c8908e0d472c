/** What one bay costs one animal: all its parts, each by the attack it gives way to. */
import type { Bay, Opening } from '../place/place';
import type { Animal } from '../tables/animals';
import { mayGoThrough } from './bay-facts';
import type { Bound } from './bound';
import { digEffort } from './dig';
import { isNotThere } from './layers';
import { liftEffort } from './lift';
import { openingEffort } from './opening-effort';
import { overEffort } from './over';
import { ownFloorEffort } from './own-floor';
import { passBay } from './pass-bay';
import { reachEfforts } from './reach';
import { turnedBackAt, type PartEffort, type StrandEffect } from './reason';
import { compareMinutes } from './effort-level';
import { isCovered, strandEffect } from './strand';
import { timberEffort } from './timber';
import { nightShut, type When } from './when';

/** All parts of a bay, holding ones too, the one that weighs least on a route first. */
export function bayEffort(
  bay: Bay,
  animal: Animal,
  bound: Bound,
  when: When = nightShut,
): PartEffort[] {
  if (isNotThere(bay)) return [];
  return finished(
    [
      ...passBay(bay, animal, bound, when),
      ...underAndOver(bay, animal, bound),
      ...reachEfforts(bay, animal, bound, when),
      ...bay.openings.flatMap((opening) => openingEffort(opening, bay, animal, bound, when)),
    ],
    bay,
    animal,
    bound,
    when,
  );
}

/** Only the parts that let it by, without working out why the others hold. */
export function passableParts(
  bay: Bay,
  animal: Animal,
  bound: Bound,
  when: When,
): readonly PartEffort[] {
  if (isNotThere(bay)) return none;
  const parts: (PartEffort | undefined)[] = mayGoThrough(bay, animal, bound)
    ? passBay(bay, animal, bound, when)
    : [];
  if (bay.ground || bay.top.kind !== 'roof') parts.push(...underAndOver(bay, animal, bound));
  if (animal.reaches) parts.push(...reachEfforts(bay, animal, bound, when));
  for (const opening of bay.openings) {
    parts.push(...openingEffort(opening, bay, animal, bound, when));
  }
  const passable = parts.filter((it) => it !== undefined && it.minutes !== null);
  return passable.length === 0 ? none : finished(passable, bay, animal, bound, when);
}

const none: readonly PartEffort[] = [];

function underAndOver(bay: Bay, animal: Animal, bound: Bound): (PartEffort | undefined)[] {
  return [
    digEffort(bay, animal, bound),
    ownFloorEffort(bay, animal, bound),
    overEffort(bay, animal, bound),
    liftEffort(bay, animal, bound),
    timberEffort(bay, animal, bound),
  ];
}

/** With the strands' share where they cover the attack, lightest first. */
function finished(
  parts: readonly (PartEffort | undefined)[],
  bay: Bay,
  animal: Animal,
  bound: Bound,
  when: When,
): PartEffort[] {
  const strand = strandEffect(bay, animal, bound, when.line);
  const climbed = climbedOver(bay, animal, bound, when);
  return parts
    .filter((it) => it !== undefined)
    .map((it) => {
      const own = strand && isCovered(it.attack, bay, bound, openingOf(bay, it)) ? strand : climbed;
      return own ? { ...it, strand: own } : it;
    })
    .sort((a, b) => compareParts(a, b, animal));
}

/** What the line at the foot of the walls turns back of those that climb or leap onto a roof: the weakest stretch of it. */
function climbedOver(
  { below, height }: Bay,
  animal: Animal,
  bound: Bound,
  { line }: When,
): StrandEffect | undefined {
  if (!below || animal.flies) return undefined;
  const attack = animal.leap.value >= height ? 'jump' : 'climb';
  const effects = below.map((it) =>
    isCovered(attack, it, bound) ? strandEffect(it, animal, bound, line) : undefined,
  );
  return effects.reduce((weakest, it) =>
    weakest && it && it.share < weakest.share ? it : weakest && it && weakest,
  );
}

/** The opening that a part goes by: itself, its latch or its cover. */
function openingOf({ openings }: Bay, { item }: PartEffort): Opening | undefined {
  return openings.find(
    ({ id, latches, cover }) =>
      id === item ||
      latches.some((latch) => latch.id === item) ||
      cover?.some((layer) => layer.id === item),
  );
}

function compareParts(a: PartEffort, b: PartEffort, animal: Animal): number {
  if (a.minutes === null || b.minutes === null) return compareMinutes(a.minutes, b.minutes);
  const [first, second] = [partWeight(a, animal), partWeight(b, animal)];
  return first - second || excess(b) - excess(a);
}

/**
 * What a part adds to a route: `minutes / patience − ln(1 − s)`, s the share that strands turn back. `null` holds. A route's
 * chance is `exp` of minus the sum.
 */
export function partWeight(part: PartEffort, animal: Animal): number {
  if (part.minutes === null) throw new Error('a part that holds has no weight');
  return part.minutes / animal.patience.value - Math.log(1 - turnedBackAt(part));
}

/** By how much a part gives way, so that of two open parts the wider comes first. */
function excess({ reason }: PartEffort): number {
  return reason.kind === 'opening' ? reason.over : 0;
}
