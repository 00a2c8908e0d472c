/** What a zone looks like from above: what covers it, and how many birds are in it. */
import { roofOf } from '@/core/place/find';
import type { Point } from '@/core/place/outline';
import type { Place, Zone, ZoneKind } from '@/core/place/place';
import { isKnown } from '@/core/place/possible';
import type { Whereabouts } from '@/core/score/scenario';
import { meshes, type MeshId } from '@/core/tables/meshes';

export const roofKinds = ['open', 'netting', 'mesh', 'sheet', 'mixed', 'unread'] as const;
export type RoofKind = (typeof roofKinds)[number];

export interface SitePlanZone {
  readonly id: string;
  readonly kind: ZoneKind;
  readonly name: string;
  readonly points: readonly Point[];
  readonly middle: Point;
  readonly roof: RoofKind;
  readonly birds: number;
}

/** Birds in each zone, by its id. */
export type BirdsIn = ReadonlyMap<string, number>;

export function sitePlanZone(
  place: Place,
  zone: Zone,
  points: readonly Point[],
  birdsIn: BirdsIn,
): SitePlanZone {
  return {
    id: zone.id,
    kind: zone.kind,
    name: zone.name,
    points,
    middle: middleOf(points),
    roof: roofKindOf(place, zone.id),
    birds: birdsIn.get(zone.id) ?? 0,
  };
}

/** Where they sleep. */
export function birdsAtRoost({ flock }: Place): BirdsIn {
  return summed(flock.map(({ sleeps, count }) => [sleeps, count]));
}

/** Where they are in the hours that are judged. */
export function birdsAbout(whereabouts: readonly Whereabouts[]): BirdsIn {
  return summed(whereabouts.map(({ zone, group }) => [zone, group.count]));
}

function summed(counts: readonly (readonly [zone: string, count: number])[]): BirdsIn {
  const sums = new Map<string, number>();
  for (const [zone, count] of counts) sums.set(zone, (sums.get(zone) ?? 0) + count);
  return sums;
}

/** By the outermost layers of its bays that are known. */
export function roofKindOf(place: Place, zone: string): RoofKind {
  const roof = roofOf(place, zone);
  if (!roof) return 'open';
  const kinds = new Set(
    roof.bays.map(({ bands }) => {
      const meshOf = bands[0]?.layers.map(({ mesh }) => mesh).find((it) => isKnown(it));
      return isKnown<MeshId | 'none'>(meshOf) ? kindOf(meshOf.is) : 'unread';
    }),
  );
  const [one] = kinds;
  return kinds.size > 1 ? 'mixed' : (one ?? 'unread');
}

function kindOf(mesh: MeshId | 'none'): RoofKind {
  if (mesh === 'none') return 'open';
  const { kind } = meshes[mesh];
  if (kind === 'solid' || mesh === 'canvas') return 'sheet';
  return kind === 'fabric' || kind === 'hex' ? 'netting' : 'mesh';
}

export function middleOf(points: readonly Point[]): Point {
  const sum = points.reduce((a, b) => ({ x: a.x + b.x, y: a.y + b.y }), { x: 0, y: 0 });
  return { x: sum.x / points.length, y: sum.y / points.length };
}
