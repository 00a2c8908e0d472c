/** Makes the shopping list away from the screen: cutting is looked for among a great many ways. */
import { shoppingList } from '@/core/mends/shopping/shopping-list';
import type { FromShop, ToShop } from './shop-talk';

const scope = self as unknown as { postMessage(told: FromShop): void };

self.addEventListener('message', ({ data }: MessageEvent<ToShop>) => {
  scope.postMessage({ list: shoppingList(data.found, data.mends, data.shop) });
});
