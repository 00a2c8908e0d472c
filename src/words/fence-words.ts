/** The electric line in words: what to do first, which test to make, what is left. */
import { findBay } from '@/core/place/find';
import type { BayId, Place } from '@/core/place/place';
import type { Banded } from '@/core/fence/battery';
import type { FenceView } from '@/core/fence/fence-view';
import type { NextStep } from '@/core/fence/find-leak';
import { testerLeast } from '@/core/tables/fence-faults';
import type { FirstThing, RodsMissing } from '@/core/fence/first-thing';
import { fedSide } from '@/core/fence/fed-side';
import { dayWords } from './day-words';
import { capital, count, listOf, touchingNames } from './names';

/** "6.2 kV"; a tester shows tenths. */
export const kv = (volts: number): string => `${Math.round(volts * 10) / 10} kV`;

export const bayName = (place: Place, id: BayId): string => findBay(place, id)?.bay.name ?? id;

/** The answer to "what first?" in a few words, and why. */
export function firstWords(
  place: Place,
  first: FirstThing,
): readonly [answer: string, why: string] {
  switch (first.kind) {
    case 'flat':
      return ['Charge the battery', 'It was found flat: nothing is on the wire.'];
    case 'handle-off':
      return [
        `Hook the handle on at the ${first.opening.name}`,
        'Unhooked, nothing is covered there, and what lies beyond it on the line is dead. Off at the energizer first, on again after.',
      ];
    case 'unread':
      return [
        'Put a tester to the line',
        'Nobody has read any volts on it: what is worked out from the plate is not believed.',
      ];
    case 'energizer':
      return [
        'See to the energizer',
        `With the line off it, it gave ${kv(first.read)}; its plate says ${kv(first.plate)}. Battery, connections, then a repair shop: it is not opened at home.`,
      ];
    case 'touching':
      return [
        `Clear the wire at ${bayName(place, first.bay)}`,
        `${capital(touchingNames[first.touched][0])}: ${touchingNames[first.touched][1]}.`,
      ];
    case 'leak':
      if (first.read <= testerLeast.value) {
        return [
          'Part of the line is dead',
          `Nothing arrives where ${kv(first.expected)} should: a broken wire, an undone joint or a dead short. Test by test to the place.`,
        ];
      }
      return [
        'Something drags the line down',
        `${kv(first.read)} where ${kv(first.expected)} should arrive: a leak, or a joint that leads poorly. Test by test to the place.`,
      ];
    case 'earth-unread':
      return [
        'Test the earth',
        first.missing === 'none-would-do'
          ? 'By the plate and the ground it would be too poor for any rods; nobody has read the stake. Only the test tells.'
          : `Nobody has read the stake. By the plate and the ground ${rodsWanted(first.missing)}; only the test tells.`,
      ];
    case 'rods':
      return first.missing === 'none-would-do'
        ? [
            'The earth is too poor here for rods',
            'Not even fifty would bring the earth test to 300 V: set them where it stays wet, or run an earthed wire beside the live one.',
          ]
        : [
            `${capital(count(first.missing, 'earth rod'))} more`,
            'Until the earth test reads 300 V or less (common practice). Call before you dig; 10 m from any other earth.',
          ];
    case 'dry':
      return [
        'The ground keeps the current from the paws',
        'The wire has its volts; dry or frozen ground leads too little. An earthed wire beside the live one, or mesh at the foot joined to the rods, bites whatever the ground.',
      ];
    case 'weak':
      return [
        'The energizer is too small for this line',
        `Nothing is known to drag it down, and the weakest bay has ${kv(first.least)}.`,
      ];
    case 'battery':
      return [
        `${capital(nightsWords(first.nights))} left in the battery`,
        first.nights < 1 ? 'Charge or change it before tonight.' : 'Charge or change it in time.',
      ];
    case 'sound':
      return ['The line is sound', 'Nothing to do but to test it again.'];
  }
}

/** "about 12 nights" */
export const nightsWords = (nights: number): string =>
  nights < 1 ? 'not a night' : `about ${count(Math.round(nights), 'night')}`;

/** "about 23 nights, between 14 and 31"; undefined of a panel that carries it. */
export function nightsBanded({ value, band: [low, high] }: Banded): string {
  if (!Number.isFinite(value)) return 'carried by its panel at this time of year';
  const most = Number.isFinite(high) ? `${Math.round(high)}` : 'as long as the sun lasts';
  return `${nightsWords(value)}, between ${Math.round(low)} and ${most}`;
}

/** Which test comes next, whole: what to do and where to read. */
export function testWords(place: Place, { path }: Pick<FenceView, 'path'>, step: NextStep): string {
  const at = (index: number): string => bayName(place, path.bays[index]?.bay.id ?? '');
  if (step.kind === 'found') {
    const { bay, brokenInto, poorInto } = step;
    if (brokenInto !== undefined) {
      return `Between ${at(brokenInto - 1)} and ${at(brokenInto)} the wire no longer leads.`;
    }
    if (poorInto !== undefined) {
      return `Between ${at(poorInto - 1)} and ${at(poorInto)} a joint leads poorly.`;
    }
    return `It is at ${at(bay)}.`;
  }
  if (step.kind === 'look') {
    return `No test tells these apart: look at ${listOf(step.bays.map(at), 'then')}.`;
  }
  const { test } = step;
  return test.kind === 'read'
    ? `Read the volts at ${at(test.at)}.`
    : `Open the line between ${at(test.into - 1)} and ${at(test.into)}, and read it at ${at(fedSide(test.into, path.feed))}.`;
}

const rodsWanted = (missing: number): string =>
  missing === 1 ? 'one more rod would be wanted' : `${missing} more rods would be wanted`;

/** "none", "two more", "more than a garden holds". */
export function rodsWords(missing: RodsMissing | undefined): string {
  if (missing === undefined) return 'not known without the energizer’s plate';
  if (missing === 'none-would-do') return 'more than a garden holds';
  return missing === 0 ? 'none' : String(missing);
}

/** "about 23 nights, between 14 and 31; change it by 12 January" */
export function batteryWords({ nights, changeOn, batteryRead }: FenceView): string | undefined {
  if (!nights) return undefined;
  if (batteryRead === undefined) return `a full one lasts ${nightsBanded(nights)}`;
  // It was read long ago: what it has now nobody knows.
  if (changeOn && nights.value < 1) {
    return `by its last reading it has been used up since ${dayWords(changeOn)}: charge or change it, and read it again`;
  }
  const by = changeOn ? `; charge or change it by ${dayWords(changeOn)}` : '';
  return `${nightsBanded(nights)}${by}`;
}
