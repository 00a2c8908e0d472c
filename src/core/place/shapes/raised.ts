import { fitOpening, gate, nestLid, popDoor, vent } from '../laying/first-openings';
import { layFaces } from '../laying/lay-faces';
import { outside } from '../place';
import { rectangularZone } from './rectangle';
import type { Shape } from './shape';

/** A house on legs at the end of its run; the birds go under it. */
export const raised: Shape = {
  id: 'raised',
  asks: {
    runWidth: [2400, 96],
    runDepth: [1500, 60],
    runHeight: [1500, 60],
    houseWidth: [1200, 48],
    legs: [600, 24],
  },
  lay({ runWidth, runDepth, runHeight, houseWidth, legs }) {
    const stands = { x: runWidth, y: 0, width: houseWidth, depth: runDepth };
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
      rectangularZone('under-house', 'under', 'under the house', stands, { height: legs }),
      rectangularZone('house', 'house', 'house', stands, {
        base: legs,
        height: Math.max(runHeight - legs, 700),
      }),
    ];
    let faces = layFaces(zones);
    faces = fitOpening(faces, gate(), {
      between: [outside, 'run'],
      along: 'run-front',
      bay: 'first',
    });
    faces = fitOpening(faces, popDoor(), { between: ['run', 'house'] });
    faces = fitOpening(faces, nestLid(), { between: [outside, 'house'], along: 'under-right' });
    faces = fitOpening(faces, vent(), { between: [outside, 'house'], along: 'under-front' });
    return { zones, faces, sleeps: 'house' };
  },
};
