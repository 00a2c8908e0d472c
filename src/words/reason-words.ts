/** A reason as a sentence: the reading, the figure it met, and by how much. */
import type { LatchVerdict, PartEffort, Reason } from '@/core/effort/reason';
import type { Place } from '@/core/place/place';
import { lengthWords } from './length-words';
import { animalNames, capital, latchNames, listOf, motionNames, soilNames } from './names';

const habitWords = {
  'every-night': 'shut every night',
  'cold-or-storms': 'shut only in cold or storms',
  never: 'never shut at night',
} as const;

const latchVerdicts: Readonly<Record<LatchVerdict, (animal: string, motions: string) => string>> = {
  'unlatched-pushed': (animal) => `Nothing holds it shut, and a ${animal} pushes.`,
  'unlatched-left-alone': (animal) => `Nothing holds it shut, but a ${animal} does not push doors.`,
  'motion-unknown': (animal, motions) => `A ${animal} does not work ${motions}.`,
  'too-stiff': (animal) => `Too stiff for a ${animal}.`,
  'two-different-motions': (animal, motions) =>
    `Two different motions (${motions}): more than a ${animal} works out.`,
  'one-motion': (animal, motions) => `One motion (${motions}): a ${animal} works that out.`,
  'same-motion-twice': (animal, motions) =>
    `The same motion twice (${motions}): a ${animal} learns one after the other.`,
};

export function reasonWords(place: Place, part: PartEffort): string {
  return reasonSentence(part.reason, animalNames[part.animal][0], place);
}

function reasonSentence(reason: Reason, animal: string, place: Place): string {
  const { units } = place;
  switch (reason.kind) {
    case 'opening':
      return openingSentence(reason, animal, place);
    case 'out-of-reach':
      return `${lengthWords(reason.height, units)} up: out of a ${animal}’s reach.`;
    case 'stands-open':
      return `${capital(habitWords[reason.habit])}.`;
    case 'dig':
      return digSentence(reason, animal, place);
    case 'latches':
      return latchVerdicts[reason.verdict](
        animal,
        listOf(reason.motions.map((motion) => motionNames[motion])),
      );
  }
}

function openingSentence(
  { opening, used, strict, verdict }: Extract<Reason, { kind: 'opening' }>,
  animal: string,
  { units }: Place,
): string {
  const read = lengthWords(opening, units);
  const figure = lengthWords(used.value, units);
  if (verdict === 'passes') return `${read} lets a ${animal} by: ${figure} shuts it out.`;
  const under = `${read}; under the ${figure} that shuts a ${animal} out`;
  return verdict === 'stopped'
    ? `${under}.`
    : `${under}, but over the stricter figure of ${lengthWords(strict.value, units)}.`;
}

function digSentence(
  { soil, enough, ratio }: Extract<Reason, { kind: 'dig' }>,
  animal: string,
  { units }: Place,
): string {
  if (soil === 'rock' || soil === 'hard-surface')
    return `${capital(soilNames[soil][0])}: nothing digs there.`;
  const need = skirtWords(enough.depth.value, enough.outward.value, units);
  return ratio >= 1
    ? `Enough to keep a ${animal} from digging (${need}).`
    : `A ${animal} is kept from digging by ${need}.`;
}

/** What stands there, said once for all whom it stops or not; `undefined` where each reason says it itself. */
export function foundWords({ units }: Place, { reason }: PartEffort): string | undefined {
  if (reason.kind !== 'dig') return undefined;
  const { soil, depth, outward } = reason;
  return `Mesh ${lengthWords(depth, units)} down, ${lengthWords(outward, units)} out, in ${soilNames[soil][0]}.`;
}

/** "450 mm out", "305 mm down and 305 mm out" */
export function skirtWords(depth: number, outward: number, units: Place['units']): string {
  return [
    ...(depth > 0 ? [`${lengthWords(depth, units)} down`] : []),
    ...(outward > 0 ? [`${lengthWords(outward, units)} out, tied`] : []),
  ].join(' and ');
}

export function latchListWords(reason: Extract<Reason, { kind: 'latches' }>): string {
  return reason.latches.length === 0
    ? latchNames.none
    : listOf(reason.latches.map((id) => latchNames[id]));
}
