/**
 * How it has gone here so far, weighed against what the tables expect. Times that something got at birds are counted: each animal's are
 * gamma-distributed about the tables' figure, all with the weight of `priorLosses` together, and quiet time speaks for all of them
 * alike. It moves losses, never the hold.
 *
 * With `p` an animal's share of the times expected in a year, `E` the times expected over the time kept, `n` its losses and `k` the
 * prior weight, its scale is `(k·p + n) / (p·(k + E))`; of all animals together, `(k + Σn) / (k + E)`.
 */
import type { Place } from '../place/place';
import { aboutAnimals, type LogEntry, type Loss } from '../records/sighting';
import type { Walk } from '../records/walk';
import { animalIds, type AnimalId } from '../tables/animals';
import { priorLosses } from '../tables/losing';

/** Times the tables' losses, by animal. */
export type Scales = Readonly<Record<AnimalId, number>>;

/** What was lived through: the time kept, and the losses in it. */
export interface Lived {
  /** Kept like this, years. */
  readonly years: number;
  /** Birds lost before the log says when, as told once. */
  readonly lost: number;
  /** Losses in the log, each one time. */
  readonly losses: readonly Loss[];
}

/** Nothing lived through, nothing moved. */
export const nothingLived: Lived = { years: 0, lost: 0, losses: [] };

const dayMs = 86_400_000;
const daysInYear = 365.25;

/**
 * Kept since the keeper says, or since the first walk: from then on a loss would have been written down. Losses before that, and those
 * that were told as birds already, are not counted again. `today` absent: the day of the last walk.
 */
export function livedThrough(
  { experience }: Pick<Place, 'experience'>,
  walks: readonly Pick<Walk, 'date'>[],
  log: readonly LogEntry[],
  today?: string,
): Lived {
  const walked = walks.map(({ date }) => date).sort();
  const since = experience?.since ?? walked[0];
  const until = today ?? walked.at(-1) ?? since;
  const isCounted = ({ date }: Loss): boolean =>
    (until === undefined || date <= until) &&
    (experience ? date >= experience.asOf : since === undefined || date >= since);
  const losses = aboutAnimals(log).filter(
    (entry): entry is Loss => entry.what === 'loss' && isFromOutside(entry) && isCounted(entry),
  );
  const days = since && until ? Math.max(0, (Date.parse(until) - Date.parse(since)) / dayMs) : 0;
  return { years: days / daysInYear, lost: experience?.lost ?? 0, losses };
}

/** Birds that an animal from outside took, as far as anybody knows: no fright, no illness. */
const isFromOutside = ({ birds, cause }: Loss): boolean => birds > 0 && cause === undefined;

/** Whether there is anything to go by besides the tables. */
export function hasLived({ years, lost, losses }: Lived): boolean {
  return years > 0 || lost > 0 || losses.length > 0;
}

/** What the tables expect of one animal in a year: times that it gets at birds, and birds it takes. */
export interface Expected {
  readonly animal: AnimalId;
  readonly times: number;
  readonly birds: number;
}

/** Losses told as birds, as times: by what one time takes here, and at least one where any were lost. */
export function timesOf(lost: number, expected: readonly Expected[]): number {
  if (lost === 0) return 0;
  const times = sum(expected.map((it) => it.times));
  const birds = sum(expected.map((it) => it.birds));
  const each = times > 0 ? Math.max(1, birds / times) : 1;
  return Math.max(1, lost / each);
}

/** Times a year that are none: less than once in a million years. */
const never = 1e-6;

/** Every animal's scale after what was lived through. 1 each where nothing was, or nothing gets in. */
export function scalesAfter(lived: Lived, expected: readonly Expected[]): Scales {
  const coming = expected.filter(({ times }) => times >= never);
  const yearly = sum(coming.map(({ times }) => times));
  const scales = Object.fromEntries(animalIds.map((id) => [id, 1])) as Record<AnimalId, number>;
  if (yearly === 0 || !hasLived(lived)) return scales;
  const comingIn = new Set(coming.map(({ animal }) => animal));
  const named = (id: AnimalId): number =>
    comingIn.has(id) ? sum(lived.losses.map((loss) => shareOf(loss, id))) : 0;
  const all = sum(lived.losses.map(fromOutside));
  const unnamed =
    Math.max(0, all - sum(coming.map(({ animal }) => named(animal)))) +
    timesOf(lived.lost, expected);
  const weight = priorLosses + yearly * lived.years;
  for (const id of animalIds) {
    // What no animal is named for speaks of each as its share says; so it does of those that do not come in now.
    scales[id] = (priorLosses + unnamed) / weight;
  }
  for (const { animal, times } of coming) {
    const share = times / yearly;
    scales[animal] = (priorLosses * share + unnamed * share + named(animal)) / (share * weight);
  }
  return scales;
}

/** How much of a loss was this animal's, 0 to 1: all of it where it is known, else as it was thought. */
function shareOf({ animal, thought = [] }: Loss, id: AnimalId): number {
  if (animal !== undefined) return animal === id ? 1 : 0;
  return thought.find(({ culprit }) => culprit === id)?.share ?? 0;
}

const isAnimal = (culprit: string): boolean => (animalIds as readonly string[]).includes(culprit);

/** How much of a loss was an animal's from outside, 0 to 1: not what was thought of illness, the flock itself, straying or people. */
export function fromOutside({ animal, thought = [] }: Loss): number {
  if (animal !== undefined) return 1;
  return 1 - sum(thought.filter(({ culprit }) => !isAnimal(culprit)).map(({ share }) => share));
}

const sum = (numbers: readonly number[]): number => numbers.reduce((all, it) => all + it, 0);
