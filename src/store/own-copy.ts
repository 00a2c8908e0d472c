/** A whole place under another id and name: a copy of its own, readings and mends included. */
import type { PlaceFile } from '@/core/formats/place-file';
import type { Photo } from './photo-record';
import type { Yard } from './records';

const longestName = 80;

/** All that is kept of it as another place's; `suffix` is put after its name. */
export function ownCopy(
  { place, walks, mends, sightings, shop }: PlaceFile | Yard,
  id: string,
  suffix: string,
): Yard {
  const own = <T extends { readonly placeId: string }>(all: readonly T[]): T[] =>
    all.map((it) => ({ ...it, placeId: id }));
  const name = `${place.name.slice(0, longestName - suffix.length)}${suffix}`;
  return {
    place: { ...place, id, name },
    walks: own(walks),
    mends: own(mends),
    sightings: own(sightings),
    ...(shop && { shop: { ...shop, placeId: id } }),
  };
}

/** Photos as another place's. */
export function ownPhotos(photos: readonly Photo[], placeId: string): Photo[] {
  return photos.map((photo) => ({ ...photo, placeId }));
}
