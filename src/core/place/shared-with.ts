/** A place that comes anew from elsewhere (a file, another thread), with what is as before made the same objects: answers hang on those. */
import isSame from 'fast-deep-equal';
import type { Face, Place } from './place';

/** The same place as `now`; every bay, wall and other part that `before` has alike is the object of `before`. */
export function sharedWith(before: Place, now: Place): Place {
  const faces = now.faces.map((face, index) => faceWith(before.faces[index], face));
  const shared: Place = {
    ...now,
    faces: isAlike(before.faces, faces) ? before.faces : faces,
    setting: same(before.setting, now.setting),
    flock: same(before.flock, now.flock),
    zones: same(before.zones, now.zones),
    ...(now.fence && { fence: same(before.fence, now.fence) }),
  };
  return isSame(before, shared) ? before : shared;
}

/** Walls are compared by their place in the list, bays by theirs: what was put in between is worked out anew with all behind it. */
function faceWith(before: Face | undefined, now: Face): Face {
  if (!before) return now;
  const bays = now.bays.map((bay, index) => same(before.bays[index], bay));
  return same(
    before,
    isAlike(before.bays, bays) ? { ...now, bays: before.bays } : { ...now, bays },
  );
}

const same = <T>(before: T | undefined, now: T): T =>
  before !== undefined && isSame(before, now) ? before : now;

const isAlike = <T>(a: readonly T[], b: readonly T[]): boolean =>
  a.length === b.length && a.every((it, index) => it === b[index]);
