/** What the shopping worker is asked; it answers with the list. */
import type { ShoppingList } from '@/core/mends/shopping/shopping-list';
import type { Shop } from '@/core/mends/shopping/shop';
import type { Mend } from '@/core/records/mend';
import type { Place } from '@/core/place/place';

export interface ToShop {
  /** With readings laid over it. */
  readonly found: Place;
  readonly mends: readonly Mend[];
  readonly shop: Shop;
}

/** First what was found quickly, then what was found when all was looked at. */
export type FromShop = { readonly list: ShoppingList; readonly isFinal: boolean };
