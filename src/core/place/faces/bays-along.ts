/** The bays of one stretch of wall, post to post, as a zone's dress says. Nothing about them has been read. */
import type { Band, Bay, Zone } from '../place';
import { any } from '../possible';
import type { Stretch } from './stretches';
import { topOf, type Cover, type ZoneDress } from './zone-dress';

/** Fine mesh usually changes to coarser at knee height, mm (common practice). */
export const kneeHeight = 600;

/** A stretch of wall as bays, post to post, dressed as the zone is. */
export function baysAlong(
  { length }: Pick<Stretch, 'length'>,
  zone: Zone,
  dress: ZoneDress,
  named: (index: number, count: number) => { readonly id: string; readonly name: string },
): Bay[] {
  const count = Math.max(1, Math.round(length / dress.spacing));
  return Array.from({ length: count }, (_, index) =>
    layBay(named(index, count), length / count, zone, dress),
  );
}

function layBay(
  { id, name }: { readonly id: string; readonly name: string },
  width: number,
  zone: Zone,
  dress: ZoneDress,
): Bay {
  const { base = 0 } = zone;
  const height = topOf(zone);
  const ground = base > 0 ? undefined : groundOf(dress.edge, zone);
  return {
    id,
    name,
    width,
    height,
    ...(base > 0 && { base }),
    top: { kind: dress.roof === 'open' && zone.kind === 'run' ? 'open' : 'roof' },
    bands: bandsOf(id, base, height, dress),
    ...(ground && { ground }),
    openings: [],
    strands: [],
  };
}

/** Boards go from bottom to top; mesh changes at the knee where the wall is higher. */
function bandsOf(id: string, base: number, height: number, { cover }: ZoneDress): Band[] {
  const isBoarded = cover.some((mesh) => 'is' in mesh && mesh.is === 'solid-board');
  const band = (part: string, from: number, to: number): Band => ({
    id: `${id}-${part}`,
    from,
    to,
    layers: layersOf(`${id}-${part}`, cover),
  });
  if (isBoarded || base > 0 || height <= kneeHeight) return [band('low', base, height)];
  return [band('low', 0, kneeHeight), band('high', kneeHeight, height)];
}

/** Layers of a band, numbered from outside. */
export function layersOf(band: string, cover: readonly Cover[]) {
  return cover.map((mesh, index) => ({ id: `${band}-${index + 1}`, mesh }));
}

/** A pen that is moved stands one night on a spot, until it is told otherwise (assumption of ours). */
function groundOf(edge: ZoneDress['edge'], { kind, moves }: Zone): Bay['ground'] {
  // A house may have no floor but the earth: what it has is seen from inside.
  if (edge === 'floor') return kind === 'house' ? { onFloor: true, floor: any } : undefined;
  const nights = moves && { nights: 1 };
  const floor = any;
  return edge === 'frame'
    ? { weight: any, pegs: any, timber: any, floor, ...nights }
    : { floor, ...nights };
}

/** An edge between two zones with nothing in it: one walks through. */
export function openBay(id: string, name: string, width: number, base: number, top: number): Bay {
  return {
    id,
    name,
    width,
    height: top,
    ...(base > 0 && { base }),
    top: { kind: 'roof' },
    bands: [],
    openings: [],
    strands: [],
  };
}
