/**
 * What a device said, as the records that a keeper would have written: volts of the line, how a door stood in the evening, what came by and
 * the nights on which nothing did. Ids follow from device and day, so that the same file read twice is the same records.
 */
import { isFrom, recordId } from './record-id';
import { groupedBy } from '../grouped-by';
import { neededVolts } from '../fence/needed-volts';
import { daysBetween, daysLater } from '../schema/day';
import type { Device } from '../place/device';
import { findItem } from '../place/find';
import type { Place } from '../place/place';
import type { Evening } from '../records/evening';
import type { MonitorDay } from '../records/monitor-day';
import type { LogEntry, QuietNights, Sighting } from '../records/sighting';
import type { Walk } from '../records/walk';
import { morningFrom, noonFrom, sureEnough } from '../tables/devices';
import type { DeviceReading } from './device-reading';

/** The keeper's own calendar: the day of an instant, and the hour of that day with its fraction. */
export type Local = (instant: string) => { readonly day: string; readonly hour: number };

/** What is to be written; entries and walks that say so already are left out. */
export interface DeviceRecords {
  readonly entries: readonly LogEntry[];
  readonly walks: readonly Walk[];
}

type Of<K extends DeviceReading['kind']> = Extract<DeviceReading, { kind: K }>;

/** `readings` in any order; those of another kind than the device's are passed over. */
export function recordsFrom(
  place: Place,
  log: readonly LogEntry[],
  device: Device,
  readings: readonly DeviceReading[],
  local: Local,
): DeviceRecords {
  const own = readings
    .filter(({ kind }) => kind === device.kind)
    .toSorted((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
  const is =
    <K extends DeviceReading['kind']>(kind: K) =>
    (it: DeviceReading): it is Of<K> =>
      it.kind === kind;
  switch (device.kind) {
    case 'fence-monitor':
      return monitorRecords(place, log, device, own.filter(is('fence-monitor')), local);
    case 'door':
      return { entries: doorEvenings(place, device, own.filter(is('door')), local), walks: [] };
    case 'camera':
      return {
        entries: cameraNights(place, log, device, own.filter(is('camera')), local),
        walks: [],
      };
  }
}

function monitorRecords(
  place: Place,
  log: readonly LogEntry[],
  device: Device,
  readings: readonly Of<'fence-monitor'>[],
  local: Local,
): DeviceRecords {
  const needed = neededVolts(place);
  const days = [...groupedBy(readings, ({ at }) => local(at).day)].map(
    ([date, own]): MonitorDay => {
      const id = recordId(device, date);
      const known = log.find((it): it is MonitorDay => it.id === id && it.what === 'monitor-day');
      const day = monitorDay(place, device, date, own, needed);
      return known ? withKnown(day, known) : day;
    },
  );
  return { entries: days, walks: latestVolts(place, device, days, local) };
}

function monitorDay(
  place: Place,
  device: Device,
  date: string,
  readings: readonly Of<'fence-monitor'>[],
  needed: number,
): MonitorDay {
  let [least, most, battery] = [Infinity, 0, Infinity];
  const low = readings.filter(({ volts }) => volts < needed);
  for (const it of readings) {
    [least, most] = [Math.min(least, it.volts), Math.max(most, it.volts)];
    battery = Math.min(battery, it.battery ?? Infinity);
  }
  const last = readings.at(-1);
  const [from, to] = [low[0]?.at, low.at(-1)?.at];
  return {
    id: recordId(device, date),
    placeId: place.id,
    date,
    what: 'monitor-day',
    device: device.id,
    least,
    most,
    last: last?.volts ?? most,
    at: last?.at ?? '',
    ...(battery < Infinity && { battery }),
    readings: readings.length,
    ...(from !== undefined && to !== undefined && { low: { from, to } }),
  };
}

/** What of a day was read before, and what is read now, as one day. */
function withKnown(now: MonitorDay, known: MonitorDay): MonitorDay {
  const [first, second] = known.at > now.at ? [now, known] : [known, now];
  const batteries = [now.battery, known.battery].filter((it) => it !== undefined);
  const lows = [first.low, second.low].filter((it) => it !== undefined);
  const [from, to] = [
    lows.map((it) => it.from).sort()[0],
    lows
      .map((it) => it.to)
      .sort()
      .at(-1),
  ];
  return {
    ...now,
    least: Math.min(now.least, known.least),
    most: Math.max(now.most, known.most),
    last: second.last,
    at: second.at,
    ...(batteries.length > 0 && { battery: Math.min(...batteries) }),
    readings: Math.max(now.readings, known.readings),
    ...(from !== undefined && to !== undefined && { low: { from, to } }),
  };
}

/** The last that it read, as a reading where it hangs: what is read beats what is worked out. */
function latestVolts(
  place: Place,
  device: Device,
  days: readonly MonitorDay[],
  local: Local,
): Walk[] {
  const last = days.reduce<MonitorDay | undefined>(
    (latest, it) => (latest && latest.at > it.at ? latest : it),
    undefined,
  );
  const { at: item } = device;
  if (!last || item === undefined) return [];
  const isLine = item === place.fence?.id;
  if (!isLine && findItem(place, item)?.kind !== 'strand') return [];
  const { day } = local(last.at);
  const id = `${day}-${device.id}`;
  return [
    {
      id,
      placeId: place.id,
      date: day,
      kind: 'device',
      ended: true,
      readings: [
        {
          id: `${id}-volts`,
          item,
          attribute: isLine ? 'fence.volts' : 'strand.volts',
          at: last.at,
          how: 'measured',
          value: { is: last.last },
        },
      ],
    },
  ];
}

/**
 * A night runs from noon to noon. A door that was opened in the morning without having been shut since the morning before stood open all
 * night: that is a saying of the morning.
 */
function doorEvenings(
  place: Place,
  device: Device,
  readings: readonly Of<'door'>[],
  local: Local,
): Evening[] {
  const { at: opening } = device;
  if (opening === undefined) return [];
  const evenings: Evening[] = [];
  let shut: boolean | undefined;
  for (const { at, did } of readings) {
    const { day, hour } = local(at);
    const isMorning = hour >= morningFrom.value && hour < noonFrom.value;
    const date = hour < noonFrom.value ? daysLater(day, -1) : day;
    const said = (was: Evening['doors'][number]['was'], told: Evening['told']): Evening => ({
      id: recordId(device, date, at),
      placeId: place.id,
      date,
      what: 'evening',
      at,
      told,
      by: device.name,
      ...(was === 'shut' && { shutAt: at }),
      doors: [{ opening, was, shutBy: 'light' }],
      counts: [],
    });
    if (did === 'jammed') evenings.push(said('jammed', 'evening'));
    else if (did === 'shut') evenings.push(said('shut', 'evening'));
    else if (!isMorning && hour < morningFrom.value) evenings.push(said('open', 'evening'));
    else if (isMorning && shut === false) evenings.push(said('open', 'morning'));
    shut = did === 'shut' ? true : did === 'opened' ? false : shut;
  }
  return evenings;
}

/** Each animal once a night, and each run of nights on which nothing came. */
function cameraNights(
  place: Place,
  log: readonly LogEntry[],
  device: Device,
  readings: readonly Of<'camera'>[],
  local: Local,
): LogEntry[] {
  const nightOf = ({ at }: Of<'camera'>): string => {
    const { day, hour } = local(at);
    return hour < noonFrom.value ? daysLater(day, -1) : day;
  };
  const nights = groupedBy(readings, nightOf);
  const seen = [...nights].flatMap(([date, own]) => sightingsOf(place, device, date, own));
  const known = log.flatMap((it) => (it.what === 'sighting' && isFrom(device, it) ? it.date : []));
  const busy = new Set([...seen.map(({ date }) => date), ...known]);
  const quiet = [...nights.keys()].filter((date) => !busy.has(date)).sort();
  return [...seen, ...runsOf(quiet).map((run) => quietRun(place, device, run))];
}

function sightingsOf(
  place: Place,
  device: Device,
  date: string,
  readings: readonly Of<'camera'>[],
): Sighting[] {
  const whos = readings
    .filter(({ saw }) => saw !== 'nothing')
    .map(({ saw, sure = 1 }) => (sure >= sureEnough.value ? saw : 'unknown'));
  const named = [...new Set(whos)];
  // One that nobody could name is most likely one that was named the same night.
  const told = named.length > 1 ? named.filter((it) => it !== 'unknown') : named;
  return told.map((saw) => ({
    id: recordId(device, date, saw),
    placeId: place.id,
    date,
    what: 'sighting',
    ...(saw !== 'unknown' && saw !== 'nothing' && { animal: saw }),
    how: 'camera',
    ...(device.at !== undefined && { bay: device.at }),
  }));
}

const quietRun = (place: Place, device: Device, run: readonly string[]): QuietNights => {
  const date = run.at(-1) ?? '';
  return {
    id: recordId(device, run[0] ?? date, 'quiet'),
    placeId: place.id,
    date,
    what: 'quiet-camera',
    nights: run.length,
  };
};

/** Days that follow each other, together. */
function runsOf(days: readonly string[]): string[][] {
  const runs: string[][] = [];
  for (const day of days) {
    const run = runs.at(-1);
    const last = run?.at(-1);
    if (run && last !== undefined && daysBetween(last, day) === 1) run.push(day);
    else runs.push([day]);
  }
  return runs;
}
