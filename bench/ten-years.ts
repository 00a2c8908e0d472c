/** A place walked every week and shut up every evening for ten years, with 300 mends: what it takes to open, against the same place without any of it. */
import { samphireYard } from '../demo/samphire-yard';
import { daysLater } from '../src/core/schema/day';
import { lastNights, nightsByYear } from '../src/core/nights/history';
import { placeSchema } from '../src/core/place/place';
import { newsOf } from '../src/core/devices/news';
import { dueOf } from '../src/core/rounds/due';
import { reviewMends } from '../src/core/mends/review';
import { timeline } from '../src/core/mends/timeline';
import type { Evening } from '../src/core/records/evening';
import type { MonitorDay } from '../src/core/records/monitor-day';
import { logEntrySchema, type LogEntry } from '../src/core/records/sighting';
import { mendSchema, type Mend } from '../src/core/records/mend';
import { walkSchema, type Walk } from '../src/core/records/walk';
import { nextStamp } from '../src/core/walk/stamp';
import { judge } from '../src/core/score/judge';
import { pack, unpack } from '../src/store/records';

export interface TenYearsCost {
  readonly walks: number;
  readonly readings: number;
  readonly mends: number;
  readonly evenings: number;
  /** Reading and checking every record, judging it, and setting its records and ages in order, ms. */
  readonly openMs: number;
  readonly times: number;
  /** What a save works out, with all of it and with none, ms. */
  readonly saveMs: number;
  readonly emptySaveMs: number;
}

const weeks = 520;

/** Each week another part of what the demo's walk read, the same values again. */
export function weeklyWalks(): Walk[] {
  const [first] = samphireYard.walks;
  if (!first) throw new Error('the demo was walked');
  const begun = Date.parse('2016-12-01T10:00:00Z');
  return Array.from({ length: weeks }, (_, week): Walk => {
    const at = new Date(begun + week * 7 * 86_400_000).toISOString();
    const from = (week * perWalk) % first.readings.length;
    const readings = first.readings
      .slice(from, from + perWalk)
      .map((it, index) => ({ ...it, id: `r${week}-${index}`, at }));
    return { ...first, id: `${at.slice(0, 10)}-0001`, date: at.slice(0, 10), readings };
  });
}

const perWalk = 12;

/** Three hundred, all held: each is looked at again with every reading. */
export function manyMends(): Mend[] {
  return Array.from({ length: 300 }, (_, at): Mend => ({
    id: `m${at}`,
    placeId: samphireYard.place.id,
    kind: 'sill-board',
    bay: `n${1 + (at % 3)}`,
    spot: { kind: 'ground', item: `n${1 + (at % 3)}` },
    stops: ['norway-rat', 'stoat'],
    targets: [{ item: `n${1 + (at % 3)}`, attribute: 'ground.gap', value: { atMost: 12 } }],
    state: 'held',
    history: (['planned', 'bought', 'done', 'held'] as const).map((state, step) => ({
      state,
      at: `20${17 + (at % 9)}-0${1 + (at % 9)}-1${step}T10:00:00Z`,
    })),
  }));
}

const nights = 3650;

/** Every evening said, one in seventy with the pop door left open. */
export function everyEvening(): Evening[] {
  return Array.from({ length: nights }, (_, at): Evening => {
    const date = daysLater('2016-11-28', at);
    return {
      ...{ id: `e${at}`, placeId: samphireYard.place.id, date, what: 'evening', told: 'evening' },
      ...{ at: `${date}T17:00:00Z`, shutAt: `${date}T16:50:00Z` },
      ...(at % 9 === 0 && { by: 'next door' }),
      doors: [{ opening: 'pop-door', was: at % 70 === 0 ? 'open' : 'shut' }],
      counts: [{ group: 'bantams', least: 12, most: 12 }],
    };
  });
}

/** A monitor on the line, a day of it each. */
function everyMonitorDay(): MonitorDay[] {
  return Array.from({ length: nights }, (_, at): MonitorDay => {
    const date = daysLater('2016-11-28', at);
    return {
      ...{ id: `mon-${date}`, placeId: samphireYard.place.id, date, what: 'monitor-day' },
      ...{ device: 'mon', least: 5.9, most: 6.8, last: 6.4, at: `${date}T23:59:00Z` },
      readings: 1440,
    };
  });
}

export function tenYearsCost(): TenYearsCost {
  const [walks, mends] = [weeklyWalks(), manyMends()];
  const evenings: LogEntry[] = [...everyEvening(), ...everyMonitorDay()];
  const full = texts(walks, mends, evenings);
  const empty = texts([], [], []);
  const [openMs, emptyMs] = [median(() => open(full)), median(() => open(empty))];
  return {
    walks: walks.length,
    readings: walks.reduce((sum, it) => sum + it.readings.length, 0),
    mends: mends.length,
    evenings: nights,
    openMs: Math.round(openMs),
    times: Math.round((openMs / emptyMs) * 10) / 10,
    saveMs: tenth(median(() => save(walks, mends))),
    emptySaveMs: tenth(median(() => save([], []))),
  };
}

interface Texts {
  readonly place: string;
  readonly walks: readonly string[];
  readonly mends: readonly string[];
  readonly evenings: readonly string[];
}

const texts = (
  walks: readonly Walk[],
  mends: readonly Mend[],
  evenings: readonly LogEntry[],
): Texts => ({
  place: pack(samphireYard.place),
  walks: walks.map(pack),
  mends: mends.map(pack),
  evenings: evenings.map(pack),
});

/** As the store does it, without the database. */
function open({ place: text, walks: walkTexts, mends: mendTexts, evenings }: Texts): void {
  const today = '2026-11-26';
  const place = unpack('place/x', text, placeSchema);
  const walks = walkTexts.map((it) => unpack('walk/x/y', it, walkSchema));
  const mends = mendTexts.map((it) => unpack('mend/x/y', it, mendSchema));
  const log = evenings.map((it) => unpack('sighting/x/y', it, logEntrySchema));
  const { found } = judge(place, walks, { date: today, log });
  lastNights(found.place, log, today, 60, () => undefined);
  nightsByYear(found.place, log);
  dueOf({ found, walks, mends, log, today });
  newsOf(found.place, log, today);
  timeline({ walks, mends, sightings: log, purchases: [] }, (at) => at.slice(0, 10));
}

const tenth = (ms: number): number => Math.round(ms * 10) / 10;

/** As the store does it: a walk with one reading more, and the mends that follow. */
function save(walks: readonly Walk[], mends: readonly Mend[]): void {
  const { place } = samphireYard;
  const at = nextStamp({ walks, mends }, new Date());
  const walk: Walk = {
    id: 'now',
    placeId: place.id,
    date: '2026-11-26',
    kind: 'lap',
    ended: false,
    readings: [
      { id: 'r', item: 'n2', attribute: 'ground.gap', at, how: 'measured', value: { is: 34 } },
    ],
  };
  reviewMends(place, [...walks, walk], mends, at, walk.id);
}

function median(work: () => void): number {
  work();
  const times = Array.from({ length: 5 }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return times[2] ?? 0;
}
