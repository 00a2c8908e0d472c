/** "The whole run is like this, except …": what was said of one bay, said of others. */
import { allBays, findBay, isOutermost } from '../find';
import type { Bay, BayId, GroundLine, Place } from '../place';
import { isKnown } from '../possible';
import { changeBays } from './change-bay';
import type { NewId } from './cover';
import { copyOf } from './posts';

/** Bays that a change may be made to as well. */
export interface Reach {
  /** Other bays of the same side, and all others of walls like it (outer walls of the same zone, or partitions of it). */
  readonly side: readonly BayId[];
  readonly walls: readonly BayId[];
}

/** The bays that “others like this one” can mean: of the same side, and of all walls like it. */
export function reachOf(place: Place, id: BayId): Reach {
  const found = findBay(place, id);
  if (!found) return { side: [], walls: [] };
  const { face } = found;
  const own = face.between.filter((zone) => zone !== 'outside');
  const alike = allBays(place).filter(
    (it) =>
      it.bay.id !== id &&
      it.face.kind === face.kind &&
      isOutermost(it.face) === isOutermost(face) &&
      own.some((zone) => it.face.between.includes(zone)),
  );
  const idsOf = (all: typeof alike): BayId[] => all.map(({ bay }) => bay.id);
  return { side: idsOf(alike.filter((it) => it.face.along === face.along)), walls: idsOf(alike) };
}

/**
 * Dresses bays like the one that is shown: bands, layers, top edge, strands, and of the ground what nobody had read there.
 * `shown` carries what readings say of it. Openings, widths and heights stay each bay's own.
 */
export function makeAlike(place: Place, shown: Bay, ids: readonly BayId[], newId: NewId): Place {
  return changeBays(place, ids, (bay) => {
    const { bands, strands } = copyOf(shown, newId, bay.name);
    const [low, high] = [bay.base ?? 0, bay.height];
    const fitted = bands
      .filter((band, index) => index === 0 || band.from < high)
      .map((band, index, all) => ({
        ...band,
        from: index === 0 ? low : band.from,
        to: index === all.length - 1 ? high : Math.min(band.to, high),
      }));
    const { ground: _ground, fixing: _fixing, condition: _condition, ...own } = bay;
    const ground = bay.ground && shown.ground ? groundLike(bay.ground, shown.ground) : bay.ground;
    return {
      ...own,
      bands: fitted,
      strands,
      top: shown.top,
      ...(shown.fixing && { fixing: shown.fixing }),
      ...(shown.condition && { condition: shown.condition }),
      ...(ground && { ground }),
    };
  });
}

/** A gap is a bay's own; soil, skirt, floor and frame are as shown. */
function groundLike(own: GroundLine, shown: GroundLine): GroundLine {
  const { gap, gapLifted, digging } = own;
  const { gap: _gap, gapLifted: _lifted, digging: _digging, ...alike } = shown;
  return {
    ...alike,
    ...(isKnown(gap) && { gap }),
    ...(isKnown(gapLifted) && { gapLifted }),
    ...(isKnown(digging) && { digging }),
  };
}
