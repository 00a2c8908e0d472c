/** How something is said of an evening: each saying is a record of its own, kept at once. */
import { useMemo, useState } from 'react';
import { restOf } from '@/core/nights/evening-now';
import { stampAfter } from '@/core/nights/night';
import type { Place } from '@/core/place/place';
import type { Evening } from '@/core/records/evening';
import type { LogEntry } from '@/core/records/sighting';
import type { Yard } from '@/store/records';
import { useChanges } from '@/store/use-changes';
import { useJudgement } from '@/store/use-yard';
import { notSavedWords } from '@/words/not-saved-words';
import type { EveningAt } from './use-evening';

/** The place as found, with its flock as it is written: losses take off it by the night that is asked about. */
export function useRoundPlace(yard: Yard): Place {
  const { place: found } = useJudgement(yard).found;
  const { flock } = yard.place;
  return useMemo(() => ({ ...found, flock }), [found, flock]);
}

export type Saying = Partial<Pick<Evening, 'doors' | 'counts' | 'strand' | 'shutAt'>>;

export interface EveningSaid {
  readonly busy: boolean;
  readonly trouble: string | undefined;
  /** Each saying is a record of its own, kept at once. */
  readonly say: (saying: Saying) => Promise<void>;
  /** All that is still unsaid is as it should be. */
  readonly sayRest: (saying: Saying) => Promise<void>;
}

/** `by`: who shut up, where it is not whoever does as a rule. */
export function useSaying(
  place: Place,
  log: readonly LogEntry[],
  { night, tonight, isMorning: morning }: EveningAt,
  by: string | undefined,
): EveningSaid {
  const { logEntry } = useChanges();
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const isFound = night.date !== tonight || morning;
  const say = async (saying: Saying): Promise<void> => {
    setBusy(true);
    setTrouble(undefined);
    try {
      await logEntry(isFound ? 'found-in-the-morning' : 'shutting-up', {
        what: 'evening',
        date: night.date,
        at: stampAfter(night, new Date()),
        told: isFound ? 'morning' : 'evening',
        ...(by !== undefined && by !== '' && { by }),
        doors: [],
        counts: [],
        ...saying,
      });
    } catch (error) {
      setTrouble(notSavedWords(error));
    } finally {
      setBusy(false);
    }
  };
  return {
    busy,
    trouble,
    say,
    sayRest: (saying) => say({ ...restOf(place, log, night), ...saying }),
  };
}
