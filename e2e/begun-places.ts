/** Places begun from shapes, with a record in which all that a walk asks has been read: a keeper's first walk finds it so. */
import { attributes } from '../src/core/attributes';
import type { PlaceFile } from '../src/core/formats/place-file';
import { beginPlace } from '../src/core/place/begin';
import { findBay, findItem } from '../src/core/place/find';
import type { Place } from '../src/core/place/place';
import { shapes, type ShapeId } from '../src/core/place/shapes';
import { applyReadings } from '../src/core/records/apply-readings';
import type { Reading, ReadingValue, Walk } from '../src/core/records/walk';
import { withReading } from '../src/core/walk/open-walk';
import { isGauge, quickAnswer } from '../src/core/walk/quick-answer';
import type { Question } from '../src/core/walk/questions';
import { stopsOf } from '../src/core/walk/stops';
import { day } from './stop-driver';

/** The shape at its usual sizes, in a suburb; `demo`: whose version and settings the file has. */
export function walkedFromShape(shape: ShapeId, demo: PlaceFile): PlaceFile {
  const sizes = Object.fromEntries(
    Object.entries(shapes[shape].asks).map(([size, [mm]]) => [size, mm]),
  );
  const place = beginPlace({
    ...{ id: shape, name: shape, units: 'metric', region: 'gb', where: 'suburb' },
    ...{ birds: 6, kind: 'grown', shape, sizes },
  } as Parameters<typeof beginPlace>[0]);
  if ('problem' in place) throw new Error(place.problem);
  return { ...demo, place, walks: [allRead(place)], mends: [], sightings: [] };
}

/** Every answer brings further questions, until there are none. */
function allRead(place: Place): Walk {
  let walk: Walk = {
    ...{ id: `${day}-0001`, placeId: place.id, date: day, kind: 'lap', ended: true },
    readings: [],
  };
  for (;;) {
    const found = applyReadings(place, [walk]);
    const told = new Set(walk.readings.map(({ item, attribute }) => `${item} ${attribute}`));
    const open = stopsOf(found, {}, day)
      .stops.flatMap(({ questions }) => questions)
      .filter((it) => attributes[it.attribute].isJudged && !it.answered)
      .filter(({ item, attribute }) => !told.has(`${item} ${attribute}`));
    if (open.length === 0) return walk;
    for (const question of open) {
      const { item, attribute } = question;
      walk = withReading(walk, {
        ...{ id: `r${walk.readings.length}`, item, attribute, how: 'measured' },
        ...{ value: foundThere(found.place, question), at: `${day}T09:00:00.000Z` },
      } satisfies Reading);
    }
  }
}

/** Well kept, but that under every fourth wall there is a gap, and that doors give when pulled. */
function foundThere(place: Place, question: Question): ReadingValue {
  const { attribute: id, bay, item } = question;
  const attribute = attributes[id];
  const at = place.faces.flatMap(({ bays }) => bays).findIndex((it) => it.id === bay);
  if (id === 'layer.mesh' || id === 'skirt.mesh') return { is: meshOf(place, item) };
  const quick = quickAnswer(place, question);
  if (attribute.value === 'choice') {
    if (quick && !isGauge(quick)) return quick;
    return { is: id === 'latch.kind' ? 'slide-bolt' : (attribute.choices[0] ?? '') };
  }
  if (id === 'ground.gap' && at % 4 === 3) return { is: 24 };
  if (id === 'ground.gapLifted' && at % 4 === 3) return { is: 31 };
  if (id === 'opening.gapPulled') return { is: 14 };
  if (isGauge(quick)) return { is: 4 };
  return { is: attribute.usual[0] ?? attribute.limits[0] };
}

/** Doors and houses of board, runs of welded mesh. */
function meshOf(place: Place, item: string): string {
  const found = findItem(place, item);
  if (found?.kind !== 'layer') return 'welded-13';
  const houses = place.zones.filter(({ kind }) => kind === 'house').map(({ id }) => id);
  const between = findBay(place, found.bay.id)?.face.between ?? [];
  return between.some((id) => houses.includes(id)) ? 'solid-board' : 'welded-13';
}
