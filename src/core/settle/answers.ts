/**
 * What a keeper is told of a place, as little of it as tells answers apart: who comes in by which bay, and the holds. The same as the
 * judgement says (answers.test.ts), without what it takes to show it.
 */
import type { BayId, Place } from '../place/place';
import type { LogEntry } from '../records/sighting';
import { paceOf } from '../routes/pace';
import { worstPace, type AnimalRoute } from '../routes/ways-in';
import { holdAt, judgeAnimal, type AnimalRoutes } from '../score/judge-animal';
import { scenarios, whenOf, whereabouts, type Scenario } from '../score/scenario';
import { comingOf, type Coming } from '../score/coming';
import { animals, type Animal } from '../tables/animals';

/** What a judgement is told besides the place. */
export interface Day {
  /** YYYY-MM-DD */
  readonly date?: string;
  readonly log?: readonly LogEntry[];
}

/** What is said in one scenario. */
interface Answer {
  /** Bay, animal and pace of each way. */
  readonly ways: ReadonlySet<string>;
  /** With all unread at their best, and at their worst. */
  readonly holds: readonly (number | null)[];
}

/** A scenario is judged when it is asked for: where one has changed the others need not be. */
export type Answers = (scenario: Scenario) => Answer;

/** Holds closer than this are the same answer, of 100 (figure of the walk: assumption of ours). */
export const samePoint = 1;

interface Comer extends Coming {
  readonly animal: Animal;
  /** Minded, and come by often enough to be named. */
  readonly isMinded: boolean;
  readonly isCounted: boolean;
}

/** For places that differ by readings alone: who comes by is worked out once. */
export function answersOn({ date, log = [] }: Day, like: Place): (place: Place) => Answers {
  const accepted = like.setting.accepted ?? [];
  const coming = like.setting.lives.map((id): Comer => {
    const animal = animals[id];
    const isMinded = !accepted.includes(id);
    const coming = comingOf(like, animal, log, date);
    return { animal, ...coming, isMinded, isCounted: isMinded && coming.isYearly };
  });
  return (place) => {
    const kept = new Map<Scenario, Answer>();
    return (scenario) => {
      const answer = kept.get(scenario) ?? answerIn(place, scenario, date, coming);
      kept.set(scenario, answer);
      return answer;
    };
  };
}

function answerIn(
  place: Place,
  scenario: Scenario,
  date: string | undefined,
  coming: readonly Comer[],
): Answer {
  const birds = whereabouts(place, scenario, date);
  const when = whenOf(place, scenario, date);
  const judged = coming
    .filter(({ isMinded }) => isMinded)
    .map((it) => ({
      ...it,
      routes: judgeAnimal(place, it.animal, it, { scenario, when, birds }),
    }));
  const all = judged.map(({ routes }) => routes);
  return {
    ways: waysOf(judged.filter(({ isCounted }) => isCounted).map(({ routes }) => routes)),
    holds: [holdAt(all, 'best'), holdAt(all, 'worst')],
  };
}

/** A bay that is a way in for one animal is not told again as a slow way for another. */
function waysOf(judged: readonly AnimalRoutes[]): Set<string> {
  const byBay = new Map<BayId, AnimalRoute[]>();
  for (const { judgement, best } of judged) {
    for (const route of best.flatMap(({ routes }) => routes)) {
      const { id } = route.steps[0].bay;
      byBay.set(id, [...(byBay.get(id) ?? []), { animal: judgement.animal, route }]);
    }
  }
  return new Set(
    [...byBay].flatMap(([bay, routes]) => {
      const pace = worstPace(routes);
      return routes
        .filter(({ route }) => pace !== undefined && paceOf(route) === pace)
        .map(({ animal }) => `${bay} ${animal} ${pace}`);
    }),
  );
}

/** Whether a keeper would be told the same in every scenario. */
export const isSame = (a: Answers, b: Answers): boolean =>
  scenarios.every((scenario) => isSameAnswer(a(scenario), b(scenario)));

function isSameAnswer(a: Answer, b: Answer): boolean {
  return (
    a.ways.size === b.ways.size &&
    [...a.ways].every((way) => b.ways.has(way)) &&
    a.holds.every((one, index) => {
      const other = b.holds[index] ?? null;
      return one === null || other === null
        ? one === other
        : Math.abs(one - other) <= samePoint / 4;
    })
  );
}
