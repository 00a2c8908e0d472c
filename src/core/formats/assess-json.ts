/** The judgement as plain JSON: what `npm run -s assess -- FILE --json` prints and tests compare screens with. */
import type { PartEffort } from '../effort/reason';
import { rungOf } from '../effort/rung';
import type { Route, Step } from '../routes/animal-routes';
import type { WayIn } from '../routes/ways-in';
import type { Judgement } from '../score/judge';

export const assessVersion = 1;

export function assessJson(judgement: Judgement, date: string | null): object {
  return {
    version: assessVersion,
    date,
    scenario: judgement.scenario,
    place: judgement.found.place.name,
    birds: judgement.birds,
    hold: judgement.hold,
    waysIn: judgement.waysIn.map(wayJson),
    slowWays: judgement.slowWays.map(wayJson),
    animals: judgement.animals.map(({ animal, about, minutes, chance }) => ({
      animal,
      about,
      minutes,
      rung: { best: rungOf(minutes.best), worst: rungOf(minutes.worst) },
      chance,
    })),
    marks: Object.fromEntries(judgement.marks),
    stops: judgement.stops,
    judged: judgement.judged,
    notJudged: judgement.notJudged,
  };
}

function wayJson(way: WayIn): object {
  return {
    id: way.id,
    bays: way.bays,
    minutes: way.minutes,
    by: way.by.map(({ animal, route }) => ({ animal, ...routeJson(route) })),
  };
}

function routeJson(route: Route): object {
  return { minutes: route.minutes, steps: route.steps.map(stepJson) };
}

function stepJson(step: Step): object {
  return {
    bay: step.bay.id,
    into: step.into,
    minutes: step.minutes,
    by: partJson(step.by),
    also: step.also.map(partJson),
  };
}

function partJson({ item, attribute, attack, rung, reason }: PartEffort): object {
  return { item, attribute: attribute ?? null, attack, rung, reason };
}
