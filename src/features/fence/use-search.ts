/** A search for a leak as it stands: what is on record, how likely each bay is, and the step to make next. */
import { useMemo } from 'react';
import {
  likelyBays,
  nextStep,
  type NextStep,
  type LeakTestResult,
  type LeakEvidence,
} from '@/core/fence/find-leak';
import { leakSearch, type LeakSearch, type LeakTest } from '@/core/fence/leak-search';
import { fedSide } from '@/core/fence/fed-side';
import { readingsOfLeak } from '@/core/fence/next-test';
import { searchOnRecord, evidenceOf, type SearchOnRecord } from '@/core/walk/search-on-record';
import type { LogEntry } from '@/core/records/sighting';
import { useNow } from '@/store/use-now';
import type { FenceAt } from './use-fence';

export interface SearchAt {
  readonly search: LeakSearch;
  readonly record: SearchOnRecord | undefined;
  /** By bay, in the order of the line. */
  readonly likely: readonly number[];
  readonly step: NextStep;
}

/** `practised`: tests of a practice, instead of those on record. `anew`: id of a search begun since, before which nothing counts. */
export function useSearch(
  { view, fence }: FenceAt,
  log: readonly LogEntry[],
  practised: readonly LeakTestResult[] | undefined,
  anew: string | undefined,
): SearchAt | undefined {
  const { path, source, lineCase } = view;
  const search = useMemo(
    () => source && leakSearch(path, fence.line, source, lineCase),
    [path, fence.line, source, lineCase],
  );
  const now = useNow();
  const record = useMemo(() => {
    const last = searchOnRecord(log, now.getTime());
    return anew === undefined || last?.id === anew ? last : undefined;
  }, [log, now, anew]);
  return useMemo(() => {
    if (!search) return undefined;
    const told: readonly LeakEvidence[] = practised ?? [
      ...readingsOfLeak(view, fence),
      ...evidenceOf(path, record?.tests ?? []),
    ];
    const last = told.at(-1);
    const standing = last ? standingFor(last, path.feed) : path.feed;
    return {
      search,
      record,
      likely: likelyBays(search, told),
      step: nextStep(search, told, standing),
    };
  }, [search, record, practised, path, view, fence]);
}

const standingFor = (told: LeakEvidence, feed: number): number =>
  'clear' in told ? told.clear : standingAt(told.test, feed);

/** The bay one stands at for a test. */
export const standingAt = (test: LeakTest, feed: number): number =>
  test.kind === 'read' ? test.at : fedSide(test.into, feed);
