/** A whole zone as a spot: its outer walls, and how large its ground is. */
import { groundLineOf } from '../place/ground-line';
import type { SpotKind } from '../place/spot';
import { closeOutline } from '../place/outline';
import { outside, type Bay, type Place, type Zone } from '../place/place';
import type { WeakZone } from './weak-spot';

/** A zone as a weak spot of its own, with those walls that a mend of this kind suits. */
export function wideZone(place: Place, zone: Zone, kind: SpotKind): WeakZone {
  return weakZone(
    zone,
    wallsOf(place, zone).filter((bay) => suits(kind, bay)),
  );
}

/** A roof ends every free top edge; a floor joins every wall that stands on the ground. */
export function suits(kind: SpotKind, bay: Bay): boolean {
  return kind === 'top' ? bay.top.kind !== 'roof' : groundLineOf(bay, 'worst') !== undefined;
}

/** Its outer walls that something covers. */
export function wallsOf(place: Place, zone: Zone): Bay[] {
  return place.faces
    .filter(
      ({ kind, between }) =>
        kind === 'wall' && between.includes(zone.id) && between.includes(outside),
    )
    .flatMap(({ bays }) => bays)
    .filter(({ bands }) => bands.length > 0);
}

/** A zone with these walls, and how far it spans, mm. */
export function weakZone(zone: Zone, walls: readonly Bay[]): WeakZone {
  const { points } = closeOutline(zone.outline);
  const span = (of: 'x' | 'y'): number =>
    Math.max(...points.map((it) => it[of])) - Math.min(...points.map((it) => it[of]));
  return { id: zone.id, name: zone.name, walls, width: span('x'), depth: span('y') };
}
