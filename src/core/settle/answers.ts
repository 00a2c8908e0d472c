/**
 * What a keeper is told of a place, as little of it as tells answers apart: who comes in by which bay, and the holds. The same as the
 * judgement says (answers.test.ts), without what it takes to show it, and animal by animal as far as it is asked for.
 */
import { getOrMake } from '../memo';
import type { BayId, Place } from '../place/place';
import type { LogEntry } from '../records/sighting';
import type { Pace } from '../routes/pace';
import { holdAt, judgeAnimal, type AnimalRoutes } from '../score/judge-animal';
import { whenOf, whereabouts, type Scenario } from '../score/scenario';
import { comingOf, type Coming } from '../score/coming';
import { animals, type Animal } from '../tables/animals';
import { pacesBy } from './paces-by';

/** What a judgement is told besides the place. */
export interface Day {
  /** YYYY-MM-DD */
  readonly date?: string;
  readonly log?: readonly LogEntry[];
}

/** An animal that the keeper minds, and how it comes by. */
export interface Comer extends Coming {
  readonly animal: Animal;
}

/** What is said in one scenario. */
export interface Answer {
  /** Those that come by often enough to be named. */
  readonly counted: readonly Comer[];
  readonly routes: (one: Comer) => AnimalRoutes;
  /** Bays by which one of them gets in without hours of work: no bay is told again as a slow way for another. */
  readonly openBays: () => ReadonlySet<BayId>;
  /** With all unread at their best, and at their worst. */
  readonly holds: () => readonly (number | null)[];
}

/** A scenario is judged when it is asked for: where one has changed the others need not be. */
export type Answers = (scenario: Scenario) => Answer;

/** What is said of a place; where it lies between two ends, what is settled there is not worked out again. */
export type Told = (place: Place, settled?: Settled) => Answers;

/** An animal's routes in a scenario, where they are the same whatever the rest turns out to be. */
export type Settled = (scenario: Scenario, one: Comer) => AnimalRoutes | undefined;

/** For places that differ by readings alone: who comes by is worked out once. */
export function answersOn({ date, log = [] }: Day, like: Place): Told {
  const accepted = like.setting.accepted ?? [];
  const minded = like.setting.lives
    .filter((id) => !accepted.includes(id))
    .map((id): Comer => ({ animal: animals[id], ...comingOf(like, animals[id], log, date) }));
  return (place, settled) => {
    const kept = new Map<Scenario, Answer>();
    return (scenario) =>
      getOrMake(kept, scenario, () => {
        const birds = whereabouts(place, scenario, date);
        const hours = { scenario, when: whenOf(place, scenario, date), birds };
        return answerOf(
          minded,
          (one) => settled?.(scenario, one) ?? judgeAnimal(place, one.animal, one, hours),
        );
      });
  };
}

function answerOf(minded: readonly Comer[], judge: (one: Comer) => AnimalRoutes): Answer {
  const judged = new Map<Comer, AnimalRoutes>();
  const routes = (one: Comer) => getOrMake(judged, one, () => judge(one));
  const counted = minded.filter(({ isYearly }) => isYearly);
  let open: ReadonlySet<BayId> | undefined;
  let holds: readonly (number | null)[] | undefined;
  return {
    counted,
    routes,
    openBays: () => (open ??= openTo(counted.map(routes))),
    holds: () => (holds ??= holdsOf(minded.map(routes))),
  };
}

function openTo(judged: readonly AnimalRoutes[]): Set<BayId> {
  const all = judged.flatMap(({ best }) => [...pacesBy(best)]);
  const isOpen = ([, pace]: readonly [BayId, Pace]) => pace === 'way-in';
  return new Set(all.filter(isOpen).map(([bay]) => bay));
}

const holdsOf = (judged: readonly AnimalRoutes[]) => [
  holdAt(judged, 'best'),
  holdAt(judged, 'worst'),
];
