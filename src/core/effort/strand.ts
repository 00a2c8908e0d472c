/** Strands: the share of an animal's tries at this bay that they turn back. */
import { yesNo, type LineAt } from '../place/bay';
import { isFixed } from '../place/opening-cover';
import { isThere } from '../place/strand-there';
import type { Bay, Opening, Strand } from '../place/place';
import type { Figure } from '../tables/figure';
import { bounds, members, type PossibleAmount } from '../place/possible';
import type { Animal } from '../tables/animals';
import type { Attack } from '../tables/attacks';
import {
  leaptWithWall,
  isBuried,
  leftWhenTouching,
  mostTurnedBack,
  touching,
  wireTolerance,
  type WireSet,
} from '../tables/shocking';
import { limitsOf, type AmountId } from '../attributes';
import { choiceAt, lengthAt, type Bound } from './bound';
import type { StrandEffect } from './reason';
import type { Line } from './when';

/**
 * Everything on foot begins in front of the line: what works the latch, lifts the frame or climbs to the roof has crossed it.
 * Flight passes over it.
 */
const onFoot: readonly Attack[] = ['pass', 'reach', 'tear', 'dig', 'climb', 'open', 'lift', 'wait'];

/**
 * Whether the bay's strands turn tries by this attack back. Never flight; a leap only where the line stands so far off that it
 * is crossed before. `opening`: the one that is gone through, which the line may leave out.
 */
export function isCovered(
  attack: Attack,
  bay: Pick<Bay, 'strands'>,
  bound: Bound,
  opening?: Opening,
): boolean {
  if (opening && !isCrossed(opening, bound)) return false;
  if (attack === 'jump') {
    return bay.strands
      .filter(isThere)
      .some((strand) => offWall(strand, bound) > leaptWithWall.value);
  }
  return isOnFoot(attack);
}

/** Whether an attack begins in front of the line. */
export const isOnFoot = (attack: Attack): boolean => onFoot.includes(attack);

/**
 * A line runs past what stands fast in a wall as past the wall; at a door it may end, so that one is to be read. A lead under or over a
 * door covers nothing, and a handle does while it is hooked: nobody having found it off, it is taken for hooked.
 */
function isCrossed(opening: Opening, bound: Bound): boolean {
  const { crossed, lineBy, hooked } = opening;
  if (crossed === undefined && isFixed(opening)) return true;
  if (lineBy !== undefined && lineBy !== 'handle') return false;
  const isOff = hooked !== undefined && choiceAt(hooked, 'opening.hooked', yesNo, bound) === 'no';
  const runsOn = lineBy === 'handle' && (crossed === undefined || 'any' in crossed);
  return !isOff && (runsOn || choiceAt(crossed, 'opening.crossed', yesNo, bound) === 'yes');
}

function offWall({ standOff }: Strand, bound: Bound): number {
  const [low, high] = bounds(standOff, limitsOf('strand.standOff'));
  return bound === 'best' ? high : low;
}

/**
 * `share in the table × prescribed wires met ÷ prescribed × volts ÷ volts needed × contact × hours on`, at most 0.98 (contact 1 on a line that is described), for the
 * set of wires that gives most. `undefined` where no strand crosses the bay or none is trusted against this animal.
 */
export function strandEffect(
  bay: LineAt,
  animal: Animal,
  bound: Bound,
  line: Line | undefined,
): StrandEffect | undefined {
  const { shocked } = animal;
  const strands = bay.strands.filter(isThere);
  if (!shocked || !line || strands.length === 0) return undefined;
  const { reaching } = bay;
  const volts = lengthAt(reaching ?? line.volts, 'fence.volts', bound);
  const live = Math.min(1, volts / shocked.volts.value) * line.hoursOn;
  const touched = strands.map((strand) =>
    choiceAt(strand.touching, 'strand.touching', touching, bound),
  );
  // The line is one: what touches it anywhere here takes from all of it.
  const contact = touched.reduce((worst, it) =>
    leftWhenTouching[it] < leftWhenTouching[worst] ? it : worst,
  );
  // Of a described line it has been taken already, from every bay.
  const left = reaching ? 1 : leftWhenTouching[contact];
  const clear = strands.filter((strand) => !isBuriedAt(strand, bound));
  const [first, ...rest] = shocked.sets.map((set) => {
    const met = wiresMet(clear, set, bound);
    const of = set.heights.length;
    return { met, of, worth: (met / of) * (set.worth?.value ?? 1) };
  });
  if (!first) return undefined;
  const { met, of, worth } = rest.reduce((most, it) => (it.worth > most.worth ? it : most), first);
  const share = shocked.share.value * worth * live * left;
  return { share: Math.min(mostTurnedBack, share), met, of, volts, touching: contact };
}

/**
 * Snow takes less from the rest of the line than mesh does, and buries the wire itself: whether it is buried is asked apart from what it
 * leaks.
 */
function isBuriedAt({ touching: possible }: Strand, bound: Bound): boolean {
  const all = members(possible, touching);
  return bound === 'best' ? all.every(isBuried) : all.some(isBuried);
}

/** How many of a set's heights have a wire of their own: one wire never stands for two. */
function wiresMet(strands: readonly Strand[], set: WireSet, bound: Bound): number {
  const wireAt = new Map<Strand, Figure>();
  /** Finds a wire for this height, moving others to another one of theirs where that makes room (augmenting paths). */
  const place = (height: Figure, tried: Set<Strand>): boolean =>
    strands.some((strand) => {
      if (tried.has(strand) || !meets(strand, height.value, set.standOff?.value, bound))
        return false;
      tried.add(strand);
      const taken = wireAt.get(strand);
      if (taken && !place(taken, tried)) return false;
      wireAt.set(strand, height);
      return true;
    });
  return set.heights.filter((height) => place(height, new Set())).length;
}

function meets(
  strand: Strand,
  height: number,
  standOff: number | undefined,
  bound: Bound,
): boolean {
  return (
    isNear(strand.height, 'strand.height', height, bound) &&
    (standOff === undefined || isNear(strand.standOff, 'strand.standOff', standOff, bound))
  );
}

/** Neither higher nor lower is better: at best some possible value is near enough, at worst all are. */
function isNear(
  possible: PossibleAmount,
  attribute: AmountId,
  wanted: number,
  bound: Bound,
): boolean {
  const [low, high] = bounds(possible, limitsOf(attribute));
  const [least, most] = [wanted - wireTolerance.value, wanted + wireTolerance.value];
  return bound === 'best' ? low <= most && high >= least : low >= least && high <= most;
}
