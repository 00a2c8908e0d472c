/**
 * What a wall stands on. A house's walls stand on its own floor where that is of boards, sheet or stone, and then nothing of the earth
 * counts; where there is none, or mesh, they stand on the earth like a run's. Which of the two is seen from inside.
 */
import { meshes, type MeshId } from '../tables/meshes';
import type { Bay, GroundLine } from './bay';
import { any, isKnown, members } from './possible';

type FloorKind = MeshId | 'none';

const isSolid = (floor: FloorKind): boolean => floor !== 'none' && meshes[floor].kind === 'solid';

/** The floor that a house's wall surely stands on, as far as it is known; `undefined` where it may stand on the earth. */
export function ownFloor({ onFloor, floor }: GroundLine): GroundLine['floor'] {
  if (onFloor !== true || floor === undefined || 'any' in floor) return undefined;
  return members<FloorKind>(floor, []).every(isSolid) ? floor : undefined;
}

/** Where the wall meets the earth, as it is judged: nowhere where it surely stands on a floor of its own. */
export function groundLineOf({ ground }: Bay): GroundLine | undefined {
  if (ground?.onFloor !== true) return ground;
  if (ownFloor(ground)) return undefined;
  // What a house stands on and nobody has said may be anything.
  return ground.floor ? ground : { ...ground, floor: any };
}

/** Whether what is asked of the earth at a wall is worth asking: of a house only once it is known to have no floor of its own. */
export function standsOnEarth(ground: GroundLine | undefined): ground is GroundLine {
  if (ground?.onFloor !== true) return ground !== undefined;
  return isKnown<FloorKind>(ground.floor) && !isSolid(ground.floor.is);
}
