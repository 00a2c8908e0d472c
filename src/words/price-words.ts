/** The price book as a table. */
import type { Table } from '@/core/formats/table';
import type { Material } from '@/core/mends/catalogue';
import { materials } from '@/core/mends/catalogue/prices';
import { soldOf, type Shop } from '@/core/mends/shopping/shop';
import { currencyOf } from '@/core/place/currency';
import type { Place } from '@/core/place/place';
import { materialName } from './mend-words';
import { capital } from './names';
import { sizeWords } from './shop-words';

/** Stones are picked up. */
export const isSold = (material: Material): boolean =>
  material !== 'stones' && material !== 'masonry';

/** Every size of everything, with the day its price was seen. */
export function pricesTable(place: Place, shop: Pick<Shop, 'prices'>): Table {
  return {
    head: ['Material', 'Size', `Price (${currencyOf(place)})`, 'Seen', 'Whose'],
    rows: materials
      .filter(isSold)
      .flatMap((material) =>
        soldOf(material, place, shop).map(({ size, cents, seen }) => [
          capital(materialName(place.units, material)),
          sizeWords(place, size),
          cents / 100,
          seen ?? '',
          seen === undefined ? 'a round sum of ours' : 'yours',
        ]),
      ),
  };
}
