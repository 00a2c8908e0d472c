/** Channel down both sides of a sliding pop door, and a bottom rail to land in. */
import { screwsAlong, workTime, type CatalogueMend } from './catalogue-mend';

/** Runners that hold a sliding pop door at both sides. */
export const popDoorRunners: CatalogueMend = {
  kind: 'pop-door-runners',
  term: 'lasting',
  spot: 'edges',
  fits: ({ bay, spot }) => bay.openings.some((it) => it.id === spot.item && it.kind === 'pop-door'),
  takes: ({ bay, spot }) => {
    const door = bay.openings.find((it) => it.id === spot.item);
    const length = door ? 2 * door.height + door.width : 0;
    return [
      {
        material: 'channel',
        length,
        cut: door ? [door.height, door.height, door.width] : [],
      },
      { material: 'screws', count: screwsAlong(length) },
    ];
  },
  time: () => workTime(30),
  cautions: [],
};
