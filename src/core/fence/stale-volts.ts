/**
 * Volts that newer ones have overtaken. A line only loses on its way: what was read near the energizer cannot be less than what is read beyond
 * it now, nor what was read beyond be more than what is read near it now. The older of two such readings says nothing any more.
 */
import type { AttributeId } from '../attributes';
import { usualRods, type Fence } from '../place/fence';
import type { Bay, ItemId, Place } from '../place/place';
import { bounds, is, isKnown, type PossibleAmount } from '../place/possible';
import { testerLeast, testerShare } from '../tables/fence-faults';
import { referenceGround } from '../tables/fence-ground';
import { ohmsByStake, stakeVolts } from './earth-test';
import { earthOhms } from './electrode';
import { linePathOf } from './line-path';
import { sourceOf } from './source';

/** When a value was read, ISO; `undefined`: it was not, it was described so. */
export type ReadAt = (item: ItemId, attribute: AttributeId) => string | undefined;

interface LineReading {
  readonly index: number;
  readonly item: ItemId;
  readonly attribute: 'strand.volts' | 'check.voltsNear' | 'fence.volts';
  readonly value: PossibleAmount;
  readonly at: string;
}

/**
 * The place without them, and with what the stake would read now where its rods were changed since; the same object where there are none.
 * Of the line itself only where it is open: on a ring nothing follows. `described`: the place without readings.
 */
export function withoutStaleVolts(found: Place, described: Place, readAt: ReadAt): Place {
  const place = withStakeOfRods(found, described, readAt);
  const stale = staleReadings(place, readAt);
  if (stale.length === 0 || !place.fence) return place;
  const isStale = (item: ItemId, attribute: LineReading['attribute']) =>
    stale.some((it) => it.item === item && it.attribute === attribute);
  const { near, volts, ...fence } = place.fence;
  const kept: Fence = {
    ...fence,
    ...(near && !isStale(fence.id, 'check.voltsNear') && { near }),
    ...(volts && !isStale(fence.id, 'fence.volts') && { volts }),
  };
  const cleared = (bay: Bay): Bay =>
    bay.strands.some(({ id }) => isStale(id, 'strand.volts'))
      ? {
          ...bay,
          strands: bay.strands.map(({ volts: read, ...strand }) =>
            read && !isStale(strand.id, 'strand.volts') ? { ...strand, volts: read } : strand,
          ),
        }
      : bay;
  return {
    ...place,
    fence: kept,
    faces: place.faces.map((face) => {
      const bays = face.bays.map(cleared);
      return bays.every((bay, index) => bay === face.bays[index]) ? face : { ...face, bays };
    }),
  };
}

/**
 * What the stake would read with the rods there are now, where they were changed since it was read: the ground has not changed by that.
 * `described`: the place without readings, with the rods of that day.
 */
function withStakeOfRods(place: Place, described: Place, readAt: ReadAt): Place {
  const { fence } = place;
  if (!fence?.line || !fence.stake) return place;
  const [rods, earth] = [readAt(fence.id, 'fence.rods'), readAt(fence.id, 'check.earth')];
  if (rods === undefined || earth === undefined || earth >= rods) return place;
  const { stake, ...others } = fence;
  const source = sourceOf(fence);
  const before = described.fence?.line?.rods ?? usualRods;
  const ohms = source && isKnown<number>(stake) ? ohmsByStake(source, stake.is) : undefined;
  if (!source || ohms === undefined) return { ...place, fence: others };
  const less =
    earthOhms(referenceGround, fence.line.rods ?? usualRods) / earthOhms(referenceGround, before);
  return { ...place, fence: { ...fence, stake: is(stakeVolts(source, ohms * less)) } };
}

function staleReadings(place: Place, readAt: ReadAt): LineReading[] {
  const { fence } = place;
  const path = linePathOf(place);
  if (!fence?.line || path?.shape !== 'open') return [];
  const readings: LineReading[] = [];
  const put = (
    index: number,
    item: ItemId,
    attribute: LineReading['attribute'],
    value: PossibleAmount | undefined,
  ) => {
    const at = readAt(item, attribute);
    if (value && at !== undefined) readings.push({ index, item, attribute, value, at });
  };
  put(path.feed, fence.id, 'check.voltsNear', fence.near);
  put(path.far, fence.id, 'fence.volts', fence.volts);
  path.bays.forEach(({ wires }, index) =>
    wires.forEach(({ id, volts }) => put(index, id, 'strand.volts', volts)),
  );
  const newestFirst = readings.sort((a, b) => b.at.localeCompare(a.at));
  const kept: LineReading[] = [];
  return newestFirst.filter((older) => {
    const isOvertaken = kept.some((newer) => contradicts(newer, older, path.feed));
    if (!isOvertaken) kept.push(older);
    return isOvertaken;
  });
}

function contradicts(newer: LineReading, older: LineReading, feed: number): boolean {
  const out = (it: LineReading) => it.index - feed;
  // Two branches that part at the feed say nothing of each other.
  if (out(newer) * out(older) < 0) return false;
  const [newLow, newHigh] = bounds(newer.value, [0, Infinity]);
  const [oldLow, oldHigh] = bounds(older.value, [0, Infinity]);
  const slack = testerLeast.value + testerShare.value * newLow;
  const isBeyond = Math.abs(out(newer)) - Math.abs(out(older));
  if (isBeyond === 0) return newLow > oldHigh + slack || newHigh < oldLow - slack;
  return isBeyond > 0 ? newLow > oldHigh + slack : newHigh < oldLow - slack;
}
