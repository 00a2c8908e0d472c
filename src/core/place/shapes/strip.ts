import { fitOpening, gate, nestLid, popDoor, vent } from '../laying/first-openings';
import { layFaces } from '../laying/lay-faces';
import { runDress } from '../laying/zone-dress';
import { outside } from '../place';
import { rectangularZone } from './rectangle';
import type { Shape } from './shape';

/** A long fenced strip, open above, the house at one end. */
export const strip: Shape = {
  id: 'strip',
  asks: {
    runWidth: [12_000, 480],
    runDepth: [2000, 78],
    runHeight: [1200, 48],
    houseWidth: [1200, 48],
    houseDepth: [1200, 48],
  },
  lay({ runWidth, runDepth, runHeight, houseWidth, houseDepth }) {
    const deep = Math.min(houseDepth, runDepth);
    const zones = [
      rectangularZone(
        'run',
        'run',
        'strip',
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
        { height: 1200 },
      ),
    ];
    let faces = layFaces(zones, { run: { ...runDress, roof: 'open', spacing: stakes } });
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

/** Fence stakes stand farther apart than a run's posts, mm (common practice: 10 ft). */
const stakes = 3000;
