/** A second layer of welded mesh over the weak one, in four sizes. */
import type { MeshId } from '../../tables/meshes';
import {
  coverSize,
  screwsAlong,
  workTime,
  type CatalogueKind,
  type CatalogueMend,
} from './catalogue-mend';

function lineWith(kind: CatalogueKind, mesh: MeshId): CatalogueMend {
  return {
    kind,
    term: 'lasting',
    spot: 'mesh',
    adds: { layer: mesh },
    takes: (weak) => {
      const { length, height } = coverSize(weak);
      const screws = 2 * screwsAlong(length) + 2 * screwsAlong(height);
      return [
        { material: mesh, length, height },
        { material: 'screws', count: screws },
        { material: 'washers', count: screws },
      ];
    },
    time: (weak) => workTime(15 + coverSize(weak).length / 40),
    cautions: ['cut-wire', 'air'],
  };
}

/** A bay lined with 13 mm welded mesh. */
export const lineWelded13 = lineWith('line-welded-13', 'welded-13');
/** A bay lined with 6 mm welded mesh. */
export const lineWelded6 = lineWith('line-welded-6', 'welded-6');
/** A bay lined with 25 mm welded mesh. */
export const lineWelded25 = lineWith('line-welded-25', 'welded-25');
/** Of stouter wire, against what bites through the lighter ones. */
export const lineWelded25x50 = lineWith('line-welded-25x50', 'welded-25x50');
