/** Strands: the share of an animal's tries at this bay that they turn back. */
import type { Bay, Strand } from '../place/place';
import { bounds, type PossibleAmount } from '../place/possible';
import type { Animal } from '../tables/animals';
import type { Attack } from '../tables/attacks';
import {
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

/** Attacks on foot that begin at the bay. Flight and a jump from beyond pass over a strand; latches and doors stand behind none here. */
const covered: readonly Attack[] = ['pass', 'reach', 'tear', 'dig', 'climb'];

/** Whether strands turn tries by this attack back: those on foot, never flight. */
export function isCovered(attack: Attack): boolean {
  return covered.includes(attack);
}

/**
 * `share in the table × prescribed wires met ÷ prescribed × volts ÷ volts needed × contact × hours on`, at most 0.98, for the
 * set of wires that gives most. `undefined` where no strand crosses the bay or none is trusted against this animal.
 */
export function strandEffect(
  bay: Bay,
  animal: Animal,
  bound: Bound,
  line: Line | undefined,
): StrandEffect | undefined {
  const { shocked } = animal;
  const strands = bay.strands.filter(isThere);
  if (!shocked || !line || strands.length === 0) return undefined;
  const volts = lengthAt(line.volts, 'fence.volts', bound);
  const live = Math.min(1, volts / shocked.volts.value) * line.hoursOn;
  // The line is one: what touches it anywhere here takes from all of it.
  const contact = strands
    .map((strand) => choiceAt(strand.touching, 'strand.touching', touching, bound))
    .reduce((worst, it) => (leftWhenTouching[it] < leftWhenTouching[worst] ? it : worst));
  const sets = shocked.sets.map((set) => ({
    met: wiresMet(bay, set, bound),
    of: set.heights.length,
  }));
  const [first, ...rest] = sets;
  if (!first) return undefined;
  const most = rest.reduce((kept, it) => (it.met / it.of > kept.met / kept.of ? it : kept), first);
  const share = shocked.share.value * (most.met / most.of) * live * leftWhenTouching[contact];
  return { share: Math.min(mostTurnedBack, share), ...most, volts, touching: contact };
}

/** A wire at no height is one that a mend has not yet brought. */
function isThere({ height }: Strand): boolean {
  return !('is' in height && height.is === 0);
}

function wiresMet(bay: Bay, set: WireSet, bound: Bound): number {
  return set.heights.filter((height) =>
    bay.strands.some((strand) => meets(strand, height.value, set.standOff?.value, bound)),
  ).length;
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
