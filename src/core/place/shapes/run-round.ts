import { houseInRun } from './house-in-run';
import type { StartingShape } from './shape';

/** The run goes all round the house. */
export const runRound: StartingShape = {
  id: 'run-round',
  asks: {
    runWidth: [5400, 216],
    runDepth: [4500, 180],
    runHeight: [1800, 72],
    houseWidth: [1800, 72],
    houseDepth: [1200, 48],
  },
  lay: (sizes) =>
    houseInRun(sizes, {
      x: (sizes.runWidth - sizes.houseWidth) / 2,
      y: (sizes.runDepth - sizes.houseDepth) / 2,
    }),
};
