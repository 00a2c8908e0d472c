/** What falls due today and later at a place. */
import { useMemo } from 'react';
import { dueOf, isDueNow, type Due } from '@/core/rounds/due';
import type { Yard } from '@/store/records';
import { useToday } from '@/store/use-today';
import { useJudgement } from '@/store/use-yard';

export interface DueAt {
  readonly now: readonly Due[];
  readonly later: readonly Due[];
  readonly today: string;
}

export function useDue(yard: Yard): DueAt {
  const today = useToday();
  const { found } = useJudgement(yard);
  const { walks, mends, sightings: log } = yard;
  return useMemo(() => {
    const all = dueOf({ found, walks, mends, log, today });
    return {
      now: all.filter((it) => isDueNow(it, today)),
      later: all.filter((it) => !isDueNow(it, today)),
      today,
    };
  }, [found, walks, mends, log, today]);
}
