/** A walk as stop screens need it: the stop, its rows, what the bay before says, and where to go next. */
import { useMemo } from 'react';
import type { Judgement } from '@/core/score/judge';
import { ageingOf, isDue } from '@/core/rounds/ageing';
import { hangingOn } from '@/core/walk/hanging';
import { likeWalls, wallsAhead, type LikeWall, type WallsAhead } from '@/core/walk/alike-walls';
import { rowsOf, type StopRows } from '@/core/walk/stop-rows';
import { stopsOf, type Stop } from '@/core/walk/stops';
import { useAllScenarios } from '@/features/look/use-all-scenarios';
import { useWalk, type WalkInHand } from '@/features/walk/use-walk';
import type { Yard } from '@/store/records';
import { useFoldedBefore, useSettling } from './use-settling';
import { useToday } from '@/store/use-today';

export interface StopWalk {
  readonly inHand: WalkInHand;
  readonly stops: readonly Stop[];
  readonly stop: Stop;
  readonly index: number;
  readonly rows: StopRows;
  /** Whether it is being worked out what could be folded; and what was before the last reading. */
  readonly isWorking: boolean;
  readonly foldedBefore: ReadonlySet<string>;
  /** Walls read before that this one can be said to be as, and walls ahead that can be said to be as this one. */
  readonly like: readonly LikeWall[];
  readonly ahead: WallsAhead;
}

/** `undefined` where no walk of this place comes by such a stop. */
export function useStopWalk(yard: Yard, judgement: Judgement, id: string): StopWalk | undefined {
  const inHand = useWalk(yard, judgement);
  const today = useToday();
  const all = useAllScenarios(yard, today);
  const { found } = judgement;
  const { place, provenance } = found;
  const { mends } = yard;
  const hangs = useMemo(() => {
    const judged = all ? [all['night-shut'], all['day-run']] : [judgement];
    const due = ageingOf(place, provenance, mends, today).filter((it) => isDue(it, today));
    return hangingOn(place, judged, due);
  }, [all, judgement, place, provenance, mends, today]);
  const { settled, isWorking } = useSettling(yard);
  const foldedBefore = useFoldedBefore(settled);
  return useMemo(() => {
    const { walk } = inHand;
    const known = inHand.stops.some((stop) => stop.id === id);
    // An address of a stop that this walk leaves out still opens: in the whole walk's order.
    const stops = known ? inHand.stops : stopsOf(found, {}, today).stops;
    const index = stops.findIndex((stop) => stop.id === id);
    const stop = stops[index];
    if (!stop) return undefined;
    const rows = rowsOf(stop, walk, hangs, (question) => settled?.folded.has(question.id) === true);
    const like = likeWalls(place, stops, walk, stop);
    const ahead = wallsAhead(place, stops, walk, stop);
    return { inHand, stops, stop, index, rows, isWorking, foldedBefore, like, ahead };
  }, [inHand, id, found, today, place, hangs, settled, isWorking, foldedBefore]);
}
