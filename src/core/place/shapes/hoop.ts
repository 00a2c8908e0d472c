import { fitOpening, gate } from '../faces/first-openings';
import { any } from '../possible';
import { outside } from '../place';
import { movingPen } from './moving-pen';
import type { StartingShape } from './shape';

/** Stock panels bent to a hoop, mesh over them and canvas on top, on skids; the birds roost in it. */
export const hoop: StartingShape = {
  id: 'hoop',
  asks: { runWidth: [2400, 96], runDepth: [3000, 120], runHeight: [1800, 72] },
  lay(sizes) {
    const { zones, faces } = movingPen(sizes, {
      name: 'hoop pen',
      moves: 'skids',
      cover: [{ is: 'stock-panel' }, any],
      roof: [{ is: 'stock-panel' }, { is: 'canvas' }],
    });
    return {
      zones,
      faces: fitOpening(faces, gate(), { between: [outside, 'run'], along: 'run-front' }),
      sleeps: 'run',
    };
  },
};
