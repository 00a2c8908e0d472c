/** Battens round the frame for the door or lid to shut against. */
import { screwsAlong, workTime, type CatalogueMend } from './catalogue-mend';

export const doorStop: CatalogueMend = {
  kind: 'door-stop',
  term: 'lasting',
  spot: 'edges',
  takes: (weak) => {
    const round = roundOf(weak);
    return [
      { material: 'batten', length: round },
      { material: 'screws', count: screwsAlong(round) },
    ];
  },
  time: (weak) => workTime(20 + roundOf(weak) / 200),
  cautions: [],
};

function roundOf({ bay, spot }: Parameters<CatalogueMend['takes']>[0]): number {
  const opening = bay.openings.find((it) => it.id === spot.item);
  return opening ? 2 * (opening.width + opening.height) : 0;
}
