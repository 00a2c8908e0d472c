/** Evenings on which one of several doors was forgotten and the others were shut: which, and how often. */
import { getOrMake, memoized } from '../memo';
import type { Place } from '../place/place';
import type { DoorState } from '../records/evening';
import type { LogEntry } from '../records/sighting';
import { keeperOf, nameOf, doorsShutBy } from './missed-chance';
import { nightRecords, type NightRecord } from './night';
import type { Shutter } from './shutters';

/** The same doors left open on so many evenings while another of the round was shut. */
export interface SomeLeft {
  /** Ids, in the order of the place. */
  readonly doors: readonly string[];
  readonly evenings: number;
}

/** Of one's doors, those left open while another was said to be shut; `undefined` where it was all, none, or not said. */
function someOf(shutter: Shutter, night: NightRecord): string[] | undefined {
  const said = doorsShutBy(shutter, night);
  const left = shutter.doors.flatMap(({ id }) => (isLeft(said.get(id)) ? [id] : []));
  return left.length > 0 && [...said.values()].includes('shut') ? left : undefined;
}

const isLeft = (was: DoorState | undefined): boolean => was === 'open' || was === 'jammed';

const counted = memoized((_: readonly LogEntry[]) => new Map<string, readonly SomeLeft[]>());

/** What one person forgot of several doors, oftenest first. `name`: of the person; absent: the keeper. */
export function someLeft(
  place: Place,
  log: readonly LogEntry[],
  shutter: Shutter,
  name = keeperOf(place),
): readonly SomeLeft[] {
  if (shutter.doors.length < 2) return [];
  const key = [name, keeperOf(place), ...shutter.doors.map(({ id }) => id)].join('\n');
  return getOrMake(counted(log), key, () => {
    const byDoors = new Map<string, SomeLeft>();
    for (const night of nightRecords(log).values()) {
      if (nameOf(place, night) !== name) continue;
      const doors = someOf(shutter, night);
      if (!doors) continue;
      const own = doors.join('\n');
      byDoors.set(own, { doors, evenings: (byDoors.get(own)?.evenings ?? 0) + 1 });
    }
    return [...byDoors.values()].sort((a, b) => b.evenings - a.evenings);
  });
}
