/** The fields of a place by the part that they are changed with. */
import type { Place } from '../place/place';
import type { PlacePart } from '../place/versions';

/** Kept beside a place, and joined by rules of their own. */
type Beside = 'id' | 'versions' | 'keepers';

/** Which part of a place each field belongs to, for joining two phones. */
export const partOf: Readonly<Record<Exclude<keyof Place, Beside>, PlacePart>> = {
  name: 'name',
  units: 'name',
  setting: 'setting',
  flock: 'flock',
  zones: 'structure',
  faces: 'structure',
  fence: 'fence',
  routine: 'routine',
  experience: 'experience',
  devices: 'devices',
};

/** What a place says in one part; fields that it leaves out are left out. */
export function fieldsOf(place: Place, part: PlacePart): Partial<Place> {
  const fields = Object.entries(partOf).flatMap(([field, of]) => {
    const value = place[field as keyof typeof partOf];
    return of === part && value !== undefined ? [[field, value] as const] : [];
  });
  return Object.fromEntries(fields);
}
