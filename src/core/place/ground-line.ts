/**
 * What a wall stands on. A house's walls stand on its own floor where that is of boards, sheet or stone, and then nothing of the earth
 * counts; where there is none, or mesh, they stand on the earth like a run's. Which of the two is seen from inside.
 */
import { meshes, meshIds, type MeshId } from '../tables/meshes';
import type { Bay, GroundLine } from './bay';
import { isKnown, members } from './possible';

type FloorKind = MeshId | 'none';

const floorKinds: readonly FloorKind[] = [...meshIds, 'none'];

const isSolid = (floor: FloorKind): floor is MeshId =>
  floor !== 'none' && meshes[floor].kind === 'solid';

/** Floors that a house's wall may stand on, and whether it surely stands on one; none of what is no house's. */
export function ownFloor({ onFloor, floor }: GroundLine): {
  readonly kinds: readonly MeshId[];
  readonly isSure: boolean;
} {
  if (onFloor !== true) return { kinds: [], isSure: false };
  const all = members(floor, floorKinds);
  const kinds = all.filter(isSolid);
  return { kinds, isSure: kinds.length === all.length };
}

/**
 * Where the wall meets the earth, as it is judged: nowhere where it stands on a floor of its own, which at the best it does as soon as it
 * may, at the worst only where it surely does.
 */
export function groundLineOf({ ground }: Bay, bound: 'best' | 'worst'): GroundLine | undefined {
  if (ground?.onFloor !== true) return ground;
  const { kinds, isSure } = ownFloor(ground);
  return isSure || (bound === 'best' && kinds.length > 0) ? undefined : ground;
}

/** Whether what is asked of the earth at a wall is worth asking: of a house only once it is known to have no floor of its own. */
export function standsOnEarth(ground: GroundLine | undefined): ground is GroundLine {
  if (ground?.onFloor !== true) return ground !== undefined;
  return isKnown<FloorKind>(ground.floor) && !isSolid(ground.floor.is);
}
