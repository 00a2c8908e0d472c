/** Whether a keeper would be told the same of two places that differ by readings alone. */
import { getOrMake } from '../memo';
import type { BayId } from '../place/place';
import type { FaceRoutes } from '../routes/animal-routes';
import type { Pace } from '../routes/pace';
import { isAlike } from '../routes/to-birds';
import type { AnimalRoutes } from '../score/judge-animal';
import { scenarios, type Scenario } from '../score/scenario';
import type { Answer, Answers, Comer, Settled } from './answers';
import { pacesBy } from './paces-by';
import { samePoint } from '../tables/counting';

/** Whether the same is told in every scenario. */
type IsSame = (a: Answers, b: Answers) => boolean;

/**
 * The first animal that gets in by another bay decides. The one that did last time is tried first: of many places that differ by one
 * reading each, the same few animals tell most apart.
 */
export function comparison(): IsSame {
  let last: { readonly scenario: Scenario; readonly one: Comer } | undefined;
  return (a, b) => {
    if (last && !isOpenAlike(a(last.scenario), b(last.scenario), last.one)) return false;
    return scenarios.every((scenario) => {
      const [mine, theirs] = [a(scenario), b(scenario)];
      const one = mine.counted.find((it) => !isOpenAlike(mine, theirs, it));
      if (one) last = { scenario, one };
      return !one && isSlowAlike(mine, theirs) && isHeldAlike(mine, theirs);
    });
  };
}

/** More is worse never less: an animal that finds the same with all at its best and at its worst finds it with anything between. */
export function settledBetween(best: Answers, worst: Answers): Settled {
  const kept = new Map<Scenario, Map<Comer, boolean>>();
  return (scenario, one) => {
    const routes = best(scenario).routes(one);
    const byAnimal = getOrMake(kept, scenario, () => new Map<Comer, boolean>());
    const isSettled = getOrMake(byAnimal, one, () => isAsGood(routes, worst(scenario).routes(one)));
    return isSettled ? routes : undefined;
  };
}

/** By the same bays at the same pace, with the same chances. */
function isAsGood(a: AnimalRoutes, b: AnimalRoutes): boolean {
  const [mine, theirs] = [a.judgement.groups, b.judgement.groups];
  return (
    mine.every(
      ({ chance }, index) =>
        chance.best === theirs[index]?.chance.best && chance.worst === theirs[index].chance.worst,
    ) && differences(a.best, b.best).length === 0
  );
}

/** Whether one animal gets in by the same bays without hours of work. */
const isOpenAlike = (a: Answer, b: Answer, one: Comer): boolean =>
  differences(a.routes(one).best, b.routes(one).best).every(
    ({ paces }) => !paces.includes('way-in'),
  );

/** Whether the rest comes by the same bays, as far as nothing quicker is named there: all that is open is alike. */
const isSlowAlike = (a: Answer, b: Answer): boolean =>
  a.counted.every((one) =>
    differences(a.routes(one).best, b.routes(one).best).every(({ bay }) => a.openBays().has(bay)),
  );

function isHeldAlike(a: Answer, b: Answer): boolean {
  const holds = b.holds();
  return a.holds().every((one, index) => {
    const other = holds[index] ?? null;
    return one === null || other === null
      ? one === other
      : Math.abs(one - other) <= samePoint.value / 4;
  });
}

type Faces = readonly FaceRoutes[];

interface Difference {
  readonly bay: BayId;
  readonly paces: readonly (Pace | undefined)[];
}

/** The bays by which it comes otherwise. A wall that is the same object has nothing to compare. */
function differences(a: Faces, b: Faces): Difference[] {
  if (isAlike(a, b)) return [];
  const mine = pacesBy(a.filter((face) => !b.includes(face)));
  const theirs = pacesBy(b.filter((face) => !a.includes(face)));
  return [...new Set([...mine.keys(), ...theirs.keys()])]
    .map((bay): Difference => ({ bay, paces: [mine.get(bay), theirs.get(bay)] }))
    .filter(({ paces: [one, other] }) => one !== other);
}
