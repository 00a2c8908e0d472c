/** What a shape cannot say: names used twice, or pointing at nothing. */
import { allBays, itemId, itemsOf } from '../place/find';
import { outside } from '../place/place';
import type { FileProblem, PlaceFile } from './place-file';

export function doubtfulReference(file: PlaceFile): FileProblem | undefined {
  const { place } = file;
  const zones = new Set([outside, ...place.zones.map((zone) => zone.id)]);
  const sides = new Set(place.zones.flatMap((zone) => zone.outline.sides.map((side) => side.id)));
  const wrong = (path: string, detail: string): FileProblem => ({
    problem: 'wrong-shape',
    path,
    detail,
  });
  for (const [index, face] of place.faces.entries()) {
    const path = `place.faces[${index}]`;
    const stray = face.between.find((zone) => !zones.has(zone));
    if (stray !== undefined) return wrong(`${path}.between`, `there is no zone “${stray}”`);
    if (face.along !== undefined && !sides.has(face.along)) {
      return wrong(`${path}.along`, `there is no side “${face.along}”`);
    }
  }
  for (const group of place.flock) {
    if (!zones.has(group.sleeps)) {
      return wrong('place.flock', `there is no zone “${group.sleeps}” for ${group.id} to sleep in`);
    }
  }
  const twice = firstRepeated([
    ...allBays(place).flatMap(({ bay }) => itemsOf(bay).map(itemId)),
    ...allBays(place).flatMap(({ bay }) => bay.bands.map((band) => band.id)),
  ]);
  if (twice !== undefined) return wrong('place.faces', `the id “${twice}” is used twice`);
  const belongs = [...file.walks, ...file.mends].find((it) => it.placeId !== place.id);
  return belongs && wrong('walks and mends', `“${belongs.id}” belongs to another place`);
}

function firstRepeated(ids: readonly string[]): string | undefined {
  return ids.find((id, index) => ids.indexOf(id) !== index);
}
