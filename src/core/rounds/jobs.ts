/**
 * What walks found that is to be seen to, and closes no way in: a lamp that hangs by its cord, a branch over the roof, loose eaves. A job like a mend:
 * open from the reading that found it, done when somebody says so, and over only once a later reading finds it otherwise.
 */
import type { AttributeId } from '../attributes';
import type { FoundPlace } from '../records/apply-readings';
import type { LogEntry } from '../records/sighting';
import type { Reading, Walk } from '../records/walk';
import { isToSeeTo } from '../walk/outcome';

/** Something to be seen to. */
export interface Job {
  /** The same for as long as it is open. */
  readonly id: string;
  /** The reading that found it last. */
  readonly reading: Reading;
  /** The day on which it was found first, of all readings since that found it so. */
  readonly since: string;
  /** The day on which somebody said that it is done; it is to be looked at again. */
  readonly done?: string;
}

/** Told anew every evening, and no job for another day. */
const ofTheEvening: readonly AttributeId[] = ['check.shut'];

/** Longest open first. */
export function jobsOf(
  { provenance }: Pick<FoundPlace, 'provenance'>,
  walks: readonly Walk[],
  log: readonly LogEntry[],
): Job[] {
  const jobs = new Map<string, Job>();
  for (const { reading } of provenance.values()) {
    if (ofTheEvening.includes(reading.attribute) || !asks(reading)) continue;
    const since = firstFound(reading, walks);
    const id = `see-${reading.item}-${reading.attribute}`;
    const done = log
      .flatMap((it) => (it.what === 'due-done' && it.due === id ? [it.date] : []))
      .filter((day) => day >= reading.at.slice(0, 10))
      .sort()
      .at(-1);
    jobs.set(id, { id, reading, since, ...(done !== undefined && { done }) });
  }
  return [...jobs.values()].sort(
    (a, b) => a.since.localeCompare(b.since) || a.id.localeCompare(b.id),
  );
}

const asks = ({ attribute, value }: Reading): boolean =>
  value !== 'cannot-tell' && 'is' in value && isToSeeTo(attribute, value.is);

/** Back over all that found the same, to the first of them. */
function firstFound(last: Reading, walks: readonly Walk[]): string {
  const all = walks
    .flatMap(({ date, readings }) => readings.map((reading) => ({ date, reading })))
    .filter(({ reading }) => reading.item === last.item && reading.attribute === last.attribute)
    .filter(({ reading }) => reading.value !== 'cannot-tell')
    .sort((a, b) => a.date.localeCompare(b.date) || a.reading.at.localeCompare(b.reading.at));
  const otherwise = all.findLastIndex(({ reading }) => !asks(reading));
  return all[otherwise + 1]?.date ?? last.at.slice(0, 10);
}
