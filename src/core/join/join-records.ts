/** Records of one place that were written on two phones: by id, the later writing of each, and of lists inside them all lines of both. */
import type { Offcut, OwnPrice, Purchase, Shop } from '../mends/shopping/shop';
import { changeId, goneKey, type Gone, type GoneKind } from '../records/gone';
import type { Written } from '../records/kept';
import type { Mend } from '../records/mend';
import type { Walk } from '../records/walk';
import { canonical, greater } from './canonical';

/** Whether something was taken away, on either phone, and not brought back since. */
export type IsGone = (of: GoneKind, id: string) => boolean;

/** Of what became of each thing the last. */
export function joinedGone(here: readonly Gone[], there: readonly Gone[]): Gone[] {
  return byKey([...here, ...there], goneKey, (a, b) =>
    a.at === b.at ? greater(a, b) : later(a, b),
  );
}

const later = <T extends { readonly at: string }>(a: T, b: T): T => (b.at > a.at ? b : a);

/** By what is known to be gone. */
export function goneBy(gone: readonly Gone[]): IsGone {
  const away = new Set(gone.filter(({ back }) => !back).map(goneKey));
  return (of, id) => away.has(goneKey({ of, id }));
}

/** All of both, in the order of their names; of two of one name what `pick` makes of them. */
function byKey<T>(all: readonly T[], key: (it: T) => string, pick: (a: T, b: T) => T): T[] {
  const known = new Map<string, T>();
  for (const it of all) {
    const name = key(it);
    const other = known.get(name);
    known.set(name, other === undefined ? it : pick(other, it));
  }
  return [...known.keys()].sort().map((name) => known.get(name) as T);
}

/** Records of both, in the order of their ids; of one that is on both, what `pick` makes of it. */
export const joinedRecords = <T extends { readonly id: string }>(
  here: readonly T[],
  there: readonly T[],
  pick: (a: T, b: T) => T,
): T[] => byKey([...here, ...there], idOf, pick);

/** The one that was written later. */
export function laterWritten<T extends { readonly written?: Written }>(a: T, b: T): T {
  const [stampA, stampB] = [stampOf(a), stampOf(b)];
  if (stampA !== stampB) return stampA > stampB ? a : b;
  return greater(a, b);
}

const stampOf = ({ written }: { readonly written?: Written }): string =>
  written ? `${written.at} ${written.by}` : '';

/** All readings of both; ended where it was ended on either. */
export function joinedWalk(a: Walk, b: Walk): Walk {
  const last = laterWritten(a, b);
  const readings =
    canonical(a.readings) === canonical(b.readings)
      ? last.readings
      : byKey([...a.readings, ...b.readings], ({ id }) => id, greater).sort(
          (x, y) => compare(x.at, y.at) || compare(x.id, y.id),
        );
  return { ...last, ended: a.ended || b.ended, readings };
}

/** Without the readings that were taken back. */
export function standingWalk(walk: Walk, isGone: IsGone): Walk {
  const readings = walk.readings.filter(({ id }) => !isGone('reading', id));
  return readings.length === walk.readings.length ? walk : { ...walk, readings };
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** Every state it was ever in, on either phone. */
export function joinedMend(a: Mend, b: Mend): Mend {
  const last = laterWritten(a, b);
  if (canonical(a.history) === canonical(b.history)) return last;
  const history = byKey([...a.history, ...b.history], canonical, (it) => it).sort(
    (x, y) => compare(x.at, y.at) || compare(canonical(x), canonical(y)),
  );
  return { ...last, history };
}

/** In the last state of those that were not taken back. */
export function standingMend(mend: Mend, isGone: IsGone): Mend {
  const history = mend.history.filter((it) => !isGone('change', changeId(mend, it)));
  const state = history.at(-1)?.state ?? mend.state;
  return state === mend.state && history.length === mend.history.length
    ? mend
    : { ...mend, history, state };
}

/** Line by line; the allowance that was said last. */
export function joinedShop(here: Shop, there: Shop): Shop {
  const last = laterWritten(here, there);
  return {
    ...last,
    prices: byKey<OwnPrice>([...here.prices, ...there.prices], idOf, lastSeen),
    offcuts: byKey<Offcut>([...here.offcuts, ...there.offcuts], idOf, greater),
    ticked: [...new Set([...here.ticked, ...there.ticked])].sort(),
    purchases: byKey<Purchase>([...here.purchases, ...there.purchases], idOf, greater),
  };
}

/** Without what was taken out of it. */
export function standingShop(shop: Shop, isGone: IsGone): Shop {
  const standing = <T extends { readonly id: string }>(of: GoneKind, all: readonly T[]) =>
    all.filter(({ id }) => !isGone(of, id));
  return {
    ...shop,
    prices: standing('price', shop.prices),
    offcuts: standing('offcut', shop.offcuts),
    ticked: shop.ticked.filter((it) => !isGone('tick', it)),
    purchases: standing('purchase', shop.purchases),
  };
}

const idOf = ({ id }: { readonly id: string }): string => id;

const lastSeen = (a: OwnPrice, b: OwnPrice): OwnPrice => {
  if (a.seen === b.seen) return greater(a, b);
  return a.seen > b.seen ? a : b;
};
