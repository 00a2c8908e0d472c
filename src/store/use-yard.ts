/** The open place, for screens. */
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import type { Judgement } from '@/core/score/judge';
import { localDay } from './local-day';
import { yardKey } from './show-yard';
import { firstDemo } from './demos';
import { loadDrafts } from './drafts';
import { judgeInTurns, judgementOf, type Looked } from './judged';
import { isFirstVisit } from './keep-place';
import { hearOtherTabs } from './other-tabs';
import { useToday } from './use-today';
import { loadYard, type Yard } from './records';

/** The open place; on a first visit the demo, where the server has one. `null`: none yet. */
export function useYard() {
  const client = useQueryClient();
  useEffect(
    () => hearOtherTabs(() => void client.invalidateQueries({ queryKey: yardKey })),
    [client],
  );
  return useQuery({
    queryKey: yardKey,
    queryFn: async () => {
      const [yard] = await Promise.all([openYard(), loadDrafts()]);
      // Judged in turns before any screen asks for it.
      if (yard) await judgeInTurns(yard, { scenario: 'night-shut', day: localDay(new Date()) });
      return yard;
    },
    staleTime: Infinity,
    retry: false,
    networkMode: 'always',
  });
}

async function openYard(): Promise<Yard | null> {
  const yard = await loadYard();
  if (yard || !(await isFirstVisit())) return yard;
  return (await firstDemo()) ?? null;
}

/** The judgement of a place: of a shut night today, unless something else is asked for; the same until a reading, the place itself or what is looked at changes. */
export function useJudgement(yard: Yard, look?: Looked): Judgement {
  const { place, walks, sightings } = yard;
  const today = useToday();
  const { scenario, day } = look ?? { scenario: 'night-shut', day: today };
  return useMemo(
    () => judgementOf({ place, walks, sightings }, { scenario, day }),
    [place, walks, sightings, scenario, day],
  );
}
