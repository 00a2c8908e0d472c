import { postSpacing, runDress } from '../faces/zone-dress';
import { houseInRun } from './house-in-run';
import type { StartingShape } from './shape';

/** Kennel panels of chain link, a second finer mesh on their inside, a small house within. */
export const kennel: StartingShape = {
  id: 'kennel',
  asks: {
    runWidth: [3600, 144],
    runDepth: [3600, 144],
    runHeight: [1800, 72],
    houseWidth: [1200, 48],
    houseDepth: [900, 36],
  },
  lay: (sizes) =>
    houseInRun(
      sizes,
      {
        x: sizes.runWidth - sizes.houseWidth - clear,
        y: sizes.runDepth - sizes.houseDepth - clear,
      },
      {
        run: {
          ...runDress,
          cover: [{ is: 'chain-link-50' }, { any: true }],
          spacing: postSpacing,
        },
      },
    ),
};

/** Room to walk behind it, mm. */
const clear = 300;
