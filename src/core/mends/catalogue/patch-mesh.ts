/** ½ in mesh over a hole, lapped on to sound mesh all round. */
import { meshOverlap, workTime, type CatalogueMend, widestAt } from './catalogue-mend';

/** A patch of mesh over a hole. */
export const patchMesh: CatalogueMend = {
  kind: 'patch-mesh',
  term: 'lasting',
  spot: 'hole',
  takes: (weak) => {
    const side = Math.ceil((widestAt(weak) + 2 * meshOverlap.value) / 10) * 10;
    return [{ material: 'welded-13', length: side, height: side }];
  },
  time: () => workTime(15),
  cautions: ['cut-wire', 'animal-inside'],
};
