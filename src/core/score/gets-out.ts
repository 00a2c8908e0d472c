/** Can the birds get out? The flock’s own kinds against each gap of the zone they are in by day. Said beside, never in the hold. */
import { clearOpening, lengthAt } from '../effort/bound';
import { standsOpen } from '../effort/doors';
import { isBareBand, isNotThere } from '../effort/layers';
import { isOutermost } from '../place/find';
import { isWithin } from '../place/year-span';
import type { Bay, Group, Place } from '../place/place';
import { getsOutBy, outOnFoot } from '../tables/escaping';
import { whereabouts } from './scenario';

/** A group of birds, and the widest way out of one bay, mm. */
export interface WayOut {
  readonly group: Group;
  readonly bay: Bay;
  readonly clear: number;
  /** A gate or door that stands open by day. */
  readonly isDoor: boolean;
}

/** Ways out that are sure from what was read, on a day of the year (YYYY-MM-DD); what is unread is no way out yet. */
export function waysOut(found: Place, date?: string): WayOut[] {
  return whereabouts(found, 'day-run', date).flatMap(({ group, zone }) => {
    const { value: least } = getsOutBy[group.kind];
    return found.faces
      .filter((face) => isOutermost(face) && face.kind === 'wall' && face.between.includes(zone))
      .flatMap(({ bays }) => bays)
      .flatMap((bay): WayOut[] => {
        const out = widest(bay, date);
        return out && out.clear >= least ? [{ group, bay, ...out }] : [];
      });
  });
}

function widest(bay: Bay, date: string | undefined): Omit<WayOut, 'group' | 'bay'> | undefined {
  if (isNotThere(bay)) return undefined;
  const low = (up: number): boolean => up - (bay.base ?? 0) < outOnFoot.value;
  const doors = bay.openings
    .filter((it) => low(it.up) && standsOpen(it, 'by-day'))
    .map(({ width, height }) => ({ clear: Math.min(width, height), isDoor: true }));
  const gaps = [
    ...(bay.ground ? [lengthAt(bay.ground.gap, 'ground.gap', 'best')] : []),
    ...bay.bands.filter(({ from }) => low(from)).map((band) => clearOf(band, date)),
  ].map((clear) => ({ clear, isDoor: false }));
  return [...doors, ...gaps].reduce<Omit<WayOut, 'group' | 'bay'> | undefined>(
    (most, it) => (most && most.clear >= it.clear ? most : it),
    undefined,
  );
}

/** Every layer must let the bird by: the finest decides. */
function clearOf(band: Bay['bands'][number], date: string | undefined): number {
  if (isBareBand(band)) return band.to - band.from;
  return Math.min(
    ...band.layers.map((layer) =>
      isWithin(layer.on, date) ? clearOpening(layer, 'best') : Infinity,
    ),
  );
}
