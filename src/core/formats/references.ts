/** What a shape cannot say: names used twice, or pointing at nothing. */
import { allBays, itemId, itemsOf } from '../place/find';
import { outside } from '../place/place';
import type { FileProblem, PlaceFile } from './place-file';

/** The first name that is used twice or points at nothing; `undefined` where all hold. */
export function doubtfulReference(file: PlaceFile): FileProblem | undefined {
  const { place } = file;
  const zones = new Set([outside, ...place.zones.map((zone) => zone.id)]);
  const sides = new Set(place.zones.flatMap((zone) => zone.outline.sides.map((side) => side.id)));
  const doubtful = usedTwice(file) ?? upsideDown(file);
  if (doubtful) return doubtful;
  if (place.zones.some((zone) => zone.id === outside)) {
    return wrong('place.zones', `“${outside}” is everything that is no zone, and cannot name one`);
  }
  for (const [index, face] of place.faces.entries()) {
    const path = `place.faces[${index}]`;
    if (face.between[0] === face.between[1]) {
      return wrong(`${path}.between`, `it lies between “${face.between[0]}” and itself`);
    }
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
  if (file.shop && file.shop.placeId !== place.id) {
    return wrong('shop', 'it belongs to another place');
  }
  const kept = [...file.walks, ...file.mends, ...file.sightings];
  const belongs = kept.find((it) => it.placeId !== place.id);
  return belongs && wrong('walks, mends and sightings', `“${belongs.id}” belongs to another place`);
}

const wrong = (path: string, detail: string): FileProblem => ({
  problem: 'wrong-shape',
  path,
  detail,
});

/** Of each kind of thing that has an id, the first id that two of them share. */
function usedTwice({ place, walks, mends, sightings }: PlaceFile): FileProblem | undefined {
  const bays = allBays(place).map(({ bay }) => bay);
  const idsOf = (all: readonly { readonly id: string }[]) => all.map(({ id }) => id);
  const kinds: readonly (readonly [path: string, ids: readonly string[]])[] = [
    ['place.zones', idsOf(place.zones)],
    ['place.zones', place.zones.flatMap(({ outline }) => idsOf(outline.sides))],
    ['place.flock', idsOf(place.flock)],
    ['place.faces', idsOf(place.faces)],
    [
      'place.faces',
      [
        ...bays.flatMap((bay) => [...itemsOf(bay).map(itemId), ...idsOf(bay.bands)]),
        ...(place.fence ? [place.fence.id] : []),
      ],
    ],
    ['walks', idsOf(walks)],
    ...walks.map(({ readings }, index) => [`walks[${index}].readings`, idsOf(readings)] as const),
    ['mends', idsOf(mends)],
    ['sightings', idsOf(sightings)],
  ];
  for (const [path, ids] of kinds) {
    const twice = firstRepeated(ids);
    if (twice !== undefined) return wrong(path, `the id “${twice}” is used twice`);
  }
  return undefined;
}

/** A band that ends below where it begins. */
function upsideDown({ place }: PlaceFile): FileProblem | undefined {
  const band = allBays(place)
    .flatMap(({ bay }) => bay.bands)
    .find(({ from, to }) => to < from);
  return band && wrong('place.faces', `the band “${band.id}” ends below where it begins`);
}

function firstRepeated(ids: readonly string[]): string | undefined {
  const seen = new Set<string>();
  return ids.find((id) => seen.size === seen.add(id).size);
}
