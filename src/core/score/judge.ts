/** The judgement of a place as it was last found. Same place and readings, same answer. */
import { applyReadings, type FoundPlace } from '../place/apply-readings';
import { allBays } from '../place/find';
import type { BayId, Place } from '../place/place';
import type { Walk } from '../place/walk';
import { birdZones, routesOf, type Route } from '../routes/animal-routes';
import { chanceOf } from '../routes/chance';
import { waysIn, worstPace, type AnimalRoute, type WayIn } from '../routes/ways-in';
import { animals, type Animal, type AnimalId } from '../tables/animals';
import { attacksNotJudged, judgedAttacks, type Attack } from '../tables/attacks';
import { questionsOf } from '../walk/questions';
import { hold, type Threat } from './hold';
import { isAbout, type Scenario } from './scenario';

/** Two ends: every unread gap shut, and every unread gap wide open. They meet when all is read. */
export interface Range {
  readonly best: number | null;
  readonly worst: number | null;
}

export interface AnimalJudgement {
  readonly animal: AnimalId;
  /** False for one that is not about in this scenario's hours. */
  readonly about: boolean;
  /** Lightest route that is sure from what was read; `undefined` where none is. */
  readonly route: Route | undefined;
  /** Minutes along the weakest route; `null` holds. */
  readonly minutes: Range;
  readonly chance: { readonly best: number; readonly worst: number };
}

/** The line a bay is drawn with. It agrees with the ways in: `open` bays are theirs. */
export type BayMark = 'holds' | 'hours' | 'open' | 'unread';

export interface Judgement {
  readonly scenario: Scenario;
  readonly found: FoundPlace;
  readonly birds: number;
  readonly animals: readonly AnimalJudgement[];
  /** Sure from what was read; unread bays may hide more. */
  readonly waysIn: readonly WayIn[];
  readonly slowWays: readonly WayIn[];
  readonly hold: Range;
  readonly marks: ReadonlyMap<BayId, BayMark>;
  readonly stops: { readonly all: number; readonly unread: number };
  readonly judged: readonly Attack[];
  readonly notJudged: readonly Attack[];
}

export function judge(
  place: Place,
  walks: readonly Walk[],
  scenario: Scenario = 'night-shut',
): Judgement {
  const found = applyReadings(place, walks);
  const present = found.place.setting.lives.map((id) => animals[id]);
  const about = present.filter((animal) => isAbout(animal, scenario));
  const birds = found.place.flock.reduce((sum, group) => sum + group.count, 0);
  const best = about.map((animal) => routesOf(found.place, animal, 'best'));
  const worst = about.map((animal) => routesOf(found.place, animal, 'worst'));
  const sure = named(about, best);
  const ways = waysIn(found.place, sure);
  const questions = questionsOf(found.place);
  return {
    scenario,
    found,
    birds,
    animals: present.map((animal) => {
      const index = about.indexOf(animal);
      return judgeAnimal(animal, index >= 0, best[index] ?? [], worst[index] ?? []);
    }),
    waysIn: ways['way-in'],
    slowWays: ways['slow-way'],
    hold:
      birdZones(found.place).length === 0
        ? { best: null, worst: null }
        : { best: hold(threats(about, best)), worst: hold(threats(about, worst)) },
    marks: bayMarks(found.place, sure, named(about, worst)),
    stops: { all: questions.length, unread: questions.filter((it) => !it.answered).length },
    judged: judgedAttacks,
    notJudged: attacksNotJudged,
  };
}

function judgeAnimal(
  animal: Animal,
  about: boolean,
  best: readonly Route[],
  worst: readonly Route[],
): AnimalJudgement {
  const minutes = { best: best[0]?.minutes ?? null, worst: worst[0]?.minutes ?? null };
  return {
    animal: animal.id,
    about,
    route: best[0],
    minutes,
    chance: {
      best: chanceOf(minutes.best, animal.patience.value),
      worst: chanceOf(minutes.worst, animal.patience.value),
    },
  };
}

function threats(about: readonly Animal[], routes: readonly (readonly Route[])[]): Threat[] {
  return about.map((animal, index) => ({
    weight: animal.weight.value,
    chance: chanceOf(routes[index]?.[0]?.minutes ?? null, animal.patience.value),
  }));
}

/** Every route with whose it is. */
function named(about: readonly Animal[], routes: readonly (readonly Route[])[]): AnimalRoute[] {
  return about.flatMap(({ id }, index) =>
    (routes[index] ?? []).map((route) => ({ animal: id, route })),
  );
}

function bayMarks(
  place: Place,
  best: readonly AnimalRoute[],
  worst: readonly AnimalRoute[],
): Map<BayId, BayMark> {
  const through = (routes: readonly AnimalRoute[], id: BayId) =>
    worstPace(routes.filter(({ route }) => route.steps.some((step) => step.bay.id === id)));
  return new Map(
    allBays(place).map(({ bay }) => {
      const sure = through(best, bay.id);
      if (sure) return [bay.id, sure === 'way-in' ? 'open' : 'hours'];
      return [bay.id, through(worst, bay.id) ? 'unread' : 'holds'];
    }),
  );
}
