/** Pegs through the frame's foot, long enough for the ground. */
import { isKnown } from '../../place/possible';
import { soilFigures, type Soil } from '../../tables/soils';
import { workTime, type CatalogueMend } from './catalogue-mend';

/** Pegs that hold a light frame down. */
export const pegsIn: CatalogueMend = {
  kind: 'pegs-in',
  term: 'lasting',
  spot: 'frame',
  targets: ({ bay }) => {
    const soil = bay.ground?.soil;
    const from = isKnown<Soil>(soil) ? soilFigures[soil.is].pegsHoldFrom : undefined;
    // Where pegs cannot go in, weight is what is left.
    return from && [{ attribute: 'ground.pegs', value: { atLeast: from.value } }];
  },
  takes: () => [{ material: 'pegs', count: 2 }],
  time: () => workTime(15),
  cautions: ['digging'],
};
