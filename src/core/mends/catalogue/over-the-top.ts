/** What keeps climbers and leapers from a free top edge, and birds of prey from an open run. */
import { animals, type AnimalId } from '../../tables/animals';
import type { MeshId } from '../../tables/meshes';
import type { WeakSpot } from '../weak-spot';
import { screwsAlong, workTime, type CatalogueKind, type CatalogueMend } from './catalogue-mend';

/** The least overhang that is enough for all at this height; `undefined` where one has no such set. */
function leastOverhang({ bay, letsBy }: WeakSpot): number | undefined {
  const each = letsBy.map((id) => leastFor(id, bay.height));
  return each.every((it) => it !== undefined) && each.length > 0 ? Math.max(...each) : undefined;
}

function leastFor(id: AnimalId, height: number): number | undefined {
  const sets = animals[id].over ?? [];
  const widths = sets
    .filter((it) => it.height.value <= height && (it.tilt?.value ?? 0) === 0)
    .map((it) => it.overhang.value);
  return animals[id].flies || widths.length === 0 ? undefined : Math.min(...widths);
}

/** An overhang outward at the top. */
export const overhangOut: CatalogueMend = {
  kind: 'overhang-out',
  term: 'lasting',
  spot: 'top',
  targets: (weak) => {
    const least = leastOverhang(weak);
    return least === undefined
      ? undefined
      : [
          { attribute: 'top.kind', value: { is: 'overhang' } },
          { attribute: 'top.width', value: { atLeast: least } },
        ];
  },
  takes: (weak) => [
    { material: 'brackets', count: 1 + Math.ceil(weak.bay.width / 1000) },
    { material: 'welded-25', length: weak.bay.width, height: leastOverhang(weak) ?? 0 },
    { material: 'screws', count: screwsAlong(weak.bay.width) },
  ],
  time: ({ bay }) => workTime(30 + bay.width / 25),
  cautions: ['ladder', 'cut-wire', 'entangling', 'snow'],
};

function roofOf(
  kind: CatalogueKind,
  mesh: MeshId,
  minutesPerSquareMetre: number,
  cautions: CatalogueMend['cautions'],
): CatalogueMend {
  return {
    kind,
    term: 'lasting',
    spot: 'top',
    wide: true,
    adds: { roof: mesh },
    takes: ({ zone }) => [
      { material: mesh, length: zone?.width ?? 0, height: zone?.depth ?? 0 },
      {
        material: 'batten',
        length: 2 * ((zone?.width ?? 0) + (zone?.depth ?? 0)),
        cut: zone ? [zone.width, zone.width, zone.depth, zone.depth] : [],
      },
      {
        material: 'screws',
        count: 2 * screwsAlong(zone?.width ?? 0) + 2 * screwsAlong(zone?.depth ?? 0),
      },
    ],
    time: ({ zone }) =>
      workTime(60 + minutesPerSquareMetre * (((zone?.width ?? 0) * (zone?.depth ?? 0)) / 1e6)),
    cautions,
  };
}

/** A roof of mesh. */
export const roofMesh = roofOf('roof-mesh', 'welded-25', 12, [
  'ladder',
  'cut-wire',
  'snow',
  'shade',
]);
/** Against what flies; teeth go through it. */
export const netOver = roofOf('net-over', 'deer-netting', 4, ['ladder', 'entangling', 'snow']);
