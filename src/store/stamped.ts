/** What a change writes, with when and by which phone, and with a mark for everything that it takes away. */
import isDeepEqual from 'fast-deep-equal';
import { fieldsOf } from '@/core/join/parts';
import type { Shop } from '@/core/mends/shopping/shop';
import type { Place } from '@/core/place/place';
import { after, bumped, placeParts, type PlacePart } from '@/core/place/versions';
import { changeId, goneKey, type Gone, type GoneKind } from '@/core/records/gone';
import type { Mend } from '@/core/records/mend';
import type { Written } from '@/core/records/kept';
import type { Changes } from './changes';
import type { Yard } from './records';

/** `now`: ISO 8601; `phone`: this one's id. */
export interface Stamp {
  readonly now: string;
  readonly phone: string;
}

/** What was joined from another phone stays as it was written there. */
export function stamped(yard: Yard, changes: Changes, stamp: Stamp): Changes {
  if (changes.joined) return changes;
  const { place, walks, mends, sightings, shop } = changes;
  const gone = marks(yard, changes, stamp);
  return {
    ...changes,
    ...(place && { place: withVersions(yard.place, place, stamp) }),
    ...(walks && { walks: walks.map((it) => written(it, find(yard.walks, it), stamp)) }),
    ...(mends && {
      mends: mends.map((it) =>
        written(signed(it, find(yard.mends, it), stamp), find(yard.mends, it), stamp),
      ),
    }),
    ...(sightings && {
      sightings: sightings.map((it) => written(it, find(yard.sightings, it), stamp)),
    }),
    ...(shop && { shop: written(shop, yard.shop, stamp) }),
    ...(gone.length > 0 && { gone }),
  };
}

const find = <T extends { readonly id: string }>(all: readonly T[], { id }: T): T | undefined =>
  all.find((it) => it.id === id);

type Stamped = { readonly written?: Written };

/** Never before the time it was written before, so that the later writing is the later stamp. */
export function written<T extends Stamped>(
  record: T,
  before: Stamped | undefined,
  stamp: Stamp,
): T {
  const last = before?.written?.at;
  const at = last === undefined ? stamp.now : after(last, stamp.now);
  return { ...record, written: { at, by: stamp.phone } };
}

/** Every new state of a mend with the phone on which it came into it. */
export function signed(mend: Mend, before: Mend | undefined, { phone }: Stamp): Mend {
  const known = new Set(before?.history.map((it) => changeId(mend, it)));
  const history = mend.history.map((it) =>
    it.by !== undefined || known.has(changeId(mend, it)) ? it : { ...it, by: phone },
  );
  return { ...mend, history };
}

/** Counts a change in every part that says something else than before, or that somebody chose as it is. */
export function withVersions(
  before: Place,
  now: Place,
  { now: at, phone }: Stamp,
  chosen: readonly PlacePart[] = [],
): Place {
  const changed = placeParts.filter(
    (part) => chosen.includes(part) || !isDeepEqual(fieldsOf(before, part), fieldsOf(now, part)),
  );
  if (changed.length === 0) return now;
  const versions = changed.reduce(
    (all, part) => bumped(all, part, { phone, at }),
    before.versions ?? [],
  );
  return { ...now, versions };
}

type Named = readonly (readonly [of: GoneKind, id: string])[];

/** A mark for whatever is no longer there, and the end of one for what is there again. */
function marks(yard: Yard, changes: Changes, { now, phone }: Stamp): Gone[] {
  const { removedWalks = [], removedMends = [], removedSightings = [], removedShop } = changes;
  const was: Named = [
    ...(changes.walks ?? []).flatMap((it) => readingsIn(find(yard.walks, it))),
    ...(changes.mends ?? []).flatMap((it) => changesIn(find(yard.mends, it))),
    ...(changes.shop || removedShop ? linesIn(yard.shop) : []),
    ...removedWalks.map(({ id }) => ['walk', id] as const),
    ...removedMends.map(({ id }) => ['mend', id] as const),
    ...removedSightings.map(({ id }) => ['entry', id] as const),
  ];
  const is: Named = [
    ...(changes.walks ?? []).flatMap((it) => [['walk', it.id] as const, ...readingsIn(it)]),
    ...(changes.mends ?? []).flatMap((it) => [['mend', it.id] as const, ...changesIn(it)]),
    ...(changes.sightings ?? []).map(({ id }) => ['entry', id] as const),
    ...linesIn(changes.shop),
  ];
  const standing = new Set(is.map(([of, id]) => goneKey({ of, id })));
  const lost = was.filter(([of, id]) => !standing.has(goneKey({ of, id })));
  const marked = new Map((yard.gone ?? []).map((it) => [goneKey(it), it]));
  const mark = (of: GoneKind, id: string): Gone => {
    const last = marked.get(goneKey({ of, id }))?.at;
    const at = last === undefined ? now : after(last, now);
    return { placeId: yard.place.id, of, id, at, by: phone };
  };
  const back = is.filter(([of, id]) => {
    const known = marked.get(goneKey({ of, id }));
    return known !== undefined && !known.back;
  });
  return [
    ...lost.map(([of, id]) => mark(of, id)),
    ...back.map(([of, id]): Gone => ({ ...mark(of, id), back: true })),
  ];
}

const readingsIn = (walk: Yard['walks'][number] | undefined): Named =>
  (walk?.readings ?? []).map(({ id }) => ['reading', id] as const);

const changesIn = (mend: Yard['mends'][number] | undefined): Named =>
  mend ? mend.history.map((it) => ['change', changeId(mend, it)] as const) : [];

function linesIn(shop: Shop | undefined): Named {
  if (!shop) return [];
  const named = (of: GoneKind, all: readonly { readonly id: string }[]) =>
    all.map(({ id }) => [of, id] as const);
  return [
    ...named('price', shop.prices),
    ...named('offcut', shop.offcuts),
    ...named('purchase', shop.purchases),
    ...shop.ticked.map((id) => ['tick', id] as const),
  ];
}
