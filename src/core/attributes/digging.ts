/** Where digging is worth asking about: nothing digs through rock or slabs, and what a skirt is made of matters only where there is one. */
import type { GroundLine } from '../place/bay';
import { standsOnEarth } from '../place/ground-line';
import { isKnown, type PossibleAmount } from '../place/possible';
import { soilFigures, type Soil } from '../tables/soils';

/** False for a bay that stands on no ground as far as it is known, or on what nothing digs through. */
export function canBeDug(ground: GroundLine | undefined): boolean {
  if (!standsOnEarth(ground)) return false;
  return !(isKnown<Soil>(ground.soil) && soilFigures[ground.soil.is].digging === 'never');
}

/** Read, and more than nothing. */
const isThere = (possible: PossibleAmount | undefined): boolean =>
  possible !== undefined && !('any' in possible) && !('is' in possible && possible.is === 0);

/** Mesh laid out flat. */
export const hasApron = (ground: GroundLine | undefined): boolean =>
  isThere(ground?.skirt?.outward);

/** Mesh below the wall or laid out from it, as far as it was read. */
export const hasSkirt = (ground: GroundLine | undefined): boolean =>
  isThere(ground?.skirt?.depth) || hasApron(ground);
