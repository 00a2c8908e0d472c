/** Welded mesh where nothing covers the wall, or fills an opening that is left without its cover. */
import { bareStretches } from '../../effort/pass-bay';
import { meshOverlap, screwsAlong, workTime, type CatalogueMend } from './catalogue-mend';
import type { WeakSpot } from '../weak-spot';

/** Length and height of what has to be covered, mm. */
function bareOf({ bay, spot }: WeakSpot): { readonly length: number; readonly height: number } {
  const opening = bay.openings.find((it) => it.id === spot.item);
  if (opening) return { length: opening.width, height: opening.height };
  const height = bareStretches(bay).reduce((sum, { from, to }) => sum + to - from, 0);
  return { length: bay.width, height };
}

/** Mesh where there is none. */
export const meshInBare: CatalogueMend = {
  kind: 'mesh-in-bare',
  term: 'lasting',
  spot: 'bare',
  // A strand that stands free, or a wall left open on purpose, wants no mesh.
  fits: ({ bay }) => bay.bands.length > 0,
  adds: { cover: 'welded-13' },
  takes: (weak) => {
    const { length, height } = bareOf(weak);
    const overlap = 2 * meshOverlap.value;
    const screws = 2 * screwsAlong(length) + 2 * screwsAlong(height);
    return [
      { material: 'welded-13', length: length + overlap, height: height + overlap },
      { material: 'screws', count: screws },
      { material: 'washers', count: screws },
    ];
  },
  time: (weak) => workTime(20 + bareOf(weak).length / 40),
  cautions: ['cut-wire', 'air', 'animal-inside'],
};
