/** Evenings as a table. */
import { doorsOfRound } from '@/core/nights/shutters';
import { recordedDays, nightOn } from '@/core/nights/night';
import { nameOf } from '@/core/nights/missed-chance';
import type { Table } from '@/core/formats/table';
import type { Place } from '@/core/place/place';
import type { LogEntry } from '@/core/records/sighting';
import { groupName } from './names';
import { countWords, doorStateNames, nightStateNames } from './night-words';

/** A row a night. `timeOf`: local time of an instant. */
export function nightsTable(
  place: Place,
  log: readonly LogEntry[],
  timeOf: (instant: string) => string,
): Table {
  const doors = doorsOfRound(place);
  return {
    head: [
      ...['night of', 'night', 'shut up by', 'shut at'],
      ...doors.map(({ name }) => name),
      ...place.flock.flatMap((group) => [`${groupName(group)} in`, `${groupName(group)} out`]),
      'strand',
    ],
    rows: recordedDays(log).map((date) => {
      const night = nightOn(place, log, date);
      return [
        ...[date, nightStateNames[night.state], nameOf(place, night)],
        night.shutAt ? timeOf(night.shutAt) : '',
        ...doors.map(({ id }) => {
          const was = night.doors.get(id);
          return was ? doorStateNames[was][1] : '';
        }),
        ...place.flock.flatMap(({ id }) => {
          const count = night.counts.get(id);
          return count ? [countWords(count), (count.out ?? 0) + (count.elsewhere ?? 0)] : ['', ''];
        }),
        night.strand ?? '',
      ];
    }),
  };
}
