/** Mesh laid as a floor under the whole of a run, joined to its walls: for runs too small to dig round. */
import { stopsInGround } from '../../effort/dig';
import { animals } from '../../tables/animals';
import { workTime, type CatalogueMend } from './catalogue-mend';

const mesh = 'welded-13';

export const floorMesh: CatalogueMend = {
  kind: 'floor-mesh',
  term: 'lasting',
  spot: 'dig',
  wide: true,
  targets: ({ letsBy, zone }) =>
    zone && letsBy.every((id) => stopsInGround({ is: mesh }, animals[id], 'worst'))
      ? zone.walls.map(({ id }) => ({
          item: id,
          attribute: 'ground.floor',
          value: { is: mesh },
        }))
      : undefined,
  takes: ({ zone }) => [{ material: mesh, length: zone?.width ?? 0, height: zone?.depth ?? 0 }],
  // Earth off, mesh down, earth on: a quarter of an hour a square metre.
  time: ({ zone }) => workTime(60 + 15 * (((zone?.width ?? 0) * (zone?.depth ?? 0)) / 1e6)),
  cautions: ['digging', 'cut-wire', 'animal-inside', 'drainage'],
};
