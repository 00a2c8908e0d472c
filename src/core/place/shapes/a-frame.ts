import { fitOpening, hatch, nestLid, popDoor, vent } from '../faces/first-openings';
import { any } from '../possible';
import { outside } from '../place';
import { movingPen } from './moving-pen';
import { withRidge } from './ridge';
import type { StartingShape } from './shape';

/** Two sloping sides that meet at a ridge, a boarded end to sleep in; carried by two. */
export const aFrame: StartingShape = {
  id: 'a-frame',
  asks: {
    runWidth: [2400, 96],
    runDepth: [1200, 48],
    runHeight: [1100, 42],
    houseWidth: [900, 36],
  },
  lay(sizes) {
    const pen = movingPen(sizes, {
      name: 'pen',
      moves: 'carried',
      cover: [any],
      roof: [any],
      sleepingEnd: sizes.houseWidth,
    });
    let faces = pen.faces.map(withRidge);
    faces = fitOpening(faces, hatch('gate', 'pen hatch'), {
      between: [outside, 'run'],
      along: 'run-left',
    });
    faces = fitOpening(faces, popDoor(), { between: ['run', 'house'] });
    faces = fitOpening(faces, nestLid(), { between: [outside, 'house'], along: 'house-back' });
    faces = fitOpening(faces, vent(), { between: [outside, 'house'], along: 'house-front' });
    faces = fitOpening(faces, hatch('house-hatch', 'house hatch'), {
      between: [outside, 'house'],
      along: 'house-right',
    });
    return { zones: pen.zones, faces, sleeps: 'house' };
  },
};
