/** Birds, eggs and feed lost in a month or a year as the place stands. It ranks; it does not predict. */
import { mostOf } from '../place/group-on';
import type { Place } from '../place/place';
import type { Walk } from '../records/walk';
import { animals, type AnimalId } from '../tables/animals';
import type { GroupThreat } from './judge-animal';
import type { Circumstances, Judgement } from './judge';
import { judgeAll } from './judge-all';
import { scenarios, type Scenario } from './scenario';
import { months } from './visits';

/** Low: every unread gap shut; high: every one wide open. */
export interface Span {
  readonly low: number;
  readonly high: number;
}

/** What one animal takes: birds, eggs, and visits for feed. */
export interface AnimalLoss {
  readonly animal: AnimalId;
  /** Λ: birds expected to be taken if there were no end of them; adds up over animals and days. */
  readonly birds: Span;
  readonly eggs: Span;
  /** Visits that reach the birds' place and eat feed. */
  readonly feedVisits: Span;
}

/** What is lost in so many days. */
export interface Losses {
  readonly days: number;
  readonly animals: readonly AnimalLoss[];
  /** Σ Λ. */
  readonly lambda: Span;
  /** `N(1 − exp(−Λ/N))`, group by group: a flock of N cannot lose more than N. */
  readonly birds: Span;
  readonly eggs: Span;
  readonly feedVisits: Span;
}

const none: Span = { low: 0, high: 0 };
const add = (a: Span, b: Span): Span => ({ low: a.low + b.low, high: a.high + b.high });
const times = (span: Span, by: number): Span => ({ low: span.low * by, high: span.high * by });

/** The 30 days around a day. */
export function lossesOfMonth(
  place: Place,
  walks: readonly Walk[],
  circumstances: Omit<Circumstances, 'scenario'>,
): Losses {
  return summed(place, [{ days: 30, losses: dayOf(place, walks, circumstances) }]);
}

/** A year, month by month from the middle of each: seasons, winter boards and zones out of use count as they come. */
export function lossesOfYear(
  place: Place,
  walks: readonly Walk[],
  circumstances: Omit<Circumstances, 'scenario'>,
  year: number,
): Losses {
  return summed(
    place,
    months.map((month) => {
      const date = `${year}-${String(month).padStart(2, '0')}-15`;
      const days = new Date(Date.UTC(year, month, 0)).getUTCDate();
      return { days, losses: dayOf(place, walks, { ...circumstances, date }) };
    }),
  );
}

/** Λ of one day for one animal and one group. */
interface DayLoss {
  readonly animal: AnimalId;
  readonly group: string;
  readonly birds: Span;
  readonly eggs: Span;
  readonly feedVisits: Span;
}

function dayOf(
  place: Place,
  walks: readonly Walk[],
  circumstances: Omit<Circumstances, 'scenario'>,
): DayLoss[] {
  const judgements = judgeAll(place, walks, circumstances);
  return scenarios.flatMap((scenario) => {
    const judgement = judgements[scenario];
    const share = shareOfNights(scenario, judgement.missedRound);
    return judgement.animals.flatMap((it) =>
      it.groups.map((threat) => dayLoss(judgement, it.animal, it.visits * share, threat)),
    );
  });
}

/** Nights that are shut, and nights on which the round was forgotten; every day is a day. */
export function shareOfNights(scenario: Scenario, missedRound: number): number {
  if (scenario === 'night-shut') return 1 - missedRound;
  return scenario === 'left-open' ? missedRound : 1;
}

function dayLoss(
  { whereabouts }: Judgement,
  animal: AnimalId,
  visits: number,
  threat: GroupThreat,
): DayLoss {
  const { taking } = animals[animal];
  const { exposure, share, damage, chance, group } = threat;
  const succeed: Span = {
    low: visits * exposure * chance.best,
    high: visits * exposure * chance.worst,
  };
  const isLaying = whereabouts.find((it) => it.group.id === group)?.group.kind !== 'chicks';
  return {
    animal,
    group,
    birds: times(succeed, damage),
    eggs: times(succeed, isLaying ? taking.eggs.value * share : 0),
    feedVisits: taking.feed ? times(succeed, share) : none,
  };
}

function summed(
  place: Place,
  parts: readonly { readonly days: number; readonly losses: readonly DayLoss[] }[],
): Losses {
  const all = parts.flatMap(({ days, losses }) =>
    losses.map((it): DayLoss => ({
      ...it,
      birds: times(it.birds, days),
      eggs: times(it.eggs, days),
      feedVisits: times(it.feedVisits, days),
    })),
  );
  const sumOf = (losses: readonly DayLoss[], of: 'birds' | 'eggs' | 'feedVisits'): Span =>
    losses.reduce((sum, it) => add(sum, it[of]), none);
  const totals = (losses: readonly DayLoss[]) => ({
    birds: sumOf(losses, 'birds'),
    eggs: sumOf(losses, 'eggs'),
    feedVisits: sumOf(losses, 'feedVisits'),
  });
  const flock = place.flock.map((group) => {
    const { id } = group;
    const count = mostOf(group);
    const lambda = sumOf(
      all.filter((it) => it.group === id),
      'birds',
    );
    return { low: ofFlock(lambda.low, count), high: ofFlock(lambda.high, count) };
  });
  const { birds, eggs, feedVisits } = totals(all);
  return {
    days: parts.reduce((sum, { days }) => sum + days, 0),
    animals: place.setting.lives.map((animal) => ({
      animal,
      ...totals(all.filter((it) => it.animal === animal)),
    })),
    lambda: birds,
    birds: flock.reduce(add, none),
    eggs,
    feedVisits,
  };
}

/** Of `count` birds, how many are expected gone after `lambda` takings of any of them. */
export function ofFlock(lambda: number, count: number): number {
  return count === 0 ? 0 : count * (1 - Math.exp(-lambda / count));
}
