/** What devices said that is out of the ordinary, for the yard. */
import { isFrom } from './record-id';
import { daysBetween, daysLater } from '../schema/day';
import { neededVolts } from '../fence/needed-volts';
import { nightRecords } from '../nights/night';
import type { Device } from '../place/device';
import type { Place } from '../place/place';
import type { MonitorDay } from '../records/monitor-day';
import type { LogEntry, Sighting } from '../records/sighting';
import type { AnimalId } from '../tables/animals';
import { newsFor } from '../tables/devices';

/** One thing that is out of the ordinary. */
export type DeviceNews =
  /** Less on the line than it is meant to have, kV; since when, ISO 8601. */
  | {
      readonly news: 'low';
      readonly device: Device;
      readonly volts: number;
      readonly needed: number;
      readonly since: string;
    }
  /** Nothing heard since, ISO 8601. */
  | { readonly news: 'silent'; readonly device: Device; readonly since: string }
  /** A door of a night, by the day of its evening, that is not known to be shut since. */
  | {
      readonly news: 'door';
      readonly device: Device;
      readonly was: 'open' | 'jammed';
      readonly night: string;
    }
  /** Something at the wall; the animal where it was named. */
  | {
      readonly news: 'seen';
      readonly device: Device;
      readonly animals: readonly (AnimalId | undefined)[];
      readonly night: string;
    };

/** `today`: YYYY-MM-DD. */
export function newsOf(place: Place, log: readonly LogEntry[], today: string): DeviceNews[] {
  return (place.devices ?? []).flatMap((device) => {
    switch (device.kind) {
      case 'fence-monitor':
        return monitorNews(place, log, device, today);
      case 'door':
        return doorNews(log, device, today);
      case 'camera':
        return cameraNews(log, device, today);
    }
  });
}

function monitorNews(
  place: Place,
  log: readonly LogEntry[],
  device: Device,
  today: string,
): DeviceNews[] {
  const days = log
    .filter((it): it is MonitorDay => it.what === 'monitor-day' && it.device === device.id)
    .filter(({ date }) => date <= today)
    .sort((a, b) => (a.date < b.date ? 1 : -1));
  const [last] = days;
  if (!last) return [];
  if (daysBetween(last.date, today) >= newsFor.value) {
    return [{ news: 'silent', device, since: last.at }];
  }
  const needed = neededVolts(place);
  if (last.last >= needed || !last.low) return [];
  // Back to the last day on which there was enough when it ended.
  const enough = days.findIndex((day) => day.last >= needed);
  const below = enough === -1 ? days : days.slice(0, enough);
  const since = below.at(-1)?.low?.from ?? last.low.from;
  return [{ news: 'low', device, volts: last.last, needed, since }];
}

function doorNews(log: readonly LogEntry[], device: Device, today: string): DeviceNews[] {
  const { at } = device;
  if (at === undefined) return [];
  return recent(today).flatMap((night): DeviceNews[] => {
    const was = nightRecords(log).get(night)?.doors.get(at);
    return was === 'open' || was === 'jammed' ? [{ news: 'door', device, was, night }] : [];
  });
}

function cameraNews(log: readonly LogEntry[], device: Device, today: string): DeviceNews[] {
  return recent(today).flatMap((night): DeviceNews[] => {
    const seen = log.filter(
      (it): it is Sighting =>
        it.what === 'sighting' && it.how === 'camera' && it.date === night && isFrom(device, it),
    );
    const animals = seen.map(({ animal }) => animal);
    return animals.length > 0 ? [{ news: 'seen', device, animals, night }] : [];
  });
}

/** Tonight and the night before, the last first. */
const recent = (today: string): string[] =>
  Array.from({ length: newsFor.value }, (_, back) => daysLater(today, -back));
