import { fitOpening, gate, nestLid, popDoor, vent } from '../laying/first-openings';
import { layFaces } from '../laying/lay-faces';
import { outside } from '../place';
import { rectangularZone } from './rectangle';
import type { Shape } from './shape';

/** The house stands at the end of its run and shares a wall with it. */
export const sideBySide: Shape = {
  id: 'side-by-side',
  asks: {
    runWidth: [4800, 192],
    runDepth: [2400, 96],
    runHeight: [1800, 72],
    houseWidth: [1500, 60],
    houseDepth: [1800, 72],
  },
  lay({ runWidth, runDepth, runHeight, houseWidth, houseDepth }) {
    const deep = Math.min(houseDepth, runDepth);
    const zones = [
      rectangularZone(
        'run',
        'run',
        'run',
        { x: 0, y: 0, width: runWidth, depth: runDepth },
        {
          height: runHeight,
        },
      ),
      rectangularZone(
        'house',
        'house',
        'house',
        { x: runWidth, y: (runDepth - deep) / 2, width: houseWidth, depth: houseDepth },
        { height: Math.max(runHeight, 1200) },
      ),
    ];
    let faces = layFaces(zones);
    faces = fitOpening(faces, gate(), {
      between: [outside, 'run'],
      along: 'run-front',
      bay: 'first',
    });
    faces = fitOpening(faces, popDoor(), { between: ['run', 'house'] });
    faces = fitOpening(faces, nestLid(), { between: [outside, 'house'], along: 'house-right' });
    faces = fitOpening(faces, vent(), { between: [outside, 'house'], along: 'house-front' });
    return { zones, faces, sleeps: 'house' };
  },
};
