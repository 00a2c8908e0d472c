/** Every mend that might be made: each kind at each weak spot, the keeper's own, and those in hand already. */
import type { Mend } from '../../records/mend';
import type { ItemId, Place } from '../../place/place';
import { findItem } from '../../place/find';
import { isLineSpot } from '../../place/spot';
import type { Amount } from '../catalogue';
import type { Proposal } from '../propose';
import { partialProposalsFor, plannedMend } from '../propose';
import type { WeakSpot } from '../weak-spot';
import { defaultUnitPrices, type UnitPrices } from '../shopping/shop';
import { costOf } from '../shopping/cost';

/** A mend that may be in a plan. */
export interface Candidate {
  /** The same as long as the place is: kind, and where. */
  readonly id: string;
  readonly mend: Mend;
  /** Absent for the keeper's own and for what is in hand. */
  readonly proposal?: Proposal;
  readonly cents: number;
  readonly minutes: number;
  /** What it takes; nothing is told of the keeper's own. */
  readonly takes: readonly Amount[];
  /** Ids of those that cannot be made beside it. */
  readonly excludes: readonly string[];
  /** On the keeper's list already. */
  readonly inHand: boolean;
}

/** Lasting ones; `tonight` lists the others. */
export function candidatesFor(
  place: Place,
  spots: readonly WeakSpot[],
  mends: readonly Mend[],
  unitPrices: UnitPrices = defaultUnitPrices,
): Candidate[] {
  const open = mends.filter(({ state }) => state !== 'held');
  const offered = spots
    .flatMap(partialProposalsFor)
    .filter(({ mend }) => mend.term === 'lasting')
    .map((proposal) => offeredCandidate(place, proposal, open, unitPrices));
  const others = open
    .filter((mend) => !offered.some(({ id }) => id === candidateId(mend)))
    .map(handCandidate);
  return withExclusions([...offered, ...others], spots);
}

/** Stable: the same mend at the same spot has the same id on any day. */
export function candidateId({ kind, spot, id }: Pick<Mend, 'kind' | 'spot' | 'id'>): string {
  return kind === 'own' ? id : `${kind} ${spot.kind} ${spot.item}`;
}

type Alone = Omit<Candidate, 'excludes'>;

/** What is in hand is no longer to be decided; what is bought costs nothing more, what is done no more work. */
function offeredCandidate(
  place: Place,
  proposal: Proposal,
  mends: readonly Mend[],
  unitPrices: UnitPrices,
): Alone {
  const mend = plannedMend(place, proposal, '', '');
  const id = candidateId(mend);
  const own = mends.find((it) => candidateId(it) === id);
  const asPlanned = { mend: own ?? mend, proposal, id };
  const takes = proposal.mend.takes(proposal.weak);
  const cents = costOf(takes, unitPrices);
  const minutes = proposal.mend.time(proposal.weak).value;
  return { ...asPlanned, takes, ...leftOf(own, cents, minutes) };
}

function handCandidate(mend: Mend): Alone {
  const { cents = 0, minutes = 0 } = mend.own ?? {};
  return { id: candidateId(mend), mend, takes: [], ...leftOf(mend, cents, minutes) };
}

function leftOf(
  mend: Mend | undefined,
  cents: number,
  minutes: number,
): Pick<Candidate, 'cents' | 'minutes' | 'inHand'> {
  const isBought = mend?.state === 'bought' || mend?.state === 'done';
  // Open ones are proposed, or were found open again: still to be decided.
  const inHand = mend !== undefined && mend.state !== 'open';
  return {
    cents: isBought ? 0 : cents,
    minutes: mend?.state === 'done' ? 0 : minutes,
    inHand,
  };
}

/** One way of putting right a spot is enough; what is done for a whole zone takes the place of what is done bay by bay. */
function withExclusions(all: readonly Alone[], spots: readonly WeakSpot[]): Candidate[] {
  const walls = new Map(
    spots.flatMap(({ spot, zone }) =>
      zone ? [[`${spot.kind} ${spot.item}`, new Set<ItemId>(zone.walls.map((it) => it.id))]] : [],
    ),
  );
  const isInZone = (a: Mend, b: Mend): boolean =>
    a.spot.kind === b.spot.kind &&
    (walls.get(`${a.spot.kind} ${a.spot.item}`)?.has(b.bay) ?? false);
  const isSame = (a: Mend, b: Mend): boolean =>
    a.spot.kind === b.spot.kind && a.spot.item === b.spot.item;
  // A line is cleared, strung higher and earthed as well; the keeper's own may go beside any other.
  const goTogether = (a: Mend, b: Mend): boolean =>
    isLineSpot(a.spot.kind) || a.kind === 'own' || b.kind === 'own';
  return all.map((one) => ({
    ...one,
    excludes: all
      .filter((other) => other !== one && !goTogether(one.mend, other.mend))
      .filter(
        ({ mend }) =>
          isSame(one.mend, mend) ||
          isInZone(one.mend, mend) ||
          isInZone(mend, one.mend) ||
          isDriven(one.mend, mend) ||
          isDriven(mend, one.mend),
      )
      .map(({ id }) => id),
  }));
}

/** What a hand fastens at night is not unfastened by a drive in the morning. */
const isDriven = (drive: Mend, latch: Mend): boolean =>
  drive.kind === 'light-door' &&
  latch.spot.item === drive.spot.item &&
  latch.targets.some(({ attribute }) => attribute === 'latch.kind');

/** Whether all that it was to change is still in the place. */
export function isStillThere(place: Place, { targets }: Mend): boolean {
  return targets.every(({ item }) => item === place.fence?.id || findItem(place, item));
}
