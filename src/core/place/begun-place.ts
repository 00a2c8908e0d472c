/** What every new place has in common: its setting, its flock, its roofs, and a house of four walls. */
import { livesToBeginWith, type Region } from '../tables/animals';
import { boardBay, houseHeight, popDoor, roof, vent } from './begin-bays';
import type { Bay, BirdKind, Face, Place, Side } from './place';

/** What the keeper says before anything is paced. */
export interface Named {
  readonly id: string;
  readonly name: string;
  readonly units: Place['units'];
  readonly region: Region;
  readonly birds: number;
  readonly kind: BirdKind;
  /** mm */
  readonly runHeight: number;
}

/** Roofs are added; with a house the birds sleep in it, else in the run. */
export function begunPlace(it: Named, zones: Place['zones'], walls: readonly Face[]): Place {
  const hasHouse = zones.some(({ kind }) => kind === 'house');
  return {
    id: it.id,
    name: it.name,
    units: it.units,
    setting: {
      region: it.region,
      lives: livesToBeginWith(it.region, it.kind === 'chicks'),
      near: [],
    },
    flock: [{ id: 'birds', kind: it.kind, count: it.birds, sleeps: hasHouse ? 'house' : 'run' }],
    zones,
    faces: [
      ...walls,
      roof('run-roof', 'run roof', 'run', it.runHeight),
      ...(hasHouse ? [roof('house-roof', 'house roof', 'house', houseHeight)] : []),
    ],
  };
}

/** Clockwise from the front left corner, towards the back. */
export function houseSides(width: number, depth: number): Side[] {
  const side = (id: string, name: string, length: number): Side => ({
    id,
    name,
    kind: 'building',
    length,
    turn: 90,
  });
  return [
    side('house-left', 'house left', depth),
    side('house-back', 'house back', width),
    side('house-right', 'house right', depth),
    side('house-front', 'house front', width),
  ];
}

/** Walls between the run and the house: a vent on the left, the pop door in front; the right one where it stands in the run. */
export function housePartitions(width: number, depth: number, rightToo: boolean): Face[] {
  const partition = (along: string, bay: Bay): Face => ({
    id: along,
    kind: 'partition',
    between: ['run', 'house'],
    along,
    bays: [bay],
  });
  return [
    partition('house-left', boardBay('hl', 'house left wall', depth, [vent(depth)])),
    ...(rightToo ? [partition('house-right', boardBay('hr', 'house right wall', depth, []))] : []),
    partition('house-front', boardBay('hf', 'house front', width, [popDoor(width)])),
  ];
}
