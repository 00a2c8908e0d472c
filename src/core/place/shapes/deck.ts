import { facesOf, type Dresses } from '../faces/faces-of';
import { fitOpening, hatch, nestLid, popDoor, vent } from '../faces/first-openings';
import { runDress, type ZoneDress } from '../faces/zone-dress';
import { outside, type Bay } from '../place';
import { any } from '../possible';
import { rectangularZone } from './rectangle';
import { withRidge } from './ridge';
import type { StartingShape } from './shape';

/** Two sloping sides over a deck: the birds sleep above at one end and scratch below it, all of it carried by two. */
export const deck: StartingShape = {
  id: 'deck',
  asks: {
    runWidth: [1500, 60],
    runDepth: [1200, 48],
    runHeight: [1200, 48],
    houseWidth: [900, 36],
    sections: [500, 20],
  },
  lay({ runWidth, runDepth, runHeight, houseWidth, sections }) {
    const above = { x: runWidth, y: 0, width: houseWidth, depth: runDepth };
    const high = Math.max(runHeight, sections + 300);
    const zones = [
      rectangularZone(
        'run',
        'run',
        'pen',
        { x: 0, y: 0, width: runWidth, depth: runDepth },
        { height: high, moves: 'carried' },
      ),
      rectangularZone('under-house', 'under', 'under the deck', above, {
        height: sections,
        moves: 'carried',
      }),
      rectangularZone('house', 'house', 'sleeping deck', above, {
        base: sections,
        height: high - sections,
      }),
    ];
    const frame: ZoneDress = { ...runDress, roof: [any], spacing: Infinity, edge: 'frame' };
    const dresses: Dresses = { run: frame, under: { ...frame, roof: 'open' } };
    let faces = facesOf(zones, dresses).map(withRidge);
    faces = fitOpening(faces, hatch('gate', 'pen hatch'), {
      between: [outside, 'run'],
      along: 'run-left',
    });
    faces = fitOpening(faces, ramp, { between: ['run', 'house'] });
    faces = fitOpening(faces, nestLid(), { between: [outside, 'house'], along: 'under-right' });
    faces = fitOpening(faces, vent(), { between: [outside, 'house'], along: 'under-front' });
    faces = fitOpening(faces, hatch('house-hatch', 'clean-out hatch'), {
      between: [outside, 'house'],
      along: 'under-back',
    });
    return { zones, faces, sleeps: 'house' };
  },
};

/** The ramp is the door: drawn up by its cord, it drops open when that is let go. */
const ramp = (bay: Bay) => ({
  ...popDoor()(bay),
  name: 'ramp',
  shutBy: 'cord' as const,
  moves: 'drops-open' as const,
});
