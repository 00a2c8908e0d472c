/** Tonight: the shut night and the night with the round forgotten, blended by the chance of a missed round. */
import type { Range } from './judge-animal';
import type { Judgements } from './judge-all';

/** Hold of tonight, with the round forgotten so often. */
export interface Tonight {
  readonly hold: Range;
  readonly missedRound: number;
}

/** The blend of a shut night and a forgotten round, by the chance of one. */
export function tonight(judgements: Judgements): Tonight {
  const { 'night-shut': shut, 'left-open': leftOpen } = judgements;
  const { missedRound } = shut;
  return {
    missedRound,
    hold: {
      best: blended(shut.hold.best, leftOpen.hold.best, missedRound),
      worst: blended(shut.hold.worst, leftOpen.hold.worst, missedRound),
    },
  };
}

/** Both ends weigh the same threats, so that holds may be averaged. */
export function blended(
  shut: number | null,
  leftOpen: number | null,
  missed: number,
): number | null {
  return shut === null || leftOpen === null ? null : (1 - missed) * shut + missed * leftOpen;
}
