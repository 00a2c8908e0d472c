/** What falls due by the season and by the weather: panels on and off, mowing under the wires, looking round after a storm, digging out after snow. */
import { grassHeight, clearances } from '../fence/under-wires';
import { linePathOf } from '../fence/line-path';
import { allBays } from '../place/find';
import { coverOf } from '../place/opening-cover';
import type { BayId, Place } from '../place/place';
import { isStrung } from '../place/strand-there';
import type { YearSpan } from '../place/year-span';
import type { LogEntry } from '../records/sighting';
import type { FoundPlace } from '../records/apply-readings';
import type { Reading, Walk } from '../records/walk';
import type { Weather } from '../records/weather';
import { daysBetween, daysLater } from '../schema/day';
import { grassGrowth } from '../tables/fence-ground';
import { isSouthern, northernMonth, type Region } from '../tables/regions';
import { growingFrom, panelsAhead, panelsAskedFor, snowAskedFor } from '../tables/rounds';

/** What the season or the weather asks for. */
export type SeasonOf =
  /** Boards, panels or covers that are on for a part of the year, and the bays they are in. */
  | { readonly kind: 'panels'; readonly wants: 'on' | 'off'; readonly bays: readonly BayId[] }
  /** Grass comes up to the lowest wire on that day. */
  | { readonly kind: 'mow' }
  | { readonly kind: 'weather'; readonly weather: Weather };

/** One of them, and the day on which it falls due, YYYY-MM-DD; `last`: when it was done. */
export interface SeasonDue {
  readonly id: string;
  readonly of: SeasonOf;
  readonly day: string;
  readonly last?: string;
}

interface Asked {
  readonly found: FoundPlace;
  readonly walks: readonly Walk[];
  readonly log: readonly LogEntry[];
  readonly today: string;
}

/** What the season asks for: panels on or off, mowing, what to do at storm and snow. */
export function seasonDue(asked: Asked): SeasonDue[] {
  return [...panelsDue(asked), ...mowDue(asked), ...weatherDue(asked)];
}

/** The last day on which somebody said that it was done. */
function saidDone(log: readonly LogEntry[], due: string): string | undefined {
  return log
    .flatMap((it) => (it.what === 'due-done' && it.due === due ? [it.date] : []))
    .sort()
    .at(-1);
}

function panelsDue({ found: { place, provenance }, log, today }: Asked): SeasonDue[] {
  const spans = new Map<string, { span: YearSpan; bays: Set<BayId> }>();
  for (const { bay } of allBays(place)) {
    const layers = [...bay.bands.flatMap((it) => it.layers), ...bay.openings.flatMap(coverOf)];
    for (const span of layers.flatMap(({ on }) => on ?? [])) {
      const key = `${span.from}-${span.to}`;
      const known = spans.get(key) ?? { span, bays: new Set() };
      spans.set(key, { span, bays: known.bays.add(bay.id) });
    }
  }
  return [...spans].flatMap(([key, { span, bays }]) =>
    (['on', 'off'] as const).map((wants): SeasonDue => {
      const id = `panels-${wants}-${key}`;
      // Seen on a walk to be as the season wants it, it is done as well.
      const seen = [...provenance.values()].flatMap(({ reading, walk }) =>
        reading.attribute === 'check.dressed' && isSeen(reading, wants) ? [walk.date] : [],
      );
      const last = [saidDone(log, id) ?? '', ...seen].filter(Boolean).sort().at(-1);
      const changes = { on: span.from, off: dayAfter(span.to) };
      const other = wants === 'on' ? changes.off : changes.on;
      const day = changeDay(changes[wants], other, today, last);
      const of = { kind: 'panels', wants, bays: [...bays].sort() } as const;
      return { id, of, day, ...(last !== undefined && { last }) };
    }),
  );
}

const isSeen = ({ value }: Reading, wants: 'on' | 'off'): boolean =>
  value !== 'cannot-tell' && 'is' in value && value.is === wants;

const dayAfter = (day: string): string => daysLater(`2027-${day}`, 1).slice(5);

/**
 * The day that has passed while it is not done, else the next that is not done ahead. Whatever was not done by the `other` change's day
 * is asked no more: nobody puts panels on in April. `day`, `other`: MM-DD.
 */
function changeDay(day: string, other: string, today: string, last: string | undefined): string {
  const year = Number(today.slice(0, 4));
  const days = [year - 1, year, year + 1, year + 2].map((it) => `${it}-${day}`);
  const isDone = (it: string) => last !== undefined && daysBetween(last, it) <= panelsAhead.value;
  const endOf = (it: string) =>
    other > day ? `${it.slice(0, 5)}${other}` : `${Number(it.slice(0, 4)) + 1}-${other}`;
  const isOpen = (it: string) => today < endOf(it) && daysBetween(it, today) < panelsAskedFor.value;
  return days.find((it) => !isDone(it) && isOpen(it)) ?? today;
}

/** Until somebody says when it was mown, as if it had been when growth began: in March, in the south in September. */
function mowDue({ found: { place }, log, today }: Asked): SeasonDue[] {
  const lowest = lowestWire(place);
  if (lowest === undefined) return [];
  const last = saidDone(log, 'mow');
  const { region } = place.setting;
  // Out of season nobody who never said when they mow is told of last summer.
  if (last === undefined && !isGrowing(region, today)) return [];
  const began = isSouthern(region) ? '09-01' : '03-01';
  const year = Number(today.slice(0, 4));
  const spring = [`${year}-${began}`, `${year - 1}-${began}`].find((it) => it <= today) ?? today;
  const since = last !== undefined && last > spring ? last : spring;
  for (let days = 1; days <= 366; days += 1) {
    const day = daysLater(since, days);
    if (grassHeight(region, day, days) < lowest) continue;
    return [{ id: 'mow', of: { kind: 'mow' }, day, ...(last !== undefined && { last }) }];
  }
  return [];
}

/** Whether grass grows more in the month than it is trodden down. */
function isGrowing(region: Region, day: string): boolean {
  const month = northernMonth(region, Number(day.slice(5, 7)));
  return (grassGrowth[month - 1]?.value ?? 0) >= growingFrom.value;
}

function lowestWire(place: Place): number | undefined {
  if (!isStrung(place)) return undefined;
  const path = linePathOf(place);
  const [first] = path ? clearances(path, 0) : [];
  return first && first.left > 0 ? first.left : undefined;
}

/** Of each kind the last that was said, until it was looked at. */
function weatherDue({ log, walks, today }: Asked): SeasonDue[] {
  const last = new Map<string, Weather>();
  for (const it of log) {
    if (it.what !== 'weather') continue;
    const known = last.get(it.weather);
    if (!known || it.date >= known.date) last.set(it.weather, it);
  }
  return [...last.values()].flatMap((weather): SeasonDue[] => {
    const id = `weather-${weather.id}`;
    const isOver =
      weather.weather === 'storm'
        ? walkedSince(walks, weather.date)
        : daysBetween(weather.date, today) > snowAskedFor.value;
    if (isOver || saidDone(log, id) !== undefined) return [];
    return [{ id, of: { kind: 'weather', weather }, day: weather.date }];
  });
}

/** Walked whole, or for a storm. */
const walkedSince = (walks: readonly Walk[], date: string): boolean =>
  walks.some(
    (it) =>
      it.kind === 'lap' &&
      it.ended &&
      it.date >= date &&
      (it.purpose === undefined || it.purpose === 'full' || it.purpose === 'storm'),
  );
