/** The shopping list of mends that are planned and not bought, made by a worker; the last one is kept, so that coming back waits for nothing. */
import { useEffect, useMemo, useState } from 'react';
import type { ShoppingList } from '@/core/mends/shopping/shopping-list';
import { firstShop, type Shop } from '@/core/mends/shopping/shop';
import type { Mend } from '@/core/records/mend';
import type { Place } from '@/core/place/place';
import type { Yard } from '@/store/records';
import type { FromShop, ToShop } from './shop-talk';

export interface Shopping {
  /** Absent while it is being worked out for the first time. */
  readonly list: ShoppingList | undefined;
  /** It may yet be had for less. */
  readonly isWorking: boolean;
  readonly failed: boolean;
  /** What it is for. */
  readonly mends: readonly Mend[];
  readonly shop: Shop;
}

interface Answered extends ToShop {
  readonly list: ShoppingList;
  readonly isFinal: boolean;
}

let last: Answered | undefined;

/** By what was given, not by what it says: what is unchanged is the same object. Ticks change no list. */
function isSame(a: ToShop, b: ToShop): boolean {
  return (
    a.found === b.found &&
    a.mends.length === b.mends.length &&
    a.mends.every((mend, at) => mend === b.mends[at]) &&
    a.shop.prices === b.shop.prices &&
    a.shop.offcuts === b.shop.offcuts &&
    a.shop.allowance === b.shop.allowance
  );
}

export function useShopping(yard: Yard, found: Place): Shopping {
  const { mends, place } = yard;
  const shop = useMemo(() => yard.shop ?? firstShop(place), [yard.shop, place]);
  const planned = useMemo(() => mends.filter(({ state }) => state === 'planned'), [mends]);
  const asked = useMemo((): ToShop => ({ found, mends: planned, shop }), [found, planned, shop]);
  const [told, setTold] = useState<{ readonly asked: ToShop; readonly failed: boolean }>();
  const known = last && isSame(last, asked) ? last : undefined;
  const isKnown = known?.isFinal === true;
  useEffect(() => {
    if (typeof Worker === 'undefined' || isKnown) return undefined;
    const worker = new Worker(new URL('./shop.worker', window.location.href));
    worker.onmessage = ({ data }: MessageEvent<FromShop>) => {
      last = { ...asked, ...data };
      setTold({ asked, failed: false });
    };
    worker.onerror = () => setTold({ asked, failed: true });
    worker.postMessage(asked);
    return () => worker.terminate();
  }, [asked, isKnown]);
  const failed = typeof Worker === 'undefined' || (told?.asked === asked && told.failed);
  return { list: known?.list, isWorking: !isKnown && !failed, failed, mends: planned, shop };
}
