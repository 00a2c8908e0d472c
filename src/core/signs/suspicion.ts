/** What may have happened: a culprit, by a way, in its hours; and how likely what was found is then. */
import type { BayId } from '../place/place';
import type { Sign } from '../records/found-signs';
import type { Culprit } from '../records/sighting';
import type { Route } from '../routes/animal-routes';
import { animalIds, animals, type AnimalId } from '../tables/animals';
import type { Attack } from '../tables/attacks';
import {
  chanceOfWeight,
  signAnswers,
  signChance,
  unlikeWay,
  type SignColumn,
  type SignQuestion,
} from '../tables/signs';

/** A way to the birds, by its outermost bay. */
export interface WayBy {
  readonly bay: BayId;
  readonly route: Route;
  /** Only if something unread there is open. */
  readonly isUnread: boolean;
}

/** One thing that may have happened. */
export interface Suspicion {
  readonly culprit: Culprit;
  /** Absent: by no way that is known, or the birds were in the open. */
  readonly way?: WayBy;
  readonly isInTheOpen?: boolean;
  /** Absent: at any hour. */
  readonly hours?: 'night' | 'day';
  /** Not scaled to one. */
  readonly prior: number;
}

/** Whether a culprit is an animal from outside. */
export function isAnimal(culprit: Culprit): culprit is AnimalId {
  return (animalIds as readonly string[]).includes(culprit);
}

/** The column of the table of signs. */
export function columnOf(culprit: Culprit): SignColumn {
  return isAnimal(culprit) ? animals[culprit].leaves : culprit;
}

/** Chance of an answer if that is what happened; over all answers to a question they add up to one. */
export function likelihood(suspicion: Suspicion, { question, answer }: Sign): number {
  const { culprit, way, hours } = suspicion;
  const column = columnOf(culprit);
  if (question === 'hour' && hours !== undefined) {
    // A keeper may be wrong about the hour as about anything else.
    const rare = chanceOfWeight[0]?.value ?? 0;
    return answer === hours ? 1 - rare : rare;
  }
  if (question !== 'works' || !way) return signChance(question, answer, column);
  const chance = (it: string): number =>
    signChance(question, it, column) * (fits(way.route, it) ? 1 : unlikeWay.value);
  const answers: readonly string[] = signAnswers.works;
  return chance(answer) / answers.reduce((sum, it) => sum + chance(it), 0);
}

/** What each way of going about it leaves broken. */
const leftBy: Readonly<Record<Attack, readonly (typeof signAnswers.works)[number][]>> = {
  pass: ['nothing'],
  reach: ['nothing'],
  climb: ['nothing'],
  jump: ['nothing'],
  fly: ['nothing'],
  lift: ['nothing', 'dug'],
  tear: ['torn'],
  dig: ['dug'],
  open: ['latch-opened', 'stood-open'],
  wait: ['stood-open'],
};

/** Whether a way leaves what was found, by any part of its bays that lets it by; nothing is left only where every step can leave nothing. */
function fits({ steps }: Route, answer: string): boolean {
  const left = steps.map(({ by, also }) =>
    [by, ...also].flatMap(({ attack }): readonly string[] => leftBy[attack]),
  );
  return answer === 'nothing'
    ? left.every((it) => it.includes(answer))
    : left.some((it) => it.includes(answer));
}

/** The same answer twice says nothing new; of two answers to one question the last stands. */
export function lastAnswers(signs: readonly Sign[]): Sign[] {
  return [...new Map<SignQuestion, Sign>(signs.map((it) => [it.question, it])).values()];
}
