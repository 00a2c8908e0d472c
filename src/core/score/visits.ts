/** Visits in 24 hours: the tables' word for the setting and season, the keeper's word where they have one, moved by the log. */
import type { Place } from '../place/place';
import {
  aboutAnimals,
  type AnimalEntry,
  type LogEntry,
  type Loss,
  type QuietNights,
  type Sighting,
} from '../records/sighting';
import type { Animal } from '../tables/animals';
import { northernMonth } from '../tables/regions';
import {
  deterredTimes,
  drawnTimes,
  leastDeterred,
  oftenWords,
  peakTimes,
  seldomTimes,
  nearBySurroundings,
  shockedDays,
  shockedTimes,
  visitsOf,
  type Often,
} from '../tables/visiting';
import { logMemory, noticed, visitsBefore } from '../tables/counting';

/** Visits in 24 hours on a day; without a day the mean of the year. */
export function expectedVisits(
  place: Place,
  animal: Animal,
  log: readonly LogEntry[],
  date?: string,
): number {
  return seasonFactor(place, animal, date) * updated(usualVisits(place, animal), animal, log, date);
}

/** Times its visits on a day: less for some weeks after it touched the live line. 1 without a day. */
export function shying(animal: Animal, log: readonly LogEntry[], date?: string): number {
  if (date === undefined) return 1;
  const wasShocked = aboutAnimals(log).some(
    (entry) =>
      entry.what === 'sighting' &&
      entry.animal === animal.id &&
      entry.how === 'shocked' &&
      entry.date <= date &&
      dayNumber(date) - dayNumber(entry.date) <= shockedDays.value,
  );
  return wasShocked ? shockedTimes.value : 1;
}

/** Visits a year, before the season moves them about. */
export function visitsAYear(place: Place, animal: Animal, log: readonly LogEntry[]): number {
  return 365 * expectedVisits(place, animal, log);
}

/** What the keeper says stands; otherwise what the surroundings make usual, times each thing near that draws it. */
export function usualVisits({ setting }: Place, animal: Animal): number {
  if (!setting.lives.includes(animal.id)) return 0;
  const word = setting.often?.find((it) => it.animal === animal.id)?.often;
  if (word) return visitsOf[word].value;
  const { where } = setting;
  const { usual, drawnBy } = animal.coming;
  const base = (where && animal.foundIn[where]) ?? usual;
  const said = where ? nearBySurroundings[where] : [];
  const draws = drawnBy.filter((thing) => setting.near.includes(thing) && !said.includes(thing));
  return Math.min(1, visitsOf[base].value * drawnTimes.value ** draws.length) * deterred(setting);
}

/** Light, sound, scent and the rest lower visits a little, and never close anything. What the keeper says of visits stands as said. */
function deterred({ deterrents: all = [] }: Place['setting']): number {
  return Math.max(leastDeterred.value, deterredTimes.value ** all.length);
}

/** The word nearest to a rate, as rates are told apart: by how many times, not by how much. */
export function wordFor(visits: number): Often {
  if (visits === 0) return 'never';
  const away = (word: Often) => Math.abs(Math.log(visits / visitsOf[word].value));
  return oftenWords
    .filter((word) => word !== 'never')
    .reduce<Often>((nearest, word) => (away(word) < away(nearest) ? word : nearest), 'passes');
}

/** Times the usual in this month; half a year later south of the line. The mean of the year where no day is given. */
export function seasonFactor({ setting }: Place, animal: Animal, date?: string): number {
  const { peak, seldom, away } = animal.coming;
  const factor = (month: number): number => {
    const northern = northernMonth(setting.region, month);
    if (away.includes(northern)) return 0;
    if (seldom.includes(northern)) return seldomTimes.value;
    return peak.includes(northern) ? peakTimes.value : 1;
  };
  if (date !== undefined) return factor(Number(date.slice(5, 7)));
  return months.reduce((sum, month) => sum + factor(month), 0) / months.length;
}

/** 1 to 12. */
export const months: readonly number[] = Array.from({ length: 12 }, (_, index) => index + 1);

/**
 * Gamma-Poisson: a prior of mean `usual` and shape 1 (`visitsBefore`) is updated by visits noticed and nights watched, to
 * `(shape + seen) / (shape / usual + nights watched)`. A night of a camera counts 0.8, a night of the keeper's own eyes 0.15.
 * Zero stays zero: "never" is the keeper's word.
 */
export function updated(
  usual: number,
  animal: Animal,
  log: readonly LogEntry[],
  date?: string,
): number {
  if (usual === 0 || log.length === 0) return usual;
  const { seen, watched } = evidence(animal, log, date);
  const shape = visitsBefore.value;
  return (shape + seen) / (shape / usual + watched);
}

interface Evidence {
  readonly seen: number;
  /** Nights of full attention. */
  readonly watched: number;
}

/** What the log says of one animal: visits seen, and nights watched. */
export function evidence(animal: Animal, log: readonly LogEntry[], date?: string): Evidence {
  const recent = aboutAnimals(log)
    .filter(isOfAnimals)
    .filter((entry) => isRecent(entry, date));
  const quiet = recent.reduce(
    (sum, entry) => sum + (entry.what === 'quiet-camera' ? entry.nights : 0),
    0,
  );
  // A camera that caught one animal watched that night for all of them.
  const caught = new Set(
    recent.flatMap((it) => (it.what === 'sighting' && it.how === 'camera' ? [it.date] : [])),
  );
  const cameraNights = quiet + caught.size;
  return {
    seen: recent.reduce((sum, entry) => sum + shareSeen(animal, entry), 0),
    watched: noticed.byCamera.value * cameraNights + noticed.byEye.value * nightsKept(recent, date),
  };
}

type OfAnimals = Sighting | QuietNights | Loss;

/** Evenings and spells are no watching for animals; what is no animal from outside is none. */
const isOfAnimals = (entry: AnimalEntry): entry is OfAnimals =>
  entry.what === 'sighting' ||
  entry.what === 'quiet-camera' ||
  (entry.what === 'loss' && entry.cause === undefined);

/** A visit of it, or as much of one as was thought of it where nobody knows. */
function shareSeen({ id }: Animal, entry: OfAnimals): number {
  if (entry.what === 'quiet-camera') return 0;
  if (entry.animal !== undefined) return entry.animal === id ? 1 : 0;
  if (entry.what === 'sighting') return 0;
  return entry.thought?.find(({ culprit }) => culprit === id)?.share ?? 0;
}

/** Nights since the log was begun: the keeper would have written down what they noticed. */
function nightsKept(recent: readonly LogEntry[], date: string | undefined): number {
  if (recent.length === 0) return 0;
  // One by one: a log may be longer than a call has room for.
  const span = recent.reduce(
    ({ first, last }, entry) => {
      const day = dayNumber(entry.date);
      return { first: Math.min(first, day), last: Math.max(last, day) };
    },
    { first: Infinity, last: -Infinity },
  );
  return Math.max(1, (date === undefined ? span.last : dayNumber(date)) - span.first);
}

function isRecent(entry: LogEntry, date: string | undefined): boolean {
  if (date === undefined) return true;
  const age = dayNumber(date) - dayNumber(entry.date);
  return age >= 0 && age <= logMemory.value;
}

const dayNumber = (date: string): number => Math.round(Date.parse(date) / 86_400_000);
