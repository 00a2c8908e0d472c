/** Open: does this animal work the latches? */
import { members } from '../place/possible';
import type { FittedLatch, Opening } from '../place/place';
import { movesOf } from '../place/opening-moves';
import type { Animal } from '../tables/animals';
import {
  catching,
  latches,
  latchIds,
  slideForce,
  swingForce,
  type LatchId,
} from '../tables/latches';
import type { Motion } from '../tables/motions';
import type { Bound } from './bound';
import type { LatchReason, LatchVerdict, PartEffort } from './reason';
import { isUnfastened, shutsItself } from './doors';
import { compareLevels, minutesOf, type EffortLevel } from './effort-level';
import type { Doors } from './when';

/**
 * One motion is worked in minutes by clever paws. Two different motions take the whole night (common practice says that they
 * stop them; each alone is worked, so not for ever). Two latches with the same motion are learned one after the other: more
 * effort, never "two different motions".
 */
const levelOfVerdict: Readonly<Record<LatchVerdict, EffortLevel>> = {
  'unlatched-dropped': 'open',
  'unlatched-pushed': 'open',
  'unlatched-nosed': 'hour',
  'unlatched-left-alone': 'holds',
  'unlatched-moved': 'minutes',
  'motion-unknown': 'holds',
  'too-stiff': 'holds',
  'two-different-motions': 'night',
  'one-motion': 'minutes',
  'same-motion-twice': 'hour',
  forced: 'minutes',
};

/** How a door moves decides what it asks of whoever opens it with no latch on. */
function ownMotion(door: Door): LatchMotionAsked | undefined {
  const isHeld = isDrawn(door);
  const force = (isHeld ? slideForce.held : slideForce.free).value;
  switch (movesOf(door)) {
    case 'swings':
      return undefined;
    case 'slides-sideways':
      return { motion: 'slide', force };
    // Held up by its cord alone, and pulled down; without, it hangs open.
    case 'drops-open':
      return isHeld ? { motion: 'pull', force } : undefined;
    case 'slides-up':
    case 'lifts-off':
      return { motion: 'lift', force };
  }
}

/** By a cord made fast or a motor, which hold what they have drawn. */
const isDrawn = ({ shutBy }: Door): boolean => shutBy === 'light' || shutBy === 'cord';

interface LatchMotionAsked {
  readonly motion: Motion;
  readonly force: number;
}

/**
 * Effort of opening; among the latches that may be fitted the kindest or the unkindest set, as `bound` says. One that fell shut by itself in a
 * forgotten round is held by what catches by itself.
 */
export function openEffort(
  opening: Opening,
  animal: Animal,
  bound: Bound,
  doors: Doors = 'as-habit',
): PartEffort {
  const unlatched = levelOfVerdict[latchReason([], animal, opening).verdict];
  const isOff = isUnfastened(opening, doors)
    ? (id: LatchId) => !catching.includes(id)
    : () => false;
  const judged = combinations(opening.latches).map((fitted) => {
    const off = fitted.filter(isOff);
    const on = off.length > 0 ? fitted.filter((id) => !isOff(id)) : fitted;
    const reason = latchReason(on, animal, opening);
    return off.length > 0 ? { ...reason, unfastened: off } : reason;
  });
  const [first, ...rest] = judged.map((reason) => ({
    reason,
    // A latch is never worse than none: whoever draws the bolt has the slide still to lift.
    level: harder(levelOfVerdict[reason.verdict], unlatched),
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

const harder = (a: EffortLevel, b: EffortLevel): EffortLevel => (compareLevels(a, b) > 0 ? a : b);

type Door = Pick<Opening, 'moves' | 'kind' | 'shutBy' | 'letGo'>;
const swingingDoor: Door = { kind: 'door', shutBy: 'hand' };

/** What these latches together come to against one animal: the verdict, with the motions they ask for. */
export function latchReason(
  fitted: readonly LatchId[],
  animal: Animal,
  door: Door = swingingDoor,
): LatchReason {
  const own = fitted.length === 0 ? ownMotion(door) : undefined;
  const asked = own
    ? [own]
    : fitted
        .flatMap((id) => latches[id].motions)
        .map(({ motion, force }) => ({ motion, force: force.value }));
  const motions = [...new Set(asked.map(({ motion }) => motion))];
  const { dexterity } = animal;
  const verdict = (): LatchVerdict => {
    if (isForced(fitted, animal)) return 'forced';
    if (asked.length === 0) return withNoLatch(animal, door);
    if (motions.some((motion) => !dexterity.motions.includes(motion))) {
      // What is strong enough needs no paws to shove a slide up.
      if (own && dexterity.pushes && dexterity.force.value >= 10 * own.force)
        return 'unlatched-moved';
      return own ? 'unlatched-left-alone' : 'motion-unknown';
    }
    if (asked.some(({ force }) => force > dexterity.force.value)) return 'too-stiff';
    if (own) return 'unlatched-moved';
    if (motions.length > 1) return 'two-different-motions';
    return fitted.length > 1 ? 'same-motion-twice' : 'one-motion';
  };
  return { kind: 'latches', latches: fitted, motions, verdict: verdict() };
}

/**
 * A door on hinges that nothing holds drops open if it is of that kind. Otherwise it is pushed open by whoever leans on doors, and nosed or
 * clawed open in time by what is strong enough (assumption of ours).
 */
function withNoLatch({ dexterity, flies }: Animal, door: Door): LatchVerdict {
  if (movesOf(door) === 'drops-open') return 'unlatched-dropped';
  if (dexterity.pushes) return 'unlatched-pushed';
  const isHeld = door.kind === 'nest-lid' || shutsItself(door);
  const moves = dexterity.force.value >= (isHeld ? swingForce.held : swingForce.free).value;
  return moves && !flies ? 'unlatched-nosed' : 'unlatched-left-alone';
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
