/** What one change of a place writes and takes away. */
import type { Shop } from '@/core/mends/shopping/shop';
import type { Place } from '@/core/place/place';
import { goneKey, type Gone } from '@/core/records/gone';
import type { Mend } from '@/core/records/mend';
import type { LogEntry } from '@/core/records/sighting';
import type { Walk } from '@/core/records/walk';
import type { Yard } from './records';

/** What a change writes; what it does not name stays as it is. */
export interface Changes {
  readonly place?: Place;
  readonly walks?: readonly Walk[];
  readonly mends?: readonly Mend[];
  readonly removedWalks?: readonly Walk[];
  readonly removedMends?: readonly Mend[];
  readonly sightings?: readonly LogEntry[];
  readonly removedSightings?: readonly LogEntry[];
  readonly shop?: Shop;
  /** There was none before. */
  readonly removedShop?: Shop;
  /** Marks of what was taken away; made by `stamped`. */
  readonly gone?: readonly Gone[];
  readonly removedGone?: readonly Gone[];
  /** As it was written on another phone: neither stamped nor marked anew. */
  readonly joined?: true;
}

/** A place with these changes written. */
export function laid(yard: Yard, changes: Changes): Yard {
  const { removedMends = [], removedWalks = [], removedSightings = [] } = changes;
  const gone = new Set([...removedMends, ...removedWalks, ...removedSightings].map(({ id }) => id));
  const { shop: before, gone: marksBefore = [], ...others } = yard;
  const marks = marked(marksBefore, changes);
  const shop = changes.shop ?? (changes.removedShop ? undefined : before);
  return {
    ...others,
    ...(shop && { shop }),
    ...(marks.length > 0 && { gone: marks }),
    place: changes.place ?? yard.place,
    walks: withChanged(yard.walks, changes.walks ?? []).filter(({ id }) => !gone.has(id)),
    mends: withChanged(yard.mends, changes.mends ?? []).filter(({ id }) => !gone.has(id)),
    sightings: withChanged(yard.sightings, changes.sightings ?? []).filter(
      ({ id }) => !gone.has(id),
    ),
  };
}

function marked(before: readonly Gone[], { gone = [], removedGone = [] }: Changes): Gone[] {
  const replaced = new Set([...gone, ...removedGone].map(goneKey));
  // In the order in which they are loaded, so that a file of them is the same file.
  const inOrder = (it: Gone) => encodeURIComponent(goneKey(it));
  return [...before.filter((it) => !replaced.has(goneKey(it))), ...gone].sort((a, b) =>
    inOrder(a) < inOrder(b) ? -1 : 1,
  );
}

function withChanged<T extends { readonly id: string }>(
  all: readonly T[],
  changed: readonly T[],
): T[] {
  const byId = new Map(changed.map((it) => [it.id, it]));
  const kept = all.map((it) => byId.get(it.id) ?? it);
  return [...kept, ...changed.filter((it) => !all.some((old) => old.id === it.id))];
}
