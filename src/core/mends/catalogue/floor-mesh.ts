/** Mesh as a floor, joined to the walls: under the soil of a run too small to dig round, or under the frame of a pen that is moved. */
import { stopsInGround } from '../../effort/dig';
import type { MeshId } from '../../tables/meshes';
import { animals } from '../../tables/animals';
import type { WeakSpot } from '../weak-spot';
import { workTime, type CatalogueMend } from './catalogue-mend';
import { isLightFrame, standsFast } from './light-frame';

const buried = 'welded-13';

/** What a hen stands and walks on: coarser, so that she still gets at the grass. */
const underfoot = 'welded-25';

const floorOf =
  (mesh: MeshId) =>
  ({ letsBy, zone }: WeakSpot) =>
    zone && letsBy.every((id) => stopsInGround({ is: mesh }, animals[id], 'worst'))
      ? zone.walls.map(({ id }) => ({
          item: id,
          attribute: 'ground.floor' as const,
          value: { is: mesh },
        }))
      : undefined;

const square = ({ zone }: WeakSpot): number => ((zone?.width ?? 0) * (zone?.depth ?? 0)) / 1e6;

/** Mesh as a floor under the soil of a run, joined to its walls. */
export const floorMesh: CatalogueMend = {
  kind: 'floor-mesh',
  term: 'lasting',
  spot: 'dig',
  wide: true,
  fits: standsFast,
  targets: floorOf(buried),
  takes: ({ zone }) => [{ material: buried, length: zone?.width ?? 0, height: zone?.depth ?? 0 }],
  // Earth off, mesh down, earth on: a quarter of an hour a square metre.
  time: (weak) => workTime(60 + 15 * square(weak)),
  cautions: ['digging', 'cut-wire', 'animal-inside', 'drainage'],
};

/** Mesh under a pen that moves: it travels with it. */
export const meshUnder: CatalogueMend = {
  kind: 'mesh-under',
  term: 'lasting',
  spot: 'dig',
  wide: true,
  fits: isLightFrame,
  targets: floorOf(underfoot),
  takes: ({ zone }) => [
    { material: underfoot, length: zone?.width ?? 0, height: zone?.depth ?? 0 },
    { material: 'screws', count: 40 },
    { material: 'washers', count: 40 },
  ],
  time: (weak) => workTime(40 + 5 * square(weak)),
  cautions: ['cut-wire', 'animal-inside'],
};
