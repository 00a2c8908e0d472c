/** A pen without a floor that is moved to fresh ground: a light frame, open below. */
import { facesOf } from '../faces/faces-of';
import { runDress, type ZoneDress } from '../faces/zone-dress';
import type { Face, Moves, Zone } from '../place';
import { any } from '../possible';
import { rectangularZone } from './rectangle';
import type { Sizes } from './shape';

/** What a pen that is moved is made of; mm. */
export interface Pen {
  readonly name: string;
  readonly moves: Moves;
  readonly cover: ZoneDress['cover'];
  readonly roof: ZoneDress['roof'];
  /** A boarded end for the birds to sleep in, so long. */
  readonly sleepingEnd?: number;
}

/** A pen that is moved, with a sleeping end. */
export function movingPen(
  { runWidth, runDepth, runHeight }: Pick<Sizes, 'runWidth' | 'runDepth' | 'runHeight'>,
  { name, moves, cover, roof, sleepingEnd }: Pen,
): { readonly zones: Zone[]; readonly faces: Face[] } {
  const zones: Zone[] = [
    rectangularZone(
      'run',
      'run',
      name,
      { x: 0, y: 0, width: runWidth, depth: runDepth },
      {
        height: runHeight,
        moves,
      },
    ),
    ...(sleepingEnd
      ? [
          rectangularZone(
            'house',
            'house',
            'sleeping end',
            { x: runWidth, y: 0, width: sleepingEnd, depth: runDepth },
            { height: runHeight, moves },
          ),
        ]
      : []),
  ];
  const frame: ZoneDress = { ...runDress, cover, roof, spacing: Infinity, edge: 'frame' };
  const faces = facesOf(zones, {
    run: frame,
    house: { ...frame, cover: [{ is: 'solid-board' }], roof: [any] },
  });
  return { zones, faces };
}
