/**
 * How often each part of a place was changed, on which phone: a version vector (Parker et al. 1983; published, recalled from memory). Of two
 * states of a part the one whose every count is at least as high was made with the other at hand, and stands; where neither is, the part was
 * changed on both, and somebody has to choose.
 */
import { id, instant } from '../schema/common';
import { list, named, object, oneOf, text, whole, type TypeOf } from '../schema/schema';
import { most } from '../schema/limits';

/** Parts of a place that are joined each by itself. */
export const placeParts = [
  'name',
  'setting',
  'flock',
  'structure',
  'fence',
  'routine',
  'experience',
  'devices',
] as const;
/** A part of a place that is changed, and chosen, by itself. */
export type PlacePart = (typeof placeParts)[number];

const mostChanges = 1_000_000;

/** How often a part was changed on a phone. */
export const versionSchema = named(
  'version',
  object({
    part: oneOf(placeParts),
    /** The phone's id. */
    phone: id,
    /** How often it was changed there. */
    changes: whole(1, mostChanges),
    /** When last. */
    at: instant,
  }),
);
/** How often one part was changed on one phone. */
export interface Version extends TypeOf<typeof versionSchema> {}

/** The versions of all parts. */
export const versionsSchema = list(versionSchema, most.versions);

/** A keeper’s phone: who, and since when. */
export const keeperSchema = named(
  'keeper',
  object({ phone: id, name: text(80), at: instant }),
  'Whose phone it is, and when that was said.',
);
/** Who keeps the birds with a phone. */
export interface Keeper extends TypeOf<typeof keeperSchema> {}

/** The phones that have written here. */
export const keepersSchema = list(keeperSchema, most.phones);

/** Which of two states was made with the other at hand. `both`: the same; `neither`: changed on both. */
export type Order = 'here' | 'there' | 'both' | 'neither';

/** Compares what is known of one part. */
export function orderOf(
  part: PlacePart,
  here: readonly Version[],
  there: readonly Version[],
): Order {
  const isAhead = (one: readonly Version[], other: readonly Version[]) =>
    one.some((it) => it.part === part && it.changes > changesOn(other, it));
  const [isHereAhead, isThereAhead] = [isAhead(here, there), isAhead(there, here)];
  if (isHereAhead && isThereAhead) return 'neither';
  if (isHereAhead) return 'here';
  return isThereAhead ? 'there' : 'both';
}

const changesOn = (versions: readonly Version[], { part, phone }: Version): number =>
  versions.find((it) => it.part === part && it.phone === phone)?.changes ?? 0;

/** The higher count of each; in one order, whichever came first. */
export function joinedVersions(here: readonly Version[], there: readonly Version[]): Version[] {
  const highest = new Map<string, Version>();
  for (const it of [...here, ...there]) {
    const known = highest.get(keyOf(it));
    if (!known || known.changes < it.changes || (known.changes === it.changes && known.at < it.at))
      highest.set(keyOf(it), it);
  }
  return [...highest.values()].sort((a, b) => (keyOf(a) < keyOf(b) ? -1 : 1));
}

const keyOf = ({ part, phone }: Version): string => `${placeParts.indexOf(part)} ${phone}`;

/** One more change of a part on a phone; dated after all that is known of it, whatever the clock says. */
export function bumped(
  versions: readonly Version[],
  part: PlacePart,
  { phone, at }: { readonly phone: string; readonly at: string },
): Version[] {
  const last = lastChangeOf(part, versions)?.at;
  const known = versions.find((it) => it.part === part && it.phone === phone);
  const one: Version = {
    part,
    phone,
    changes: (known?.changes ?? 0) + 1,
    at: last === undefined ? at : after(last, at),
  };
  const others = versions.filter((it) => it !== known);
  return [...others, one].sort((a, b) => (keyOf(a) < keyOf(b) ? -1 : 1));
}

/** `at`, or a millisecond after `last` where the clock is behind it; ISO 8601. */
export const after = (last: string, at: string): string =>
  at > last ? at : new Date(Date.parse(last) + 1).toISOString();

/** When a part was last changed, and on which phone; `undefined` where nobody said. */
export function lastChangeOf(part: PlacePart, versions: readonly Version[]): Version | undefined {
  return versions
    .filter((it) => it.part === part)
    .reduce<Version | undefined>((last, it) => (last && !isLater(it, last) ? last : it), undefined);
}

const isLater = (a: Version, b: Version): boolean =>
  a.at > b.at || (a.at === b.at && a.phone > b.phone);
