/** Open: does this animal work the latches? */
import { members } from '../place/possible';
import type { FittedLatch, Opening } from '../place/place';
import type { Animal } from '../tables/animals';
import { latches, latchIds, type LatchId } from '../tables/latches';
import type { Bound } from './bound';
import type { LatchReason, LatchVerdict, PartEffort } from './reason';
import { compareRungs, minutesOf, type Rung } from './rung';

/**
 * One motion is worked in minutes by clever paws. Two different motions stop them (common practice). Two latches
 * with the same motion are learned one after the other: more effort, never "two different motions".
 */
const rungOfVerdict: Readonly<Record<LatchVerdict, Rung>> = {
  'unlatched-pushed': 'open',
  'unlatched-left-alone': 'holds',
  'motion-unknown': 'holds',
  'too-stiff': 'holds',
  'two-different-motions': 'holds',
  'one-motion': 'minutes',
  'same-motion-twice': 'hour',
  forced: 'minutes',
};

/** Effort of opening; among the latches that may be fitted the kindest or the unkindest set, as `bound` says. */
export function openEffort(opening: Opening, animal: Animal, bound: Bound): PartEffort {
  const judged = combinations(opening.latches).map((fitted) => latchReason(fitted, animal));
  const [first, ...rest] = judged.map((reason) => ({
    reason,
    rung: rungOfVerdict[reason.verdict],
  }));
  if (!first) throw new Error(`no latches to judge on ${opening.id}`);
  const better = (a: Rung, b: Rung): boolean =>
    bound === 'best' ? compareRungs(a, b) > 0 : compareRungs(a, b) < 0;
  const { reason, rung } = rest.reduce(
    (kept, it) => (better(it.rung, kept.rung) ? it : kept),
    first,
  );
  return {
    animal: animal.id,
    item: opening.latches[0]?.id ?? opening.id,
    ...(opening.latches.length > 0 && { attribute: 'latch.kind' as const }),
    attack: 'open',
    rung,
    minutes: minutesOf(rung),
    reason,
  };
}

export function latchReason(fitted: readonly LatchId[], animal: Animal): LatchReason {
  const asked = fitted.flatMap((id) => latches[id].motions);
  const motions = [...new Set(asked.map(({ motion }) => motion))];
  const { hands } = animal;
  const verdict = (): LatchVerdict => {
    if (isForced(fitted, animal)) return 'forced';
    if (fitted.length === 0) return hands.pushes ? 'unlatched-pushed' : 'unlatched-left-alone';
    if (motions.some((motion) => !hands.motions.includes(motion))) return 'motion-unknown';
    if (asked.some(({ force }) => force.value > hands.force.value)) return 'too-stiff';
    if (motions.length > 1) return 'two-different-motions';
    return fitted.length > 1 ? 'same-motion-twice' : 'one-motion';
  };
  return { kind: 'latches', latches: fitted, motions, verdict: verdict() };
}

/** What rams and heaves tears a latch off, motions or no; each latch on the door has to go. */
function isForced(fitted: readonly LatchId[], { hands }: Animal): boolean {
  return (
    fitted.length > 0 && fitted.every((id) => hands.force.value > latches[id].givesWayAt.value)
  );
}

/** Every set of latches that may be on the door, given what is known of each. */
function combinations(fitted: readonly FittedLatch[]): LatchId[][] {
  const kinds = [...latchIds, 'none'] as const;
  return fitted.reduce<LatchId[][]>(
    (sets, latch) =>
      members(latch.kind, kinds).flatMap((kind) =>
        sets.map((set) => (kind === 'none' ? set : [...set, kind])),
      ),
    [[]],
  );
}
