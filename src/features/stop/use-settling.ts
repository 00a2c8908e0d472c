/** Which readings could still change the answer today, and which a walk that settles it would take; nothing until it is worked out. */
import { useMemo } from 'react';
import type { Yard } from '@/store/records';
import { useToday } from '@/store/use-today';
import { useAskedOf } from '@/workers/use-asked';
import { useReckoning } from '@/workers/use-reckoning';

export interface Settled {
  readonly folded: ReadonlySet<string>;
  /** In walking order. */
  readonly asks: readonly string[];
}

export function useSettling({ place, walks, sightings }: Yard): Settled | undefined {
  const date = useToday();
  const it = useReckoning(
    useAskedOf('settle', { place, walks, log: sightings, scenario: 'night-shut', date }),
  );
  const answer = it.state === 'done' ? it.answer : undefined;
  return useMemo(() => answer && { folded: new Set(answer.folded), asks: answer.asks }, [answer]);
}
