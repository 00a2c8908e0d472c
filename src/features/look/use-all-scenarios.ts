/** All four scenarios of a day, judged in turns after the one on screen has been drawn. */
import { useEffect, useState } from 'react';
import { judgingAll, type Judgements } from '@/core/score/judge-all';
import { inTurns } from '@/store/in-turns';
import type { Yard } from '@/store/records';

/** `undefined` until all of this yard, on this day, are judged: what was judged before a change is never shown after it. */
export function useAllScenarios(yard: Yard, day: string): Judgements | undefined {
  const [judged, setJudged] = useState<{
    readonly yard: Yard;
    readonly day: string;
    readonly all: Judgements;
  }>();
  useEffect(() => {
    const { place, walks, sightings } = yard;
    let stale = false;
    const work = async () => {
      // The scenario on screen is painted first.
      await new Promise((resolve) => setTimeout(resolve, afterPaint));
      if (stale) return;
      const all = await inTurns(judgingAll(place, walks, { log: sightings, date: day }));
      if (!stale) setJudged({ yard, day, all });
    };
    void work();
    return () => {
      stale = true;
    };
  }, [yard, day]);
  return judged?.yard === yard && judged.day === day ? judged.all : undefined;
}

/** ms */
const afterPaint = 150;
