/** A whole zone as a spot: the walls that a mend of all of it is joined to, and how large its ground is. */
import { groundLineOf } from '../place/ground-line';
import type { SpotKind } from '../place/spot';
import { closeOutline } from '../place/outline';
import { outside, type Bay, type Face, type Place, type Zone } from '../place/place';
import type { WeakZone } from './weak-spot';

/** A zone as a weak spot of its own, with those walls that a mend of this kind suits. */
export function wideZone(place: Place, zone: Zone, kind: SpotKind): WeakZone {
  return weakZone(zone, wallsFor(place, zone, kind));
}

/** Its covered walls that such a mend is joined to: a roof ends every free top edge, a floor every wall that stands on the ground. */
export function wallsFor(place: Place, zone: Zone, kind: SpotKind): Bay[] {
  return place.faces
    .filter(({ between }) => between.includes(zone.id))
    .flatMap((face) =>
      face.bays.filter((bay) => bay.bands.length > 0 && suits(kind, zone, bay, face)),
    );
}

function suits(kind: SpotKind, zone: Zone, bay: Bay, { kind: face, between }: Face): boolean {
  const isOuter = face === 'wall' && between.includes(outside);
  if (kind === 'top') return isOuter && bay.top.kind !== 'roof';
  // The floor of a house that stands in a run is joined to walls that are no outer ones.
  const isOwn = isOuter || (zone.kind === 'house' && bay.ground?.onFloor === true);
  return isOwn && groundLineOf(bay, 'worst') !== undefined;
}

/** A zone with these walls, and how far it spans, mm. */
export function weakZone(zone: Zone, walls: readonly Bay[]): WeakZone {
  const { points } = closeOutline(zone.outline);
  const span = (of: 'x' | 'y'): number =>
    Math.max(...points.map((it) => it[of])) - Math.min(...points.map((it) => it[of]));
  return { id: zone.id, name: zone.name, walls, width: span('x'), depth: span('y') };
}
