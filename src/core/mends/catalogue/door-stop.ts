/** Battens round the frame for the door or lid to shut against. */
import type { WeakSpot } from '../weak-spot';
import { screwsAlong, workTime, type CatalogueMend } from './catalogue-mend';

/** A strip all round that the door shuts against. */
export const doorStop: CatalogueMend = {
  kind: 'door-stop',
  term: 'lasting',
  spot: 'edges',
  takes: (weak) => {
    const round = roundOf(weak);
    return [
      { material: 'batten', length: round, cut: sidesOf(weak) },
      { material: 'screws', count: screwsAlong(round) },
    ];
  },
  time: (weak) => workTime(20 + roundOf(weak) / 200),
  cautions: [],
};

function sidesOf({ bay, spot }: WeakSpot): number[] {
  const opening = bay.openings.find((it) => it.id === spot.item);
  return opening ? [opening.width, opening.width, opening.height, opening.height] : [];
}

const roundOf = (weak: WeakSpot): number => sidesOf(weak).reduce((sum, it) => sum + it, 0);
