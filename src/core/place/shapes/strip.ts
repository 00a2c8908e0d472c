import { runDress } from '../faces/zone-dress';
import { houseAtEnd } from './house-at-end';
import type { StartingShape } from './shape';

/** Fence stakes stand farther apart than a run's posts, mm (common practice: 10 ft). */
const stakes = 3000;

/** A long fenced strip, open above, the house at one end. */
export const strip: StartingShape = {
  id: 'strip',
  asks: {
    runWidth: [12_000, 480],
    runDepth: [2000, 78],
    runHeight: [1200, 48],
    houseWidth: [1200, 48],
    houseDepth: [1200, 48],
  },
  lay: (sizes) =>
    houseAtEnd(sizes, {
      runName: 'strip',
      houseHeight: 1200,
      dresses: { run: { ...runDress, roof: 'open', spacing: stakes } },
    }),
};
