/**
 * What falls due: rounds of the trade and of the keeper's own, ageing, mends, battery, nights away. One list, nearest first. Each is told by an id
 * that stays the same however often it is asked: what is put off or done is said of it.
 */
import type { AttributeId } from '../attributes';
import { batteryLeft } from '../fence/battery-left';
import { awayAhead, learningOn } from '../nights/away';
import { allBays } from '../place/find';
import { isStrung } from '../place/strand-there';
import { batteryReadOn, type FoundPlace } from '../records/apply-readings';
import type { Mend } from '../records/mend';
import type { DuePutOff, OwnRound } from '../records/due-said';
import type { LogEntry } from '../records/sighting';
import type { Away, Learning } from '../records/spells';
import type { Walk } from '../records/walk';
import { daysBetween, daysLater, lastBy } from '../schema/day';
import type { AgeingKind } from '../tables/lifespans';
import {
  awayNamedAhead,
  countsBefore,
  lineEvery,
  inspectedTogether,
  pullEvery,
  wholeWalkBy,
} from '../tables/rounds';
import { ageingOf, laterBy } from './ageing';
import { jobsOf, type Job } from './jobs';
import { seasonDue, type SeasonOf } from './season-due';

/** What it is, with what it is of. */
export type DueOf =
  /** Read on the line, or the battery at rest. */
  | { readonly kind: 'line-volts' | 'battery-volts' }
  /** The day on which the battery will have been used up. */
  | { readonly kind: 'battery-empty' }
  /** Pulled by hand; walked whole. */
  | { readonly kind: 'pull-test' | 'whole-walk' }
  | { readonly kind: 'ageing'; readonly ageing: AgeingKind; readonly bays: number }
  /** `make`: its own day; `measure`: done and not measured; `open`: found open again. */
  | { readonly kind: 'mend'; readonly mend: Mend; readonly wants: 'make' | 'measure' | 'open' }
  /** `do`: found, and to be seen to; `look`: said to be done, and not looked at since. */
  | { readonly kind: 'see-to'; readonly job: Job; readonly wants: 'do' | 'look' }
  | { readonly kind: 'away'; readonly away: Away }
  | { readonly kind: 'learning'; readonly learning: Learning }
  | SeasonOf
  | { readonly kind: 'own'; readonly round: OwnRound };

/** Something that falls due on a day. YYYY-MM-DD. */
export interface Due {
  readonly id: string;
  readonly of: DueOf;
  /** The day, by when it was done last. */
  readonly day: string;
  /** When it was done last; absent: never, as far as is known. */
  readonly last?: string;
  /** What was said last to put it off, while that lasts. Once its day has come it is due since its first. */
  readonly putOff?: DuePutOff;
}

/** All that a list is made of. */
export interface DueIn {
  readonly found: FoundPlace;
  readonly walks: readonly Walk[];
  readonly mends: readonly Mend[];
  readonly log: readonly LogEntry[];
  /** YYYY-MM-DD */
  readonly today: string;
}

/** Nearest first, put off ones by the day they were put off to. */
export function dueOf(asked: DueIn): Due[] {
  return [
    ...lineDue(asked),
    ...walksDue(asked),
    ...ageingDue(asked),
    ...mendsDue(asked),
    ...jobsDue(asked),
    ...eveningsDue(asked),
    ...seasonDue(asked),
    ...ownDue(asked),
  ]
    .map((it) => withPutOff(it, asked))
    .sort((a, b) => dayOf(a).localeCompare(dayOf(b)) || a.id.localeCompare(b.id));
}

/** The day on which it is to be done, as things stand. */
export const dayOf = ({ day, putOff }: Pick<Due, 'day' | 'putOff'>): string => putOff?.to ?? day;

/** Whether that day has come. */
export const isDueNow = (it: Due, today: string): boolean => dayOf(it) <= today;

const onLine: readonly AttributeId[] = ['fence.volts', 'check.voltsNear', 'strand.volts'];

/** Readings that somebody took; what is remembered was not read that day. */
function daysRead({ provenance }: FoundPlace, of: readonly AttributeId[]): string[] {
  return [...provenance.values()].flatMap(({ reading, walk }) =>
    of.includes(reading.attribute) && reading.how !== 'remembered' ? [walk.date] : [],
  );
}

function lineDue({ found, today }: DueIn): Due[] {
  const { place } = found;
  const { fence } = place;
  if (!fence || !isStrung(place)) return [];
  const weekly = (kind: 'line-volts' | 'battery-volts', of: readonly AttributeId[]): Due =>
    after(
      kind,
      { kind },
      lastBy(today, daysRead(found, of)),
      (last) => daysLater(last, lineEvery.value),
      today,
    );
  const empty = batteryLeft(place, today, batteryReadOn(place, found.provenance)).changeOn;
  // One that is used up is not read but charged.
  const isRead = fence.line?.energizer.battery !== undefined && !(empty && empty <= today);
  return [
    weekly('line-volts', onLine),
    ...(isRead ? [weekly('battery-volts', ['check.restVolts'])] : []),
    ...(empty ? [{ id: 'battery-empty', of: { kind: 'battery-empty' }, day: empty } as const] : []),
  ];
}

function walksDue({ walks, today }: DueIn): Due[] {
  const last = (isOne: (purpose: Walk['purpose']) => boolean) =>
    lastBy(
      today,
      walks
        .filter(({ kind, ended, purpose }) => kind === 'lap' && ended && isOne(purpose))
        .map(({ date }) => date),
    );
  const isWhole = (it: Walk['purpose']) => it === undefined || it === 'full';
  const whole = last(isWhole);
  const pulled = last((it) => isWhole(it) || it === 'storm');
  return [
    after('whole-walk', { kind: 'whole-walk' }, whole, nextSeason, today),
    after('pull-test', { kind: 'pull-test' }, pulled, (it) => laterBy(it, pullEvery.value), today),
  ];
}

/** The next of the days by which a place has been walked whole; a walk shortly before one counts for it. */
function nextSeason(last: string): string {
  const from = daysLater(last, countsBefore.value);
  const year = Number(from.slice(0, 4));
  const days = [year, year + 1].flatMap((it) => wholeWalkBy.map((day) => `${it}-${day}`));
  return days.find((it) => it > from) ?? from;
}

function after(
  id: string,
  of: DueOf,
  last: string | undefined,
  next: (last: string) => string,
  today: string,
): Due {
  return last === undefined ? { id, of, day: today } : { id, of, day: next(last), last };
}

function ageingDue({ found, mends, today }: DueIn): Due[] {
  const kinds = new Map<AgeingKind, { day: string; last: string | undefined; bays: Set<string> }>();
  for (const { kind, bay, due, looked } of ageingOf(found.place, found.provenance, mends, today)) {
    const before = kinds.get(kind);
    // Sorted by day: the first of a kind says when. Those due within a month of it are looked at with it.
    if (!before) kinds.set(kind, { day: due, last: looked, bays: new Set([bay]) });
    else if (daysBetween(before.day, due) <= inspectedTogether.value) before.bays.add(bay);
  }
  return [...kinds].map(([kind, { day, last, bays }]): Due => ({
    id: `ageing-${kind}`,
    of: { kind: 'ageing', ageing: kind, bays: bays.size },
    day,
    ...(last !== undefined && { last }),
  }));
}

function mendsDue({ mends, found }: DueIn): Due[] {
  const isHere = new Set(allBays(found.place).map(({ bay }) => bay.id));
  return mends
    .filter(({ bay }) => isHere.has(bay))
    .flatMap((mend): Due[] => {
      const { id, state, due, history } = mend;
      const since = history.at(-1)?.at.slice(0, 10);
      const one = (wants: 'make' | 'measure' | 'open', day: string): Due[] => [
        { id: `mend-${id}`, of: { kind: 'mend', mend, wants }, day },
      ];
      if (state === 'done' && since) return one('measure', since);
      if (state === 'open' && since && history.some((it) => it.state === 'held')) {
        return one('open', since);
      }
      return (state === 'planned' || state === 'bought') && due ? one('make', due) : [];
    });
}

function jobsDue({ found, walks, log }: DueIn): Due[] {
  return jobsOf(found, walks, log).map((job): Due => {
    const wants = job.done === undefined ? 'do' : 'look';
    return { id: job.id, of: { kind: 'see-to', job, wants }, day: job.done ?? job.since };
  });
}

function eveningsDue({ log, today }: DueIn): Due[] {
  const away = awayAhead(log, today)
    .filter(({ date, covers }) => covers === undefined && date >= today)
    .map((it): Due => ({
      id: `away-${it.id}`,
      of: { kind: 'away', away: it },
      day: daysLater(it.date, -awayNamedAhead.value),
    }));
  const learning = learningOn(log, today).map((it): Due => ({
    id: `learning-${it.id}`,
    of: { kind: 'learning', learning: it },
    day: today,
  }));
  return [...away, ...learning];
}

function ownDue({ log, today }: DueIn): Due[] {
  const rounds = log.filter((it): it is OwnRound => it.what === 'own-round');
  return rounds.map((round): Due => {
    const id = `own-${round.id}`;
    const last = lastBy(
      today,
      log.flatMap((it) => (it.what === 'due-done' && it.due === id ? [it.date] : [])),
    );
    const day = last === undefined ? round.date : daysLater(last, round.every);
    return { id, of: { kind: 'own', round }, day, ...(last !== undefined && { last }) };
  });
}

/** What was put off is due on its first day again once the day it was put off to has come, and nothing was done. */
function withPutOff(it: Due, { log, today }: DueIn): Due {
  const said = log
    .filter((one): one is DuePutOff => one.what === 'due-put-off' && one.due === it.id)
    .filter(
      ({ date, to }) => date <= today && to > today && (it.last === undefined || date >= it.last),
    )
    .sort((a, b) => a.date.localeCompare(b.date) || a.id.localeCompare(b.id))
    .at(-1);
  return said && said.to > it.day ? { ...it, putOff: said } : it;
}
