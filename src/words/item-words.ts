/** What an item of a place is called where it stands alone. */
import type { Item } from '@/core/place/find';
import type { Place } from '@/core/place/place';
import { lengthWords } from './length-words';
import { layerName, latchName } from './spot-words';

export function itemName(place: Place, item: Item): string {
  const { bay } = item;
  switch (item.kind) {
    case 'bay':
      return bay.name;
    case 'layer': {
      const cover = bay.openings.find((opening) => opening.cover?.includes(item.layer));
      const band = bay.bands.find((it) => it.layers.includes(item.layer));
      const where =
        band && bay.bands.length > 1 ? `, ${bandWords(place, band.from, band.to)},` : '';
      return `${layerName(place, item.layer.id)}${where} of ${cover ? `the ${cover.name}` : bay.name}`;
    }
    case 'opening':
      return `${item.opening.name}, ${bay.name}`;
    case 'latch':
      return `${latchName(place, item.latch.id)} of the ${item.opening.name}`;
    case 'strand':
      return `strand at ${bay.name}`;
  }
}

/** "up to 600 mm", "from 600 mm up". */
function bandWords({ units }: Place, from: number, to: number): string {
  return from === 0 ? `up to ${lengthWords(to, units)}` : `from ${lengthWords(from, units)} up`;
}
