/** The open place, for screens. */
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { judge, type Judgement } from '@/core/score/judge';
import { yardKey } from './change-yard';
import { openFirstDemo } from './demos';
import { isFirstVisit } from './open-file';
import { hearOtherTabs } from './other-tabs';
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
      const yard = await loadYard();
      if (yard || !(await isFirstVisit()) || !(await openFirstDemo(client))) return yard;
      // Checked and kept a moment ago: no need to read it back.
      return client.getQueryData<Yard>(yardKey) ?? loadYard();
    },
    staleTime: Infinity,
    retry: false,
    networkMode: 'always',
  });
}

/** The judgement of a place; the same until a reading or the place itself changes. */
export function useJudgement({ place, walks, sightings }: Yard): Judgement {
  return useMemo(() => judge(place, walks, { log: sightings }), [place, walks, sightings]);
}
