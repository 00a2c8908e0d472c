/** What a shape cannot say: names used twice, or pointing at nothing. */
import { allBays, itemId, itemsOf } from '../place/find';
import { outside } from '../place/place';
import type { FileProblem, PlaceFile } from './place-file';

/** The first name that is used twice or points at nothing; `undefined` where all hold. */
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
    const others = [group.days, group.ranging?.zone];
    const unknown = others.find((zone) => zone !== undefined && !zones.has(zone));
    if (unknown !== undefined) {
      return wrong('place.flock', `there is no zone “${unknown}” for ${group.id} to be in`);
    }
  }
  const twice = firstRepeated([
    ...allBays(place).flatMap(({ bay }) => itemsOf(bay).map(itemId)),
    ...allBays(place).flatMap(({ bay }) => bay.bands.map((band) => band.id)),
    ...(place.fence ? [place.fence.id] : []),
  ]);
  if (twice !== undefined) return wrong('place.faces', `the id “${twice}” is used twice`);
  if (file.shop && file.shop.placeId !== place.id) {
    return wrong('shop', 'it belongs to another place');
  }
  const kept = [...file.walks, ...file.mends, ...file.sightings];
  const belongs = kept.find((it) => it.placeId !== place.id);
  return belongs && wrong('walks, mends and sightings', `“${belongs.id}” belongs to another place`);
}

function firstRepeated(ids: readonly string[]): string | undefined {
  const seen = new Set<string>();
  return ids.find((id) => seen.size === seen.add(id).size);
}
