/** Where an evening stands: whether it is time, whether it was said, and what is still to be said. */
import type { LogEntry } from '../records/sighting';
import type { Opening, Place } from '../place/place';
import { groupAfter } from '../records/flock-on';
import type { RoostCount, DoorAtDusk, DoorState, Evening } from '../records/evening';
import type { Dusk } from '../place/dusk';
import { mostOf } from '../place/group-on';
import { recordedDays, type Night } from './night';
import { doorsOfRound } from './shutters';
import { evening } from '../tables/counting';

/** `day`: not yet time. `due`: time to shut up. `late`: an hour after dark and nothing said. */
export type EveningState = 'day' | 'due' | 'late' | 'said';

/** `dusk` absent: nobody said where the place lies, or the sun does not set. */
export function eveningState(night: Night, at: Date, dusk: Dusk | undefined): EveningState {
  if (night.doors.size > 0 || night.counts.size > 0) return 'said';
  if (!dusk) return 'day';
  const minutes = (from: Date): number => (at.getTime() - from.getTime()) / 60_000;
  if (minutes(dusk.dark) >= evening.lateAfter.value) return 'late';
  return minutes(dusk.sunset) >= -evening.beginsBefore.value ? 'due' : 'day';
}

/** Whether evenings are written down here at all: a night before the first one is no unknown one. */
export function isEveningLogKept(log: readonly LogEntry[], date: string): boolean {
  const [first] = recordedDays(log);
  return first !== undefined && first <= date;
}

/** What is still unsaid of an evening, as it is where all is as it should be. `place`: with its flock as it is written, before losses. */
export function restOf(
  place: Place,
  log: readonly LogEntry[],
  night: Night,
): Pick<Evening, 'doors' | 'counts' | 'strand'> {
  const doors = doorsOfRound(place)
    .filter(({ id }) => !night.doors.has(id))
    .map((door): DoorAtDusk => doorAtDusk(door, 'shut'));
  const counts = place.flock
    .filter(({ id }) => !night.counts.has(id))
    .map((group) => groupAfter(group, log, night.date))
    .filter((group) => mostOf(group) > 0)
    .map((group): RoostCount => ({ group: group.id, least: group.count, most: mostOf(group) }));
  const strand = place.fence && night.strand === undefined ? ({ strand: 'on' } as const) : {};
  return { doors, counts, ...strand };
}

/** How a door stood, and what shuts it in these days: a drive that is fitted later begins with a log of its own. */
export function doorAtDusk({ id, shutBy }: Opening, was: DoorState): DoorAtDusk {
  return { opening: id, was, shutBy };
}

/** Whether anything is left to say. */
export function isWhole(rest: Pick<Evening, 'doors' | 'counts'>): boolean {
  return rest.doors.length === 0 && rest.counts.length === 0;
}

/** Birds of a group that may be missing: fewer in, out or elsewhere than there should be. 0 where all are accounted for. */
export function missingOf(
  group: Place['flock'][number],
  { least, out = 0, elsewhere = 0 }: RoostCount,
): number {
  return Math.max(0, group.count - least - out - elsewhere);
}
