/** What a keeper changes of shops, and of a mend's due day and cost, as calls that end when the change is stored. */
import { useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { moveMend } from '@/core/mends/review';
import { stockAfter } from '@/core/mends/shopping/offcuts';
import { firstShop, type OwnPrice, type Purchase, type Shop } from '@/core/mends/shopping/shop';
import type { ShoppingList } from '@/core/mends/shopping/shopping-list';
import type { Mend } from '@/core/records/mend';
import { nextStamp } from '@/core/walk/stamp';
import type { ChangeMade } from '../core/records/change-made';
import { changeYard } from './change-yard';
import { localDay } from './local-day';
import { newId } from './ids';

/** What a keeper says of a mend beside its state; what is undefined is taken away. */
export interface MendNotes {
  readonly due?: string | undefined;
  readonly who?: string | undefined;
  readonly spent?: Mend['spent'] | undefined;
}

export function useShopChanges() {
  const client = useQueryClient();
  return useMemo(() => {
    const changeShop = (made: ChangeMade, work: (shop: Shop) => Shop) =>
      changeYard(client, (yard) => ({ shop: work(yard.shop ?? firstShop(yard.place)) }), made);
    return {
      /** In the place of what was there under the same id. */
      setPrice: (price: OwnPrice) =>
        changeShop('price', (shop) => ({
          ...shop,
          prices: [...shop.prices.filter(({ id }) => id !== price.id), price],
        })),
      /** Ours counts again, where there is one. */
      forgetPrice: (id: string) =>
        changeShop('taking-a-price-away', (shop) => ({
          ...shop,
          prices: shop.prices.filter((it) => it.id !== id),
        })),
      setAllowance: (allowance: number) =>
        changeShop('allowance', (shop) => ({ ...shop, allowance })),
      tick: (sold: string) =>
        changeShop('tick', (shop) => ({
          ...shop,
          ticked: shop.ticked.includes(sold)
            ? shop.ticked.filter((it) => it !== sold)
            : [...shop.ticked, sold],
        })),
      dropOffcut: (id: string) =>
        changeShop('taking-an-offcut-out-of-stock', (shop) => ({
          ...shop,
          offcuts: shop.offcuts.filter((it) => it.id !== id),
        })),
      /** All of the list is bought: its mends are, and what will be left over is in stock. */
      buy: (list: ShoppingList, mends: readonly string[]) =>
        changeYard(
          client,
          (yard) => {
            const shop = yard.shop ?? firstShop(yard.place);
            const at = nextStamp(yard, new Date());
            const cuttings = list.cut.map(({ material, cutting, pieces }) => ({
              material,
              cutting,
              pieces: pieces.map(({ id, mends: own, part }) => ({
                id,
                mends: own,
                ...(part && { part }),
              })),
            }));
            const purchase: Purchase = {
              id: newId('bought'),
              date: localDay(new Date()),
              mends,
              cents: list.cents,
              cuttings,
            };
            return {
              shop: {
                ...shop,
                ticked: [],
                purchases: [...shop.purchases, purchase],
                offcuts: stockAfter(shop.offcuts, cuttings, () => newId('offcut')),
              },
              mends: yard.mends
                .filter(({ id, state }) => mends.includes(id) && state === 'planned')
                .map((mend) => moveMend(mend, 'bought', at)),
            };
          },
          'buying-the-things',
        ),
      noteMend: (id: string, { due, who, spent }: MendNotes) =>
        changeYard(
          client,
          (yard) => ({
            mends: yard.mends
              .filter((mend) => mend.id === id)
              .map(({ due: _due, who: _who, spent: _spent, ...mend }): Mend => ({
                ...mend,
                ...(due && { due }),
                ...(who && { who }),
                ...(spent && Object.keys(spent).length > 0 && { spent }),
              })),
          }),
          'what-is-noted-of-the-mend',
        ),
    };
  }, [client]);
}
