/** Holes cut for pipes, seams that gape, doors nobody uses. */
import type { OpeningKind } from '../../place/place';
import type { WeakSpot } from '../weak-spot';
import { screwsAlong, workTime, type CatalogueMend } from './catalogue-mend';

function openingAt({ bay, spot }: Pick<WeakSpot, 'bay' | 'spot'>) {
  return bay.openings.find((it) => it.id === spot.item);
}

const isOf =
  (...kinds: OpeningKind[]) =>
  (weak: WeakSpot): boolean => {
    const opening = openingAt(weak);
    return opening !== undefined && kinds.includes(opening.kind);
  };

function roundOf(weak: WeakSpot): number {
  const opening = openingAt(weak);
  return opening ? 2 * (opening.width + opening.height) : 0;
}

/** A plate with a collar round what comes through a wall. */
export const collarPlate: CatalogueMend = {
  kind: 'collar-plate',
  term: 'lasting',
  spot: 'edges',
  fits: isOf('pass-through', 'hole'),
  takes: (weak) => [
    { material: 'plate', count: 1 },
    { material: 'screws', count: screwsAlong(roundOf(weak)) },
  ],
  time: () => workTime(25),
  cautions: ['cut-wire'],
};

/** Both edges of a seam lapped under a batten. */
export const lapSeam: CatalogueMend = {
  kind: 'lap-seam',
  term: 'lasting',
  spot: 'edges',
  fits: isOf('seam'),
  takes: (weak) => [
    { material: 'batten', length: roundOf(weak) / 2 },
    { material: 'screws', count: screwsAlong(roundOf(weak) / 2) },
  ],
  time: (weak) => workTime(15 + roundOf(weak) / 200),
  cautions: ['cut-wire'],
};

/** A hatch that nobody uses is still a hatch. */
export const screwShut: CatalogueMend = {
  kind: 'screw-shut',
  term: 'lasting',
  spot: 'edges',
  fits: isOf('disused-door'),
  takes: (weak) => [{ material: 'screws', count: screwsAlong(roundOf(weak)) }],
  time: () => workTime(15),
  cautions: ['keeper-shut-in', 'fire', 'air'],
};
