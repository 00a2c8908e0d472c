/**
 * The judgement as plain JSON: what `npm run -s assess -- FILE --json` prints, unrounded, enough for somebody outside to compute
 * every route and the hold again. Its schema stands in docs/format/assess.schema.json.
 */
import { bayEffort } from '../effort/bay-effort';
import { turnedBackAt, type PartEffort } from '../effort/reason';
import { levelOf } from '../effort/effort-level';
import { remediesFor } from '../effort/remedies';
import { allBays } from '../place/find';
import { outside } from '../place/place';
import { takesThrough, type Route, type RouteStep } from '../routes/animal-routes';
import { bayWays, type BayWay } from '../routes/bay-ways';
import { nextWeakest } from '../routes/next-weakest';
import type { WayIn } from '../routes/ways-in';
import type { AnimalJudgement, Judgement, Range } from '../score/judge';
import type { Losses, Span } from '../score/losses';
import type { Tonight } from '../score/tonight';
import type { TrendPoint } from '../score/trend';
import { animals, type Animal } from '../tables/animals';
import {
  assessVersion,
  type AnimalDocument,
  type AssessDocument,
  type EndsDocument,
  type ItemDocument,
  type LossesDocument,
  type PartDocument,
  type RouteDocument,
  type StepDocument,
  type WayDocument,
} from './assess-document';

/** What an assessment is written from. */
export interface Assessment {
  readonly judgement: Judgement;
  readonly tonight: Tonight;
  readonly month: Losses;
  readonly year: Losses;
  readonly trend: readonly TrendPoint[];
}

/** Ranges are `[low, high]`: low is everything unread at its worst, for minutes and hold; at its best, for chances and losses. */
export function assessJson({ judgement, tonight, month, year, trend }: Assessment): AssessDocument {
  const { place } = judgement.found;
  return {
    version: assessVersion,
    date: judgement.date ?? null,
    scenario: judgement.scenario,
    place: place.name,
    missedRound: judgement.round.missed,
    zones: place.zones.map(({ id, kind, name, inUse }) => ({
      id,
      kind,
      name,
      inUse: inUse ?? null,
    })),
    birds: place.flock.map(({ id, kind, count }) => {
      const where = judgement.whereabouts.find((it) => it.group.id === id);
      return { group: id, kind, count, zone: where?.zone ?? null, exposure: where?.exposure ?? 0 };
    }),
    hold: holdJson(judgement.hold),
    tonight: { hold: holdJson(tonight.hold), missedRound: tonight.missedRound },
    losses: { month: lossesJson(month), year: lossesJson(year) },
    trend: trend.map(({ date, hold, waysIn }) => ({ date, hold: holdJson(hold), waysIn })),
    waysIn: judgement.waysIn.map(wayJson),
    slowWays: judgement.slowWays.map(wayJson),
    waysToEggs: judgement.waysToEggs.map(wayJson),
    animals: judgement.animals.map((it) => animalJson(judgement, it)),
    items: judgement.animals
      .filter(({ presence }) => presence === 'about')
      .flatMap((it) => itemsJson(judgement, animals[it.animal])),
    marks: Object.fromEntries(judgement.marks),
    stops: judgement.stops,
    judged: judgement.judged,
  };
}

const holdJson = ({ best, worst }: Range): AssessDocument['hold'] => [worst, best];
const spanJson = ({ low, high }: Span): readonly [number, number] => [low, high];

function lossesJson({
  days,
  animals: each,
  lambda,
  birds,
  band,
  byTables,
  lived,
  eggs,
  feedVisits,
}: Losses): LossesDocument {
  return {
    days,
    lambda: spanJson(lambda),
    birds: spanJson(birds),
    band: spanJson(band),
    byTables: spanJson(byTables),
    lived: {
      years: lived.years,
      lost: lived.lost,
      losses: lived.losses.map(({ date, birds: many, animal }) => ({
        date,
        birds: many,
        animal: animal ?? null,
      })),
    },
    eggs: spanJson(eggs),
    feedVisits: spanJson(feedVisits),
    animals: each.map((it) => ({
      animal: it.animal,
      lambda: spanJson(it.birds),
      byTables: spanJson(it.byTables),
      times: spanJson(it.times),
      eggs: spanJson(it.eggs),
      feedVisits: spanJson(it.feedVisits),
    })),
  };
}

function animalJson(judgement: Judgement, it: AnimalJudgement): AnimalDocument {
  const { animal, presence, visits, tries, minutes, chance, groups, route } = it;
  const { place } = judgement.found;
  const taken = groups.filter(({ damage, zone }) => damage > 0 && zone !== outside);
  const zones = [...new Set(taken.map(({ zone }) => zone))];
  // Without a weakest there is nothing to come next.
  const next = route && nextWeakest(place, animals[animal], 'best', judgement.when, zones);
  return {
    animal,
    about: presence === 'about',
    accepted: judgement.found.place.setting.accepted?.includes(animal) ?? false,
    patience: animals[animal].patience.value,
    visits,
    tries,
    minutes: [minutes.worst, minutes.best],
    rung: [levelOf(minutes.worst), levelOf(minutes.best)],
    chance: [chance.best, chance.worst],
    groups: groups.map(({ group, zone, exposure, damage, weight, chance: ofGroup }) => ({
      group,
      zone,
      exposure,
      damage,
      weight,
      chance: [ofGroup.best, ofGroup.worst],
    })),
    weakest: routeOrNull(route),
    next: routeOrNull(next),
  };
}

const routeOrNull = (route: Route | undefined): RouteDocument | null =>
  route ? routeJson(route) : null;

/** Every bay against one animal: what gets through it, and what takes a bird through it. */
function itemsJson({ found, when }: Judgement, animal: Animal): ItemDocument[] {
  return allBays(found.place).map(({ bay, face }) => {
    const worst = bayWays(bay, animal, 'worst', when);
    const best = bayWays(bay, animal, 'best', when);
    return {
      bay: bay.id,
      between: face.between,
      animal: animal.id,
      through: endsJson(worst.through, best.through),
      reach: endsJson(worst.reach, best.reach),
      reasons: bayEffort(bay, animal, 'worst', when).map(partJson),
    };
  });
}

/** `minutes` and `turnedBack` as `[low, high]`; the lightest part at each end may be another. */
function endsJson(worst: BayWay | undefined, best: BayWay | undefined): EndsDocument {
  const minutes = (way: BayWay | undefined) => way?.by.minutes ?? null;
  const turnedBack = (way: BayWay | undefined) => (way ? turnedBackAt(way.by) : null);
  return {
    minutes: [minutes(worst), minutes(best)],
    turnedBack: [turnedBack(worst), turnedBack(best)],
    attack: [worst?.by.attack ?? null, best?.by.attack ?? null],
  };
}

function wayJson(way: WayIn): WayDocument {
  return {
    id: way.id,
    bays: way.bays,
    minutes: way.minutes,
    by: way.by.map(({ animal, route }) => ({ animal, ...routeJson(route) })),
  };
}

function routeJson({ minutes, turnedBack, weight, chance, steps }: Route): RouteDocument {
  return { minutes, turnedBack, weight, chance, steps: steps.map(stepJson) };
}

function stepJson(step: RouteStep): StepDocument {
  return {
    bay: step.bay.id,
    into: takesThrough(step) ? null : step.into,
    minutes: step.minutes,
    turnedBack: step.turnedBack,
    by: partJson(step.by),
    also: step.also.map(partJson),
    stops: remediesFor(step.by),
  };
}

function partJson(part: PartEffort): PartDocument {
  const { item, attribute, attack, level, minutes, reason, besides, strand } = part;
  return {
    item,
    attribute: attribute ?? null,
    attack,
    rung: level,
    minutes,
    turnedBack: turnedBackAt(part),
    reason,
    besides: besides ?? [],
    strand: strand ?? null,
  };
}
