import { fitOpening, nestLid, peopleDoor, popDoor, vent, window } from '../faces/first-openings';
import { facesOf } from '../faces/faces-of';
import { outside } from '../place';
import { rectangularZone } from './rectangle';
import type { StartingShape } from './shape';

/** A converted shed or barn without a run: by day the birds go out. */
export const shed: StartingShape = {
  id: 'shed',
  asks: { houseWidth: [3000, 120], houseDepth: [2400, 96], runHeight: [2000, 78] },
  lay({ houseWidth, houseDepth, runHeight }) {
    const zones = [
      rectangularZone(
        'house',
        'house',
        'house',
        { x: 0, y: 0, width: houseWidth, depth: houseDepth },
        {
          height: runHeight,
        },
      ),
    ];
    let faces = facesOf(zones);
    const outer = { between: [outside, 'house'] } as const;
    faces = fitOpening(faces, peopleDoor('door', undefined), { ...outer, along: 'house-front' });
    faces = fitOpening(faces, popDoor(), { ...outer, along: 'house-left' });
    faces = fitOpening(faces, window('window'), { ...outer, along: 'house-right' });
    faces = fitOpening(faces, nestLid(), { ...outer, along: 'house-right' });
    faces = fitOpening(faces, vent(), { ...outer, along: 'house-back' });
    return { zones, faces, sleeps: 'house' };
  },
};
