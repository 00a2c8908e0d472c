/** What a wall stands on, and its strands. */
import { standsOnEarth } from '../ground-line';
import type { Bay, ItemId, Place } from '../place';
import { any, is, type Is } from '../possible';
import { changeBays, without } from './change-bay';
import type { NewId } from './cover';

/** The earth with posts set in it; the earth as a light frame that may be lifted; a floor of its own. */
export const standings = ['earth', 'frame', 'floor'] as const;
/** One of `standings`. */
export type Standing = (typeof standings)[number];

/** What a bay stands on, as far as it is known: a floor, a light frame, or earth. */
export function standingOf({ ground }: Bay): Standing {
  if (!standsOnEarth(ground)) return 'floor';
  return ground.weight === undefined && ground.pegs === undefined ? 'earth' : 'frame';
}

/** What is known of the edge is kept as far as it still applies. */
export function setStanding(bay: Bay, standing: Standing): Bay {
  const { ground = {}, ...rest } = bay;
  if (standing === 'floor') return rest;
  if (standing === 'frame') {
    const { onFloor: _onFloor, ...lifted } = ground;
    return { ...rest, ground: { weight: any, pegs: any, ...lifted } };
  }
  const { weight: _weight, pegs: _pegs, onFloor: _onFloor, ...set } = ground;
  return { ...rest, ground: set };
}

/** Whether the wall stands on timber that lies along the ground; what was found of it goes with it. */
export function setTimber({ ground, ...rest }: Bay, isThere: boolean): Bay {
  if (!ground) return rest;
  const { timber = any, ...others } = ground;
  return { ...rest, ground: isThere ? { ...others, timber } : others };
}

/** One strand at a hand's breadth, a hand's breadth off the cover, until it is measured: 150 mm and 125 mm (common practice). */
const usualStrand = { height: 150, standOff: 125 } as const;

/** Strings a strand along bays. A place without an electric line gets one, its volts not yet read. */
export function addStrand(
  place: Place,
  ids: readonly string[],
  newId: NewId,
  { height = is(usualStrand.height), standOff = is(usualStrand.standOff) }: StrandSizes = {},
): Place {
  const strung = changeBays(place, ids, (bay) => ({
    ...bay,
    strands: [...bay.strands, { id: newId('strand'), height, standOff }],
  }));
  return { ...strung, fence: place.fence ?? { id: newId('fence'), on: 'always' } };
}

/** Where strands are put, as far as it is known; mm. */
export interface StrandSizes {
  readonly height?: Is<number>;
  readonly standOff?: Is<number>;
}

/** The bay without that strand. */
export function dropStrand(bay: Bay, id: ItemId): Bay {
  return { ...bay, strands: without(bay.strands, id) };
}
