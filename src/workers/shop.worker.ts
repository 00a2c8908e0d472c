/** Makes the shopping list away from the screen: cutting is looked for among a great many ways. */
import { quick } from '@/core/mends/cutting/cheapest-cutting';
import { shoppingList } from '@/core/mends/shopping/shopping-list';
import type { FromShop, ToShop } from './shop-talk';

const scope = self as unknown as { postMessage(told: FromShop): void };

self.addEventListener('message', ({ data }: MessageEvent<ToShop>) => {
  const { found, mends, shop } = data;
  scope.postMessage({ list: shoppingList(found, mends, shop, quick), isFinal: false });
  scope.postMessage({ list: shoppingList(found, mends, shop), isFinal: true });
});
