/** Birds, eggs and feed lost in a month or a year as the place stands. It ranks; it does not predict. */
import { mostOf } from '../place/group-on';
import type { Place } from '../place/place';
import { withFlockOn } from '../records/flock-on';
import type { Walk } from '../records/walk';
import { animals, type AnimalId } from '../tables/animals';
import { livedThrough, scalesAfter, type Expected, type Lived, type Scales } from './experience';
import { bandAbout } from './scale-band';
import type { AnimalJudgement, GroupThreat } from './judge-animal';
import type { Circumstances, Judgement } from './judge';
import { judgeAll } from './judge-all';
import { scenarios, type Scenario } from './scenario';
import { nightsLeftOpen } from './tonight';
import { months } from './visits';

/** Low: every unread gap shut; high: every one wide open. */
export interface Span {
  readonly low: number;
  readonly high: number;
}

/** What one animal takes: birds, eggs, and visits for feed. */
export interface AnimalLoss {
  readonly animal: AnimalId;
  /** Times that it takes birds, one or several. */
  readonly times: Span;
  /** Λ: birds expected to be taken if there were no end of them; adds up over animals and days. */
  readonly birds: Span;
  /** The same before how it has gone here was weighed. */
  readonly byTables: Span;
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
  /** The same with the doubt in the scale of it all: nine times in ten the true figure lies between, as far as the tables go. */
  readonly band: Span;
  /** What the tables alone would expect, before how it has gone here. */
  readonly byTables: Span;
  readonly lived: Lived;
  readonly eggs: Span;
  readonly feedVisits: Span;
}

/** Every animal's scale at both ends of what is unread, and the band about it. */
export interface LivedScales {
  readonly lived: Lived;
  readonly low: Scales;
  readonly high: Scales;
  /** Times the mean, at both ends. */
  readonly band: { readonly low: number; readonly high: number };
}

const none: Span = { low: 0, high: 0 };
const add = (a: Span, b: Span): Span => ({ low: a.low + b.low, high: a.high + b.high });
const times = (span: Span, by: number): Span => ({ low: span.low * by, high: span.high * by });

/** The 30 days around a day, after how it has gone here. */
export function lossesOfMonth(
  place: Place,
  walks: readonly Walk[],
  circumstances: Omit<Circumstances, 'scenario'>,
): Losses {
  const parts = [{ days: 30, losses: dayOf(place, walks, circumstances) }];
  const year = Number((circumstances.date ?? anyYear).slice(0, 4));
  const scales = scalesOf(
    place,
    walks,
    partsOfYear(place, walks, circumstances, year),
    circumstances,
  );
  return summed(withFlockOn(place, circumstances.log ?? [], circumstances.date), parts, scales);
}

/** Where no day is given: any year, for its months. */
const anyYear = '2025-01-01';

/**
 * A year, month by month from the middle of each: seasons, winter boards and zones out of use count as they come. After how it has
 * gone here, or by `scales` that were found of the place as it is now, where an older state is looked at.
 */
export function lossesOfYear(
  place: Place,
  walks: readonly Walk[],
  circumstances: Omit<Circumstances, 'scenario'>,
  year: number,
  scales?: LivedScales,
): Losses {
  const parts = partsOfYear(place, walks, circumstances, year);
  return summed(
    withFlockOn(place, circumstances.log ?? [], circumstances.date),
    parts,
    scales ?? scalesOf(place, walks, parts, circumstances),
  );
}

/** Every animal's scale after how it has gone here, by what the place as it is now expects of a year. */
export function livedScales(
  place: Place,
  walks: readonly Walk[],
  circumstances: Omit<Circumstances, 'scenario'>,
  year: number,
): LivedScales {
  return scalesOf(place, walks, partsOfYear(place, walks, circumstances, year), circumstances);
}

function scalesOf(
  place: Place,
  walks: readonly Walk[],
  year: readonly Part[],
  { log = [], date }: Omit<Circumstances, 'scenario'>,
): LivedScales {
  const lived = livedThrough(place, walks, log, date);
  const days = daysOf(year);
  const animalLosses = byAnimal(place, days, days);
  const expected = (end: 'low' | 'high'): Expected[] =>
    animalLosses.map((it) => ({ animal: it.animal, times: it.times[end], birds: it.birds[end] }));
  const [low, high] = [expected('low'), expected('high')];
  return {
    lived,
    low: scalesAfter(lived, low),
    high: scalesAfter(lived, high),
    band: { low: bandAbout(lived, low)[0], high: bandAbout(lived, high)[1] },
  };
}

/** So many days with the same losses each. */
interface Part {
  readonly days: number;
  readonly losses: readonly DayLoss[];
}

function partsOfYear(
  place: Place,
  walks: readonly Walk[],
  circumstances: Omit<Circumstances, 'scenario'>,
  year: number,
): Part[] {
  return months.map((month) => {
    const date = `${year}-${String(month).padStart(2, '0')}-15`;
    const days = new Date(Date.UTC(year, month, 0)).getUTCDate();
    return { days, losses: dayOf(place, walks, { ...circumstances, date }) };
  });
}

/** Λ of one day for one animal and one group. */
interface DayLoss {
  readonly animal: AnimalId;
  readonly group: string;
  readonly times: Span;
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
    const nights = scenario === 'left-open' ? nightsLeftOpen(judgement) : undefined;
    const shares = nights ?? [
      { judgement, share: shareOfNights(scenario, judgement.round.missed) },
    ];
    return shares.flatMap(({ judgement: judged, share }) =>
      judged.animals.flatMap((it) => it.groups.map((threat) => dayLoss(judged, it, share, threat))),
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
  { animal, visits, tries }: AnimalJudgement,
  nights: number,
  threat: GroupThreat,
): DayLoss {
  const { taking } = animals[animal];
  const { exposure, share, damage, chance, group } = threat;
  const succeed = (many: number): Span => ({
    low: many * nights * exposure * chance.best,
    high: many * nights * exposure * chance.worst,
  });
  const isLaying = whereabouts.find((it) => it.group.id === group)?.group.kind !== 'chicks';
  return {
    animal,
    group,
    // What takes a bird now and then is seen as a loss so often and no oftener.
    times: times(succeed(tries), Math.min(share, damage)),
    birds: times(succeed(tries), damage),
    eggs: times(succeed(tries), isLaying ? taking.eggs.value * share : 0),
    // Feed is come for by every visit, not only by those that try for birds.
    feedVisits: taking.feed ? times(succeed(visits), share) : none,
  };
}

/** A day's losses as many times as there are days. */
function daysOf(parts: readonly Part[]): DayLoss[] {
  return parts.flatMap(({ days, losses }) =>
    losses.map((it): DayLoss => ({
      ...it,
      times: times(it.times, days),
      birds: times(it.birds, days),
      eggs: times(it.eggs, days),
      feedVisits: times(it.feedVisits, days),
    })),
  );
}

type Amount = 'times' | 'birds' | 'eggs' | 'feedVisits';

const sumOf = (losses: readonly DayLoss[], of: Amount): Span =>
  losses.reduce((sum, it) => add(sum, it[of]), none);

function byAnimal(place: Place, all: readonly DayLoss[], tables: readonly DayLoss[]): AnimalLoss[] {
  return place.setting.lives.map((animal) => {
    const own = all.filter((it) => it.animal === animal);
    return {
      animal,
      times: sumOf(own, 'times'),
      birds: sumOf(own, 'birds'),
      byTables: sumOf(
        tables.filter((it) => it.animal === animal),
        'birds',
      ),
      eggs: sumOf(own, 'eggs'),
      feedVisits: sumOf(own, 'feedVisits'),
    };
  });
}

/** What visits take, moved by how it has gone here; feed is no loss that anybody counted. */
function scaled(all: readonly DayLoss[], { low, high }: LivedScales): DayLoss[] {
  return all.map((it) => {
    const by = (span: Span): Span =>
      ordered(span.low * low[it.animal], span.high * high[it.animal]);
    return { ...it, times: by(it.times), birds: by(it.birds), eggs: by(it.eggs) };
  });
}

/** With more that may come in, a loss seen says less of each: the ends may change places. */
const ordered = (a: number, b: number): Span => ({ low: Math.min(a, b), high: Math.max(a, b) });

function summed(place: Place, parts: readonly Part[], scales: LivedScales): Losses {
  const tables = daysOf(parts);
  const all = scaled(tables, scales);
  const days = parts.reduce((sum, it) => sum + it.days, 0);
  return {
    days,
    animals: byAnimal(place, all, tables),
    lambda: sumOf(all, 'birds'),
    birds: ofFlocks(place, all),
    band: ofFlocks(place, all, scales.band),
    byTables: ofFlocks(place, tables),
    lived: scales.lived,
    eggs: sumOf(all, 'eggs'),
    feedVisits: sumOf(all, 'feedVisits'),
  };
}

/** Group by group: none loses more than it has. */
function ofFlocks(place: Place, all: readonly DayLoss[], by: Span = { low: 1, high: 1 }): Span {
  return place.flock
    .map((group) => {
      const lambda = sumOf(
        all.filter((it) => it.group === group.id),
        'birds',
      );
      const count = mostOf(group);
      return {
        low: ofFlock(lambda.low * by.low, count),
        high: ofFlock(lambda.high * by.high, count),
      };
    })
    .reduce(add, none);
}

/** Of `count` birds, how many are expected gone after `lambda` takings of any of them. */
export function ofFlock(lambda: number, count: number): number {
  return count === 0 ? 0 : count * (1 - Math.exp(-lambda / count));
}
