/** The search for a leak that is under way: its tests as they stand in the log. */
import type { FenceTest, FenceTestMade } from '../records/fence-test';
import type { LogEntry } from '../records/sighting';
import type { LeakEvidence } from '../fence/find-leak';
import { indexOnLine, type LinePath } from '../fence/line-path';

/** A search under way. */
export interface SearchOnRecord {
  readonly id: string;
  /** In the order in which they were made. */
  readonly tests: readonly FenceTest[];
}

/** A search not gone on with for so long is over: the weather and the line are others (assumption of ours). */
const goesOnFor = 36 * 3_600_000;

/** The latest search that has neither been ended nor left alone for long. `now`: ms. */
export function searchOnRecord(log: readonly LogEntry[], now: number): SearchOnRecord | undefined {
  const all = log
    .filter((entry) => entry.what === 'fence-test')
    .sort((a, b) => a.at.localeCompare(b.at));
  const last = all.at(-1);
  if (!last || isEnd(last.made) || now - Date.parse(last.at) > goesOnFor) return undefined;
  return { id: last.search, tests: all.filter(({ search }) => search === last.search) };
}

/** What the search came to, whichever it was. */
export const isEnd = (
  made: FenceTestMade,
): made is Extract<FenceTestMade, { by: 'found' | 'broken' }> =>
  made.by === 'found' || made.by === 'broken';

/** As the search reckons with them; a test in a bay that is no longer on the line says nothing. */
export function evidenceOf(path: LinePath, tests: readonly FenceTest[]): LeakEvidence[] {
  return tests.flatMap(({ made }) => {
    const told = evidenceFrom(path, made);
    return told ? [told] : [];
  });
}

function evidenceFrom(path: LinePath, made: FenceTestMade): LeakEvidence | undefined {
  if (isEnd(made)) return undefined;
  const at = indexOnLine(path, made.by === 'open' ? made.before : made.bay);
  if (at < 0) return undefined;
  if (made.by === 'clear') return { clear: at };
  return {
    test: made.by === 'read' ? { kind: 'read', at } : { kind: 'open', into: at },
    volts: made.volts,
  };
}
