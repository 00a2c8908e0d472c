/** One animal alone in one scenario: how far it gets, by which bays, and what it turns to once its weakest way is mended. */
import type { BayId } from '../place/place';
import { outside } from '../place/place';
import { nextWeakest } from '../routes/next-weakest';
import type { Route } from '../routes/animal-routes';
import { waysIn, type WayIn } from '../routes/ways-in';
import type { AnimalId } from '../tables/animals';
import { bayMarks, type BayMark } from './bay-marks';
import type { Known } from './judge';
import { judgeAnimal, type AnimalJudgement } from './judge-animal';
import { whenOf, whereabouts, type Scenario } from './scenario';
import { comingOf } from './coming';
import { visitsAYear } from './visits';

/** All that is shown of one animal. */
export interface AnimalView {
  readonly judgement: AnimalJudgement;
  /** Visits a year, before the season moves them. Less than one: it is no way in's animal. */
  readonly visitsAYear: number;
  /** Every bay as it stands against this animal alone. */
  readonly marks: ReadonlyMap<BayId, BayMark>;
  readonly waysIn: readonly WayIn[];
  readonly slowWays: readonly WayIn[];
  /** The next weakest after `judgement.route`; `undefined` where nothing else lets it in. */
  readonly next: Route | undefined;
}

/** One animal turned round: all its ways in a scenario, by bay. */
export function animalView(known: Known, scenario: Scenario, id: AnimalId): AnimalView {
  const { found, date, log, table } = known;
  const { place } = found;
  const animal = table[id];
  const when = whenOf(place, scenario, date);
  const birds = whereabouts(place, scenario, date);
  const coming = comingOf(place, animal, log, date);
  const { judgement, best, worst } = judgeAnimal(place, animal, coming, { scenario, when, birds });
  const routes = best
    .filter(({ paces }) => paces.size > 0)
    .flatMap((face) => face.routes.map((route) => ({ animal: id, route })));
  const ways = waysIn(place, routes, () => 1);
  const taken = judgement.groups.filter(({ damage, zone }) => damage > 0 && zone !== outside);
  const zones = [...new Set(taken.map(({ zone }) => zone))];
  return {
    judgement,
    visitsAYear: visitsAYear(place, animal, log),
    marks: bayMarks(place, best, worst),
    waysIn: ways['way-in'],
    slowWays: ways['slow-way'],
    next: judgement.route && nextWeakest(place, animal, 'best', when, zones),
  };
}
