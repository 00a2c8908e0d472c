/** Tonight: every way the round may go, each judged and weighed by its chance. */
import { roundOn, type RoundCase, type RoundChance } from '../nights/round-cases';
import { withLeftOpen } from '../nights/left-open';
import { judgeFound, type Judgement } from './judge';
import type { Judgements } from './judge-all';
import type { Range } from './judge-animal';

/** Hold of tonight, with anything left open so often. */
export interface Tonight {
  readonly hold: Range;
  readonly missedRound: number;
}

/** A night on which just these doors are left open. */
export interface NightCase {
  readonly judgement: Judgement;
  readonly share: number;
}

/** Tonight: what was said of it counts, then who is there to shut up. Without a day, as nights go here. */
export function tonight(judgements: Judgements): Tonight {
  const { known } = judgements['night-shut'];
  const { found, log, date } = known;
  const round = date === undefined ? known.round : roundOn(found.place, log, date);
  return tonightBy(judgements, round);
}

/** The same with the round going as it is said to. */
export function tonightBy(judgements: Judgements, round: RoundChance): Tonight {
  const cases = nightCases(judgements, round);
  return {
    missedRound: round.missed,
    hold: { best: blended(cases, 'best'), worst: blended(cases, 'worst') },
  };
}

/** Every way a night may go, with its judgement. */
export function nightCases(
  judgements: Pick<Judgements, 'night-shut' | 'left-open'>,
  round: RoundChance,
): NightCase[] {
  const { 'night-shut': shut, 'left-open': leftOpen } = judgements;
  return round.cases.map((it) => ({
    share: it.chance,
    judgement: it.open.size === 0 ? shut : judgedOpen(leftOpen, it),
  }));
}

/** Nights on which anything is left open, each with its share of all nights. */
export function nightsLeftOpen(leftOpen: Judgement): NightCase[] {
  return leftOpen.round.cases
    .filter(({ open }) => open.size > 0)
    .map((it) => ({ share: it.chance, judgement: judgedOpen(leftOpen, it) }));
}

/** `leftOpen` itself, where the whole round is forgotten. */
function judgedOpen(leftOpen: Judgement, left: RoundCase): Judgement {
  const { known } = leftOpen;
  const place = withLeftOpen(known.found.place, left);
  if (place.faces.every((face, index) => face === known.found.place.faces[index])) return leftOpen;
  return judgeFound({ ...known, found: { ...known.found, place } }, 'left-open');
}

/** All weigh the same threats, so that holds may be averaged. */
function blended(cases: readonly NightCase[], end: keyof Range): number | null {
  let sum = 0;
  for (const { judgement, share } of cases) {
    const hold = judgement.hold[end];
    if (hold === null) return null;
    sum += share * hold;
  }
  return sum;
}
