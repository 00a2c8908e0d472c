/** The judgement of a place as it was last found, in one scenario. Same place, readings and log, same answer. */
import type { When } from '../effort/when';
import { applyReadings, inDateOrder, type FoundPlace } from '../records/apply-readings';
import { mostOf } from '../place/group-on';
import type { BayId, Place } from '../place/place';
import type { LogEntry } from '../records/sighting';
import type { Walk } from '../records/walk';
import { waysIn, type AnimalRoute, type WayIn } from '../routes/ways-in';
import { animals, type Animal, type AnimalId } from '../tables/animals';
import { attacks, type Attack } from '../tables/attacks';
import { atOnce, type Steps } from '../steps';
import { countQuestions } from '../walk/questions';
import { bayMarks, type BayMark } from './bay-marks';
import {
  holdAt,
  judgeAnimal,
  type AnimalJudgement,
  type AnimalRoutes,
  type Range,
} from './judge-animal';
import { usualRound, type RoundChance } from '../nights/round-cases';
import { withFlockOn } from '../records/flock-on';
import { whenOf, whereabouts, type Scenario, type Whereabouts } from './scenario';
import { comingOf } from './coming';

export type { BayMark } from './bay-marks';
export type { AnimalJudgement, GroupThreat, Range } from './judge-animal';

/** What a judgement may be told besides the place. */
export interface Circumstances {
  readonly scenario?: Scenario;
  /** YYYY-MM-DD; absent: the day of the last walk. */
  readonly date?: string;
  /** What was seen, and was not. */
  readonly log?: readonly LogEntry[];
  /** The tables' animals, unless somebody asks what would be if a figure were another. */
  readonly table?: Readonly<Record<AnimalId, Animal>>;
}

/** A place as it was last found, in one scenario. */
export interface Judgement {
  readonly scenario: Scenario;
  /** The day it is judged for; `undefined` before the first walk. */
  readonly date: string | undefined;
  readonly when: When;
  readonly found: FoundPlace;
  /** Birds, and where each group is. */
  readonly birds: number;
  readonly whereabouts: readonly Whereabouts[];
  /** How a night’s round may go, as nights go here. */
  readonly round: RoundChance;
  readonly animals: readonly AnimalJudgement[];
  /** Sure from what was read; unread bays may hide more. */
  readonly waysIn: readonly WayIn[];
  readonly slowWays: readonly WayIn[];
  /** By which eggs are taken and no bird: named apart, in no other list and in no hold. */
  readonly waysToEggs: readonly WayIn[];
  readonly hold: Range;
  readonly marks: ReadonlyMap<BayId, BayMark>;
  readonly stops: { readonly all: number; readonly unread: number };
  readonly judged: readonly Attack[];
  /** What it was judged from. */
  readonly known: Known;
}

/** One scenario of a place, a shut night unless said otherwise, with readings laid over it. */
export function judge(
  place: Place,
  walks: readonly Walk[],
  circumstances: Circumstances = {},
): Judgement {
  const { scenario = 'night-shut' } = circumstances;
  return judgeFound(findOut(place, walks, circumstances), scenario);
}

/** What is the same in every scenario. */
export interface Known {
  readonly found: FoundPlace;
  readonly date: string | undefined;
  readonly log: readonly LogEntry[];
  readonly table: Readonly<Record<AnimalId, Animal>>;
  readonly round: RoundChance;
  readonly stops: Judgement['stops'];
}

/** What is the same in every scenario, worked out once. */
export function findOut(
  place: Place,
  walks: readonly Walk[],
  circumstances: Omit<Circumstances, 'scenario'>,
): Known {
  return atOnce(findingOut(place, walks, circumstances));
}

/** One and the same log where there is none, so that what hangs on it is found again. */
const nothing: readonly LogEntry[] = [];

/** The same in steps. */
export function* findingOut(
  place: Place,
  walks: readonly Walk[],
  { log = nothing, table = animals, date }: Omit<Circumstances, 'scenario'>,
): Steps<Known> {
  const day = date ?? inDateOrder(walks).at(-1)?.date;
  const laid = applyReadings(place, walks);
  const after = withFlockOn(laid.place, log, day);
  const found = after === laid.place ? laid : { ...laid, place: after };
  yield;
  const stops = countQuestions(found.place);
  yield;
  return {
    found,
    date: day,
    log,
    table,
    round: usualRound(found.place, log),
    stops,
  };
}

/** The same judgement animal by animal, so that others may have a turn in between. */
export function* judging(
  place: Place,
  walks: readonly Walk[],
  circumstances: Circumstances = {},
): Steps<Judgement> {
  const { scenario = 'night-shut' } = circumstances;
  return yield* judgingFound(yield* findingOut(place, walks, circumstances), scenario);
}

/** One scenario of what was found out. */
export function judgeFound(known: Known, scenario: Scenario): Judgement {
  return atOnce(judgingFound(known, scenario));
}

/** The same in steps. */
export function* judgingFound(known: Known, scenario: Scenario): Steps<Judgement> {
  const { found, date, log, table } = known;
  const { place } = found;
  const birds = whereabouts(place, scenario, date);
  const hours = { scenario, when: whenOf(place, scenario, date), birds };
  const judged: AnimalRoutes[] = [];
  const coming = (id: AnimalId) => comingOf(place, table[id], log, date);
  for (const id of place.setting.lives) {
    judged.push(judgeAnimal(place, table[id], coming(id), hours));
    yield;
  }
  const accepted = place.setting.accepted ?? [];
  const minded = judged.filter(({ judgement }) => !accepted.includes(judgement.animal));
  const counted = minded.filter(({ judgement }) => coming(judgement.animal).isYearly);
  const threats = new Map(
    judged.map(({ judgement }) => [
      judgement.animal,
      judgement.groups.reduce((sum, { weight }) => sum + weight, 0),
    ]),
  );
  const ways = waysIn(place, surelyIn(counted), (id) => threats.get(id) ?? 0);
  return {
    scenario,
    date,
    when: hours.when,
    found,
    birds: place.flock.reduce((sum, group) => sum + mostOf(group), 0),
    whereabouts: birds,
    round: known.round,
    animals: judged.map(({ judgement }) => judgement),
    waysIn: ways['way-in'],
    slowWays: ways['slow-way'],
    waysToEggs: waysIn(place, surelyIn(counted, 'toEggs'), () => 1)['way-in'],
    hold: { best: holdAt(minded, 'best'), worst: holdAt(minded, 'worst') },
    marks: bayMarks(
      place,
      counted.flatMap(({ best }) => best),
      counted.flatMap(({ worst }) => worst),
    ),
    stops: known.stops,
    judged: attacks,
    known,
  };
}

/** Every sure route that is quick enough to count, with whose it is. */
function surelyIn(judged: readonly AnimalRoutes[], to: 'best' | 'toEggs' = 'best'): AnimalRoute[] {
  const all: AnimalRoute[] = [];
  for (const { judgement, [to]: faces } of judged) {
    for (const { routes, paces } of faces) {
      if (routes.length === 0 || paces.size === 0) continue;
      for (const route of routes) all.push({ animal: judgement.animal, route });
    }
  }
  return all;
}
