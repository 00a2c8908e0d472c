/** Where a lap begins. */
import type { Bay } from './place';

/** Index of the first bay with a gate or a door for people; 0 where there is none. */
export function findGateIndex(bays: readonly Bay[]): number {
  const found = bays.findIndex((bay) =>
    bay.openings.some((opening) => opening.kind === 'gate' || opening.kind === 'door'),
  );
  return Math.max(found, 0);
}
