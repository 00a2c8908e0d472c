import { openedAtEnd } from './house-at-end';
import { rectangularZone } from './rectangle';
import type { StartingShape } from './shape';

/** A house on sections at the end of its run; the birds go under it. */
export const raised: StartingShape = {
  id: 'raised',
  asks: {
    runWidth: [2400, 96],
    runDepth: [1500, 60],
    runHeight: [1500, 60],
    houseWidth: [1200, 48],
    sections: [600, 24],
  },
  lay({ runWidth, runDepth, runHeight, houseWidth, sections }) {
    const run = { x: 0, y: 0, width: runWidth, depth: runDepth };
    const stands = { x: runWidth, y: 0, width: houseWidth, depth: runDepth };
    const zones = [
      rectangularZone('run', 'run', 'run', run, { height: runHeight }),
      rectangularZone('under-house', 'under', 'under the house', stands, { height: sections }),
      rectangularZone('house', 'house', 'house', stands, {
        base: sections,
        height: Math.max(runHeight - sections, 700),
      }),
    ];
    // Of two zones on the same ground the first listed gives its sides their names.
    return openedAtEnd(zones, 'under');
  },
};
