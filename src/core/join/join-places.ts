/** A place as it was changed on two phones, part by part. */
import type { Place } from '../place/place';
import {
  joinedVersions,
  lastChangeOf,
  orderOf,
  placeParts,
  type Keeper,
  type PlacePart,
} from '../place/versions';
import { canonical, greater } from './canonical';
import { fieldsOf } from './parts';

/** Which state of a part is taken. */
export type Side = 'here' | 'there';

/** A place joined, with the parts that were changed on both phones, and those that were taken from there. */
export interface JoinedPlace {
  readonly place: Place;
  readonly clashes: readonly PlacePart[];
  readonly taken: readonly PlacePart[];
}

/**
 * Of a part that was changed with the other state at hand, that change stands. Where both were changed, the keeper's choice; without one the
 * later, so that two phones come to the same. Of one id both.
 */
export function joinPlaces(
  here: Place,
  there: Place,
  choice: Partial<Readonly<Record<PlacePart, Side>>> = {},
): JoinedPlace {
  const clashes = placeParts.filter((part) => isClash(part, here, there));
  const sides = placeParts.map((part) => {
    const chosen = clashes.includes(part) ? choice[part] : undefined;
    return [part, chosen ?? laterSide(part, here, there)] as const;
  });
  const fields = sides.map(([part, side]) => fieldsOf(side === 'here' ? here : there, part));
  const versions = joinedVersions(here.versions ?? [], there.versions ?? []);
  const keepers = joinedKeepers(here.keepers ?? [], there.keepers ?? []);
  const place = Object.assign({ id: here.id }, ...fields) as Place;
  return {
    place: {
      ...place,
      ...(versions.length > 0 && { versions }),
      ...(keepers.length > 0 && { keepers }),
    },
    clashes,
    taken: sides.flatMap(([part, side]) =>
      side === 'there' && !isSame(part, here, there) ? [part] : [],
    ),
  };
}

const isSame = (part: PlacePart, here: Place, there: Place): boolean =>
  canonical(fieldsOf(here, part)) === canonical(fieldsOf(there, part));

/** Both were changed, or nobody knows when: and they say different things. */
function isClash(part: PlacePart, here: Place, there: Place): boolean {
  const order = orderOf(part, here.versions ?? [], there.versions ?? []);
  return (order === 'neither' || order === 'both') && !isSame(part, here, there);
}

/** A change that was made with the other at hand is dated after it (`bumped`), so that the later is the one. */
function laterSide(part: PlacePart, here: Place, there: Place): Side {
  const [a, b] = [here, there].map((it) => lastChangeOf(part, it.versions ?? []));
  const [stampHere, stampThere] = [a, b].map((it) => (it ? `${it.at} ${it.phone}` : ''));
  if (stampHere !== stampThere) return (stampHere ?? '') > (stampThere ?? '') ? 'here' : 'there';
  const [fieldsHere, fieldsThere] = [fieldsOf(here, part), fieldsOf(there, part)];
  return greater(fieldsHere, fieldsThere) === fieldsHere ? 'here' : 'there';
}

/** One name a phone: the last that was said. */
function joinedKeepers(here: readonly Keeper[], there: readonly Keeper[]): Keeper[] {
  const last = new Map<string, Keeper>();
  for (const it of [...here, ...there]) {
    const known = last.get(it.phone);
    if (!known || known.at < it.at || (known.at === it.at && greater(known, it) === it))
      last.set(it.phone, it);
  }
  return [...last.values()].sort((a, b) => (a.phone < b.phone ? -1 : 1));
}
