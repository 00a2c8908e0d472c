/** Open: does this animal work the latches? */
import { members } from '../place/possible';
import type { FittedLatch, Opening } from '../place/place';
import type { Animal } from '../tables/animals';
import { latches, latchIds, type LatchId } from '../tables/latches';
import type { Bound } from './bound';
import type { LatchReason, LatchVerdict, PartEffort } from './reason';
import { compareLevels, minutesOf, type EffortLevel } from './effort-level';

/**
 * One motion is worked in minutes by clever paws. Two different motions stop them (common practice). Two latches
 * with the same motion are learned one after the other: more effort, never "two different motions".
 */
const levelOfVerdict: Readonly<Record<LatchVerdict, EffortLevel>> = {
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
    level: levelOfVerdict[reason.verdict],
  }));
  if (!first) throw new Error(`no latches to judge on ${opening.id}`);
  const better = (a: EffortLevel, b: EffortLevel): boolean =>
    bound === 'best' ? compareLevels(a, b) > 0 : compareLevels(a, b) < 0;
  const { reason, level } = rest.reduce(
    (kept, it) => (better(it.level, kept.level) ? it : kept),
    first,
  );
  return {
    animal: animal.id,
    item: opening.latches[0]?.id ?? opening.id,
    ...(opening.latches.length > 0 && { attribute: 'latch.kind' as const }),
    attack: 'open',
    level,
    minutes: minutesOf(level),
    reason,
  };
}

/** What these latches together come to against one animal: the verdict, with the motions they ask for. */
export function latchReason(fitted: readonly LatchId[], animal: Animal): LatchReason {
  const asked = fitted.flatMap((id) => latches[id].motions);
  const motions = [...new Set(asked.map(({ motion }) => motion))];
  const { dexterity } = animal;
  const verdict = (): LatchVerdict => {
    if (isForced(fitted, animal)) return 'forced';
    if (fitted.length === 0) return dexterity.pushes ? 'unlatched-pushed' : 'unlatched-left-alone';
    if (motions.some((motion) => !dexterity.motions.includes(motion))) return 'motion-unknown';
    if (asked.some(({ force }) => force.value > dexterity.force.value)) return 'too-stiff';
    if (motions.length > 1) return 'two-different-motions';
    return fitted.length > 1 ? 'same-motion-twice' : 'one-motion';
  };
  return { kind: 'latches', latches: fitted, motions, verdict: verdict() };
}

/** What rams and heaves tears a latch off, motions or no; each latch on the door has to go. */
function isForced(fitted: readonly LatchId[], { dexterity }: Animal): boolean {
  return (
    fitted.length > 0 && fitted.every((id) => dexterity.force.value > latches[id].givesWayAt.value)
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
