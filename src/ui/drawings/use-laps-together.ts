/** Laps that slide and are drawn larger together, so that two states of a place show the same bays. */
import { useMemo, useRef, useState } from 'react';
import type { BayId } from '@/core/place/place';

/** px from the lap's beginning. */
type Move = (x: number) => void;

export interface LapsTogether {
  readonly zoom: number;
  readonly onZoom: (zoom: number) => void;
  /** The bay all of them open at. */
  readonly target: BayId | undefined;
  /** Has `move` called wherever another lap slides to; the call that comes back ends that. */
  readonly follow: (move: Move) => () => void;
  /** The lap that follows by `move` has slid to there. */
  readonly slid: (x: number, move: Move) => void;
}

export function useLapsTogether(usualZoom: number, target: BayId | undefined): LapsTogether {
  const [zoom, onZoom] = useState(usualZoom);
  const at = useRef<number>(undefined);
  const [laps] = useState(() => new Set<Move>());
  return useMemo(
    () => ({
      zoom,
      onZoom,
      target,
      follow: (move) => {
        laps.add(move);
        return () => void laps.delete(move);
      },
      slid: (x, own) => {
        // A lap that was moved says so too.
        if (at.current !== undefined && Math.abs(at.current - x) < 1) return;
        at.current = x;
        for (const move of laps) if (move !== own) move(x);
      },
    }),
    [zoom, target, laps],
  );
}
