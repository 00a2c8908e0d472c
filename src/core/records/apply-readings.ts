/** The place as it was last found: structure with every reading laid over it, oldest walk first. */
import type { AttributeId } from '../attributes';
import isSame from 'fast-deep-equal';
import type { RestReading } from '../fence/battery-trend';
import { withoutStaleVolts } from '../fence/stale-volts';
import { withLine } from '../fence/with-line';
import { answersBy, type Answers } from '../memo';
import type { Bay, Face, ItemId, Place } from '../place/place';
import { any, type Is, type Possible } from '../place/possible';
import { overtakenMeasures } from './overtaken';
import { readTogether } from './read-together';
import { setAttributes } from './set-attribute';
import type { Reading, Walk } from './walk';

/** Where a value of the found place comes from. */
export interface Provenance {
  /** What it is laid over: where the reading is of a whole frame, any of its walls. */
  readonly item: ItemId;
  readonly walk: Walk;
  readonly reading: Reading;
}

/** A place with readings laid over it, and where each value comes from. */
export interface FoundPlace {
  readonly place: Place;
  /** Latest reading that told anything, by `attributeKey`. */
  readonly provenance: ReadonlyMap<string, Provenance>;
}

/** Under which readings of one attribute of one item are found. */
export function attributeKey(item: ItemId, attribute: AttributeId): string {
  return `${item} ${attribute}`;
}

/** The day on which the battery of the line was last read. */
export function batteryReadOn(
  { fence }: Place,
  provenance: FoundPlace['provenance'],
): string | undefined {
  return (
    fence && provenance.get(attributeKey(fence.id, 'check.restVolts'))?.reading.at.slice(0, 10)
  );
}

/** Volts of the battery at rest, reading by reading, oldest first. */
export function batteryReadings({ fence }: Place, walks: readonly Walk[]): RestReading[] {
  return inDateOrder(walks).flatMap(({ readings }) =>
    readings.flatMap(({ item, attribute, value, at }) =>
      item === fence?.id && attribute === 'check.restVolts' && isSure(value)
        ? [{ date: at.slice(0, 10), volts: value.is }]
        : [],
    ),
  );
}

const isSure = (value: Reading['value']): value is Is<number> =>
  value !== 'cannot-tell' && 'is' in value && typeof value.is === 'number';

/** Oldest first; walks of one day keep the order they were begun in. */
export function inDateOrder(walks: readonly Walk[]): Walk[] {
  return walks
    .map((walk, index) => ({ walk, index }))
    .sort((a, b) => a.walk.date.localeCompare(b.walk.date) || a.index - b.index)
    .map(({ walk }) => walk);
}

/** Structure with every reading laid over it; a bay found as before is the same object. */
export function applyReadings(place: Place, walks: readonly Walk[]): FoundPlace {
  const provenance = latestReadings(walks, place);
  const values = new Map<ItemId, Map<AttributeId, Possible>>();
  for (const { item, reading } of provenance.values()) {
    if (reading.value === 'cannot-tell') continue;
    const own = values.get(item) ?? new Map<AttributeId, Possible>();
    values.set(item, own.set(reading.attribute, reading.value));
  }
  for (const { item, attribute } of overtakenMeasures(place, walks)) {
    provenance.delete(attributeKey(item, attribute));
    values.get(item)?.set(attribute, any);
  }
  const found = withoutStaleVolts(
    setAttributes(place, values),
    place,
    (item, attribute) => provenance.get(attributeKey(item, attribute))?.reading.at,
  );
  return { place: withLine(keepUnchanged(place, found)), provenance };
}

const lastBay = answersBy<Bay, Bay>();
const lastFace = answersBy<Face, Face>();

/**
 * A bay or face found just as it was found the last time is given as the same object, so that what was worked out for it can
 * be kept. Values only; the answer is the same with or without.
 */
function keepUnchanged(place: Place, found: Place): Place {
  if (found === place) return place;
  return {
    ...found,
    faces: found.faces.map((face, at) => {
      const structure = place.faces[at];
      if (!structure || structure === face) return face;
      const bays = face.bays.map((bay, index) => lastAlike(lastBay, structure.bays[index], bay));
      const last = lastFace.get(structure);
      if (last && bays.every((bay, index) => bay === last.bays[index])) return last;
      const changed = { ...face, bays };
      lastFace.set(structure, changed);
      return changed;
    }),
  };
}

function lastAlike(known: Answers<Bay, Bay>, structure: Bay | undefined, found: Bay): Bay {
  if (!structure || structure === found) return found;
  const last = known.get(structure);
  if (last && isSame(last, found)) return last;
  known.set(structure, found);
  return found;
}

/**
 * "Cannot tell" leaves what was known before, so it never takes the place of an earlier reading. `place`: what is read once for all
 * walls of a frame or on a floor is laid over each, save where the same walk has read that wall itself.
 */
export function latestReadings(walks: readonly Walk[], place?: Place): Map<string, Provenance> {
  const latest = new Map<string, Provenance>();
  for (const walk of inDateOrder(walks)) {
    for (const reading of walk.readings) {
      if (reading.value === 'cannot-tell') continue;
      const items = place
        ? readTogether(place, reading.item, reading.attribute, walk.purpose)
        : [reading.item];
      for (const item of items) {
        const key = attributeKey(item, reading.attribute);
        const before = latest.get(key);
        const isOwn = before?.walk === walk && before.reading.item === item;
        if (isOwn && item !== reading.item) continue;
        // Two walks of one day may be in hand at once: then the hour tells.
        if (before?.walk.date === walk.date && before.reading.at > reading.at) continue;
        latest.set(key, { item, walk, reading });
      }
    }
  }
  return latest;
}
