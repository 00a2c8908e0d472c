/** Which readings could still change the answer today, and which a walk that settles it would take. */
import { useMemo, useState } from 'react';
import type { Yard } from '@/store/records';
import { useToday } from '@/store/use-today';
import { useAskedOf } from '@/workers/use-asked';
import { useReckoning } from '@/workers/use-reckoning';

export interface Settled {
  readonly folded: ReadonlySet<string>;
  /** In walking order. */
  readonly asks: readonly string[];
}

export interface Settling {
  /** Nothing until it is worked out. */
  readonly settled: Settled | undefined;
  readonly isWorking: boolean;
}

export function useSettling({ place, walks, sightings }: Yard): Settling {
  const date = useToday();
  const it = useReckoning(
    useAskedOf('settle', { place, walks, log: sightings, scenario: 'night-shut', date }),
  );
  const answer = it.state === 'done' ? it.answer : undefined;
  const settled = useMemo(
    () => answer && { folded: new Set(answer.folded), asks: answer.asks },
    [answer],
  );
  return { settled, isWorking: it.state === 'working' };
}

const none: ReadonlySet<string> = new Set();

/** What was folded before the last reading, as long as it is worked out anew: it is not to be relied on. */
export function useFoldedBefore(settled: Settled | undefined): ReadonlySet<string> {
  const [last, setLast] = useState(settled);
  if (settled && settled !== last) setLast(settled);
  return settled ? none : (last?.folded ?? none);
}
