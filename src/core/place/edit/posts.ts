/** Bays cut at posts, joined, and their posts moved. A side keeps its length whatever is done to its bays. */
import type { Bay, BayId, Face, Opening, Place } from '../place';
import type { NewId } from './cover';

/** Closer than this no two posts stand, mm (assumption of ours). */
export const leastBay = 200;

/**
 * Sets a post into a bay, so far from its first one: two bays with the same cover and ground, each opening in the one it
 * stands in. `undefined` where a post would stand in an opening or too close to another.
 */
export function cutBay(place: Place, id: BayId, at: number, newId: NewId): Place | undefined {
  const bay = findIn(place, id);
  if (!bay || at < leastBay || at > bay.width - leastBay) return undefined;
  if (bay.openings.some((it) => it.at < at && at < it.at + it.width)) return undefined;
  const [before, after] = [bay.openings.filter((it) => it.at + it.width <= at), bay.openings];
  const first: Bay = { ...bay, width: at, openings: before };
  const second: Bay = {
    ...copyOf(bay, newId, `${bay.name} b`),
    width: bay.width - at,
    openings: after.filter((it) => it.at >= at).map((it) => ({ ...it, at: it.at - at })),
  };
  return replaced(place, id, [first, second]);
}

/** Takes out the post between a bay and the next on its wall; the first one's cover and ground stand for both. */
export function joinBays(place: Place, id: BayId): Place | undefined {
  const next = nextTo(place, id);
  const bay = findIn(place, id);
  if (!bay || !next) return undefined;
  const moved = next.openings.map((it) => ({ ...it, at: it.at + bay.width }));
  const joined = { ...bay, width: bay.width + next.width, openings: [...bay.openings, ...moved] };
  return replaced(replaced(place, next.id, []), id, [joined]);
}

/** Moves a bay's far post: the next bay on its wall gives or takes the difference. */
export function movePost(place: Place, id: BayId, width: number): Place | undefined {
  const [bay, next] = [findIn(place, id), nextTo(place, id)];
  if (!bay || !next) return undefined;
  const rest = bay.width + next.width - width;
  if (width < leastBay || rest < leastBay) return undefined;
  const resized = replaced(place, id, [resizeBay(bay, width)]);
  return replaced(resized, next.id, [resizeBay(next, rest)]);
}

/** The bay that follows on the same wall. */
export function nextTo(place: Place, id: BayId): Bay | undefined {
  const { bays } = faceWith(place, id) ?? { bays: [] };
  const index = bays.findIndex((bay) => bay.id === id);
  return index < 0 ? undefined : bays[index + 1];
}

/** The bay so wide; openings that would reach out of it are moved and narrowed. */
export function resizeBay(bay: Bay, width: number): Bay {
  const fit = (it: Opening): Opening => {
    const wide = Math.min(it.width, width);
    return { ...it, width: wide, at: Math.min(it.at, width - wide) };
  };
  return { ...bay, width, openings: bay.openings.map(fit) };
}

/** Its cover and ground under ids of their own, without openings; strands run on. */
export function copyOf(bay: Bay, newId: NewId, name: string): Bay {
  // Ids must not be those of the original, or its readings would speak for both.
  return {
    ...bay,
    id: newId('bay'),
    name,
    openings: [],
    bands: bay.bands.map((band) => ({
      ...band,
      id: newId('band'),
      layers: band.layers.map((layer) => ({ ...layer, id: newId('layer') })),
    })),
    strands: bay.strands.map((strand) => ({ ...strand, id: newId('strand') })),
  };
}

function faceWith(place: Place, id: BayId): Face | undefined {
  return place.faces.find(({ bays }) => bays.some((bay) => bay.id === id));
}

function findIn(place: Place, id: BayId): Bay | undefined {
  return faceWith(place, id)?.bays.find((bay) => bay.id === id);
}

function replaced(place: Place, id: BayId, by: readonly Bay[]): Place {
  const face = faceWith(place, id);
  return {
    ...place,
    faces: place.faces.map((it) =>
      it === face ? { ...it, bays: it.bays.flatMap((bay) => (bay.id === id ? by : [bay])) } : it,
    ),
  };
}
