import { fitOpening, gate, gateWidth, nestLid, popDoor, vent } from '../faces/first-openings';
import { facesOf } from '../faces/faces-of';
import { outside } from '../place';
import { rectangularZone } from './rectangle';
import type { StartingShape } from './shape';

/** Two runs side by side, used in turn, the house across the fence between them. */
export const twoRuns: StartingShape = {
  id: 'two-runs',
  asks: {
    runWidth: [3600, 144],
    runDepth: [4500, 180],
    runHeight: [1800, 72],
    houseWidth: [1800, 72],
    houseDepth: [1500, 60],
  },
  lay({ runWidth, runDepth, runHeight, houseWidth, houseDepth }) {
    if (houseWidth / 2 > runWidth - gateWidth || houseDepth > runDepth - gateWidth) {
      return { problem: 'house-too-large' };
    }
    const run = (id: string, name: string, x: number) =>
      rectangularZone(
        'run',
        id,
        name,
        { x, y: 0, width: runWidth, depth: runDepth },
        {
          height: runHeight,
        },
      );
    const zones = [
      run('left-run', 'left run', 0),
      run('right-run', 'right run', runWidth),
      rectangularZone(
        'house',
        'house',
        'house',
        {
          x: runWidth - houseWidth / 2,
          y: runDepth - houseDepth,
          width: houseWidth,
          depth: houseDepth,
        },
        { height: Math.min(1200, runHeight) },
      ),
    ];
    let faces = facesOf(zones);
    for (const [id, side] of [
      ['left-run', 'left'],
      ['right-run', 'right'],
    ] as const) {
      faces = fitOpening(faces, gate(`${side}-gate`, `${side} gate`), {
        between: [outside, id],
        along: `${id}-front`,
        bay: 'first',
      });
      faces = fitOpening(faces, popDoor(`${side}-pop-door`), { between: [id, 'house'] });
    }
    faces = fitOpening(faces, nestLid(), { between: [outside, 'house'] });
    faces = fitOpening(faces, vent(), { between: ['left-run', 'house'] });
    return { zones, faces, sleeps: 'house' };
  },
};
