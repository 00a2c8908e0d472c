import { houseAtEnd } from './house-at-end';
import type { StartingShape } from './shape';

/** The house stands at the end of its run and shares a wall with it. */
export const sideBySide: StartingShape = {
  id: 'side-by-side',
  asks: {
    runWidth: [4800, 192],
    runDepth: [2400, 96],
    runHeight: [1800, 72],
    houseWidth: [1500, 60],
    houseDepth: [1800, 72],
  },
  lay: (sizes) =>
    houseAtEnd(sizes, { runName: 'run', houseHeight: Math.max(sizes.runHeight, 1200) }),
};
