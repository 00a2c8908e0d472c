import { hatch } from '../faces/first-openings';
import { any } from '../possible';
import { movingPen } from './moving-pen';
import type { StartingShape } from './shape';

/** A low box without a floor, its lid half sheet and half mesh, pulled along on wheels. */
export const lowBox: StartingShape = {
  id: 'low-box',
  asks: { runWidth: [2400, 96], runDepth: [3000, 120], runHeight: [600, 24] },
  lay(sizes) {
    const { zones, faces } = movingPen(sizes, {
      name: 'box pen',
      moves: 'wheels',
      cover: [any],
      roof: [any],
    });
    return { zones, faces: faces.map(withLid), sleeps: 'run' };
  },
};

/** One gets at the birds from above. */
function withLid(face: Parameters<typeof hatchOn>[0]) {
  return face.kind === 'roof' ? hatchOn(face) : face;
}

function hatchOn(face: ReturnType<typeof movingPen>['faces'][number]) {
  const lid = hatch('gate', 'lid');
  return {
    ...face,
    bays: face.bays.map((bay) => {
      const up = bay.bands[0]?.from ?? 0;
      return { ...bay, openings: [{ ...lid(bay), up, height: 600 }] };
    }),
  };
}
