/** Can the birds get out? The flock’s own kinds against each gap of the zone they are in by day. Said beside, never in the hold. */
import { clearOpening } from '../effort/as-measured';
import { lengthAt } from '../effort/bound';
import { doorwayOf, standsOpen } from '../effort/doors';
import { isBareBand, isNone, isNotThere } from '../effort/layers';
import { isOutermost } from '../place/find';
import { groundLineOf } from '../place/ground-line';
import { coverOf, isFixed } from '../place/opening-cover';
import { isWithin } from '../place/year-span';
import type { Bay, Group, Layer, Opening, Place } from '../place/place';
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
    .map((it) => ({ clear: doorwayOf(it).short, isDoor: true }));
  const ground = groundLineOf(bay, 'best');
  const gaps = [
    lengthAt(bay.largestHole, 'bay.largestHole', 'best'),
    ...bay.openings
      .filter((it) => low(it.up) && !standsOpen(it, 'by-day'))
      .flatMap((it) => gapsOf(it, date)),
    ...(ground ? [lengthAt(ground.gap, 'ground.gap', 'best')] : []),
    ...bay.bands.filter(({ from }) => low(from)).map((band) => clearOfBand(band, date)),
  ].map((clear) => ({ clear, isDoor: false }));
  return [...doors, ...gaps].reduce<Omit<WayOut, 'group' | 'bay'> | undefined>(
    (most, it) => (most && most.clear >= it.clear ? most : it),
    undefined,
  );
}

/** Round the edges and through the cover of an opening that is shut, or has nothing to shut it. */
function gapsOf(opening: Opening, date: string | undefined): number[] {
  const cover = coverOf(opening).filter((layer) => !isNone(layer));
  const { short } = doorwayOf(opening);
  const through = Math.min(short, clearOf(cover, date));
  return isFixed(opening) ? [through] : [through, lengthAt(opening.gap, 'opening.gap', 'best')];
}

const clearOfBand = (band: Bay['bands'][number], date: string | undefined): number =>
  isBareBand(band) ? band.to - band.from : clearOf(band.layers, date);

/** Every layer must let the bird by: the finest decides. */
function clearOf(layers: readonly Layer[], date: string | undefined): number {
  return Math.min(
    ...layers.map((layer) => (isWithin(layer.on, date) ? clearOpening(layer, 'best') : Infinity)),
  );
}
