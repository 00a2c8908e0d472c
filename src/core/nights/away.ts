/** Nights away, and birds that are learning where to sleep. */
import type { LogEntry } from '../records/sighting';
import type { Away, Learning } from '../records/spells';
import { memoized } from '../memo';
import { daysLater } from '../schema/day';

/** Of a log, the one begun last first. The same array gives the same answer. */
const aways = memoized((log: readonly LogEntry[]): readonly Away[] =>
  log
    .filter((it): it is Away => it.what === 'away')
    .sort((a, b) => (a.date < b.date ? 1 : a.date > b.date ? -1 : a.id < b.id ? 1 : -1)),
);

/** The stretch of nights away that this night falls into; of several, the one begun last. */
export function awayOn(log: readonly LogEntry[], date: string): Away | undefined {
  return aways(log).find((it) => it.date <= date && date <= it.until);
}

/** Stretches that are not over, soonest first. */
export function awayAhead(log: readonly LogEntry[], today: string): Away[] {
  return log
    .filter((it): it is Away => it.what === 'away' && it.until >= today)
    .sort((a, b) => (a.date < b.date ? -1 : 1));
}

/** Who must be looked for this evening, and why. */
export function learningOn(log: readonly LogEntry[], date: string): Learning[] {
  return log.filter(
    (it): it is Learning =>
      it.what === 'learning' && it.date <= date && date < daysLater(it.date, it.nights),
  );
}
