/**
 * A place whose zones have changed: its walls are laid out anew, and every wall that still stands between the same two zones on
 * the same side keeps its bays, stretched or shortened to fit. Bays of walls that are gone go with them; what was read of them
 * stays in the old walks. New walls get ids that were never used.
 */
import { facesOf } from '../faces/faces-of';
import type { Bay, Face, Place, Zone } from '../place';
import type { NewId } from './cover';
import { copyOf, resizeBay } from './posts';

/** The place with other zones: walls, roofs and floors follow, and bays that still fit keep what they are. */
export function layAgain(place: Place, zones: readonly Zone[], newId: NewId): Place {
  const left = new Set(place.faces);
  const faces = facesOf(zones).flatMap((laid): Face[] => {
    const old = sameWall(laid, left);
    if (old) {
      left.delete(old);
      return [kept(old, laid)];
    }
    // Whether an old zone has a roof was said before: only a new one gets what is usual.
    const isNew = !place.zones.some(({ id }) => id === laid.between[1]);
    return isWall(laid) || isNew ? [fresh(laid, newId)] : [];
  });
  return { ...place, zones, faces };
}

const isWall = ({ kind }: Face): boolean => kind === 'wall' || kind === 'partition';

/** Of several on one side, the one that began nearest. */
function sameWall(laid: Face, left: ReadonlySet<Face>): Face | undefined {
  const key = keyOf(laid);
  return [...left]
    .filter((face) => keyOf(face) === key)
    .sort((a, b) => Math.abs((a.from ?? 0) - from(laid)) - Math.abs((b.from ?? 0) - from(laid)))[0];
}

const from = (face: Face): number => face.from ?? 0;

function keyOf(face: Face): string {
  return isWall(face)
    ? `${face.along} ${[...face.between].sort().join(' ')}`
    : `${face.kind} ${face.between[1]}`;
}

function kept(old: Face, laid: Face): Face {
  const bays = isWall(laid)
    ? fitted(
        old.bays,
        laid.bays.reduce((sum, { width }) => sum + width, 0),
      )
    : fitted(old.bays, laid.bays[0]?.width ?? 0).map((bay) => ({
        ...bay,
        height: laid.bays[0]?.height ?? bay.height,
      }));
  return {
    ...old,
    kind: laid.kind,
    between: laid.between,
    ...(laid.from !== undefined && { from: laid.from }),
    bays,
  };
}

/** Every bay wider or narrower by the same share, so that posts stay where they are as nearly as can be. */
function fitted(bays: readonly Bay[], length: number): readonly Bay[] {
  const before = bays.reduce((sum, { width }) => sum + width, 0);
  if (Math.abs(before - length) < 1 || before === 0) return bays;
  return bays.map((bay) => resizeBay(bay, (bay.width * length) / before));
}

function fresh(face: Face, newId: NewId): Face {
  return { ...face, id: newId('face'), bays: face.bays.map((bay) => copyOf(bay, newId, bay.name)) };
}
