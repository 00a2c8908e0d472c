/**
 * One place that was kept on two phones, as one again. Whatever was written on either is in it; what was taken away on either is not. Joining
 * is commutative, associative and idempotent (a join semilattice: Shapiro et al. 2011; published, recalled from memory), so that it does not
 * matter whose file is opened where, nor how often.
 */
import type { PlaceRecords } from '../formats/place-file';
import type { PlacePart } from '../place/versions';
import { canonical } from './canonical';
import { joinPlaces, type Side } from './join-places';
import {
  goneBy,
  joinedGone,
  joinedMend,
  joinedRecords,
  joinedShop,
  joinedWalk,
  laterWritten,
  standingMend,
  standingShop,
  standingWalk,
} from './join-records';

/** What came with the other file: how many of each are new here or say something else than they did. */
export interface Came {
  readonly walks: number;
  readonly readings: number;
  readonly mends: number;
  /** Of the log: sightings, losses, evenings, tests on the line and the rest. */
  readonly entries: number;
  readonly purchases: number;
  /** Prices, offcuts and lines ticked. */
  readonly prices: number;
  /** Records that are here and go, having been taken away there. */
  readonly gone: number;
  /** Parts of the place that become as they are there. */
  readonly parts: readonly PlacePart[];
}

/** Two states joined. `clashes`: parts changed on both phones, for the keeper to choose. */
export interface Joined {
  readonly records: PlaceRecords;
  readonly came: Came;
  readonly clashes: readonly PlacePart[];
}

/** Joins two states of one place. Throws where they are of two. */
export function join(
  here: PlaceRecords,
  there: PlaceRecords,
  choice: Partial<Readonly<Record<PlacePart, Side>>> = {},
): Joined {
  if (here.place.id !== there.place.id) throw new Error('two places cannot be joined');
  const { place, clashes, taken } = joinPlaces(here.place, there.place, choice);
  const gone = joinedGone(here.gone ?? [], there.gone ?? []);
  const isGone = goneBy(gone);
  const shop =
    here.shop && there.shop ? joinedShop(here.shop, there.shop) : (here.shop ?? there.shop);
  const records: PlaceRecords = {
    place,
    walks: joinedRecords(here.walks, there.walks, joinedWalk)
      .filter(({ id }) => !isGone('walk', id))
      .map((walk) => standingWalk(walk, isGone)),
    mends: joinedRecords(here.mends, there.mends, joinedMend)
      .filter(({ id }) => !isGone('mend', id))
      .map((mend) => standingMend(mend, isGone)),
    sightings: joinedRecords(here.sightings, there.sightings, laterWritten).filter(
      ({ id }) => !isGone('entry', id),
    ),
    ...(shop && { shop: standingShop(shop, isGone) }),
    ...(gone.length > 0 && { gone }),
  };
  return { records, came: whatCame(here, records, taken), clashes };
}

function whatCame(here: PlaceRecords, joined: PlaceRecords, parts: readonly PlacePart[]): Came {
  const readings = (walks: PlaceRecords['walks']) => walks.flatMap((it) => it.readings);
  const walks = others(here.walks, joined.walks);
  return {
    walks: newOf(here.walks, joined.walks).length,
    readings: newOf(readings(here.walks), readings(walks)).length,
    mends: others(here.mends, joined.mends).length,
    entries: others(here.sightings, joined.sightings).length,
    purchases: newOf(here.shop?.purchases ?? [], joined.shop?.purchases ?? []).length,
    prices:
      others(here.shop?.prices ?? [], joined.shop?.prices ?? []).length +
      others(here.shop?.offcuts ?? [], joined.shop?.offcuts ?? []).length +
      (joined.shop?.ticked ?? []).filter((it) => !here.shop?.ticked.includes(it)).length,
    gone:
      newOf(joined.walks, here.walks).length +
      newOf(joined.mends, here.mends).length +
      newOf(joined.sightings, here.sightings).length,
    parts,
  };
}

/** Those that were not there before. */
function newOf<T extends { readonly id: string }>(before: readonly T[], now: readonly T[]): T[] {
  const known = new Set(before.map(({ id }) => id));
  return now.filter(({ id }) => !known.has(id));
}

/** Those that were not there before, or said something else. */
export function others<T extends { readonly id: string }>(
  before: readonly T[],
  now: readonly T[],
): T[] {
  const known = new Map(before.map((it) => [it.id, it]));
  return now.filter((it) => {
    const old = known.get(it.id);
    return old !== it && (old === undefined || canonical(old) !== canonical(it));
  });
}
