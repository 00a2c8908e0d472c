/** Where a lap begins. */
import type { Bay } from './place';

/** Index of the first wall (a list of bays) with a gate or a door for people; 0 where there is none. */
export function findGateIndex(walls: readonly (readonly Bay[])[]): number {
  const found = walls.findIndex((bays) =>
    bays.some(({ openings }) => openings.some(({ kind }) => kind === 'gate' || kind === 'door')),
  );
  return Math.max(found, 0);
}
