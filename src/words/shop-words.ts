/** Shopping in plain words: what is sold, in which size, for what. */
import type { Table } from '@/core/formats/table';
import type { Material } from '@/core/mends/catalogue';
import { prices } from '@/core/mends/catalogue/prices';
import { isBar } from '@/core/mends/shopping/bars';
import type { ShoppingList } from '@/core/mends/shopping/shopping-list';
import { quantityOf, type Sold, type SoldSize } from '@/core/mends/shopping/sold';
import type { CutPiece } from '@/core/mends/shopping/divide';
import { currencyOf } from '@/core/place/currency';
import type { Mend } from '@/core/records/mend';
import type { Place } from '@/core/place/place';
import { meshes } from '@/core/tables/meshes';
import { distanceWords, lengthWords } from './length-words';
import { materialName, mendName } from './mend-words';
import { capital } from './names';
import { moneyWords, whereWords } from './plan-words';

export const shopGroups = ['mesh', 'timber', 'fixings', 'latches', 'ground', 'fence'] as const;
export type ShopGroup = (typeof shopGroups)[number];

export const shopGroupNames: Readonly<Record<ShopGroup, string>> = {
  mesh: 'Mesh and sheet',
  timber: 'Timber',
  fixings: 'Fixings',
  latches: 'Latches and fittings',
  ground: 'For the ground',
  fence: 'Electric fence',
};

const groups: Readonly<Partial<Record<Material, ShopGroup>>> = {
  board: 'timber',
  batten: 'timber',
  'solid-board': 'timber',
  screws: 'fixings',
  washers: 'fixings',
  ties: 'fixings',
  brackets: 'fixings',
  slabs: 'ground',
  kerb: 'ground',
  stones: 'ground',
  pegs: 'ground',
  ballast: 'ground',
  insulators: 'fence',
  'fence-wire': 'fence',
  'earth-stake': 'fence',
  energizer: 'fence',
  'gate-handle': 'fence',
  'fence-lead': 'fence',
  'fence-sign': 'fence',
  'fence-tester': 'fence',
  'fence-battery': 'fence',
};

export function shopGroupOf(material: Material): ShopGroup {
  return groups[material] ?? (material in meshes ? 'mesh' : 'latches');
}

type Units = Pick<Place, 'units'>;

/** "roll 0.9 × 10 m", "2.4 m", "pack of 100"; nothing of what is sold one at a time. */
export function sizeWords({ units }: Units, size: SoldSize): string {
  const far = (mm: number) => distanceWords(mm, units);
  switch (size.form) {
    case 'sheet':
      return size.length > longestSheet
        ? `roll ${far(size.width)} × ${far(size.length)}`
        : `${far(size.width)} × ${far(size.length)}`;
    case 'bar':
      return far(size.length);
    case 'coil':
      return `coil of ${far(size.length)}`;
    case 'pack':
      return size.count === 1 ? '' : `pack of ${size.count}`;
    case 'slab':
      return size.width === undefined
        ? `${lengthWords(size.length, units)} long`
        : `${lengthWords(size.length, units)} × ${lengthWords(size.width, units)}`;
  }
}

/** Longer than that it is rolled up. */
const longestSheet = 3000;

/** "13 mm welded mesh, roll 0.6 × 5.0 m"; "padlock". */
export function soldWords(
  place: Units,
  { material, size }: Pick<Sold, 'material' | 'size'>,
): string {
  const name = capital(materialName(place.units, material));
  const how = sizeWords(place, size);
  return how === '' ? name : `${name}, ${how}`;
}

/** For how much it is reckoned. */
export function unitPriceWords(place: Place, { material, size, cents }: Sold): string {
  const quantity = quantityOf(size);
  if (quantity === 1) return '';
  const by = { metre: 'a metre', 'square-metre': 'a square metre', piece: 'apiece' } as const;
  return `${moneyWords(place, Math.round(cents / quantity))} ${by[prices[material].by]}`;
}

/** "Board along the sill: north 2, north 3; Stop battens round the frame: gate". */
export function forWhat(place: Place, mends: readonly Mend[], ids: readonly string[]): string {
  const wheres = new Map<string, string[]>();
  for (const id of ids) {
    const mend = mends.find((it) => it.id === id);
    if (!mend) continue;
    const name = mendName(mend);
    wheres.set(name, [...(wheres.get(name) ?? []), whereWords(place, mend)]);
  }
  return [...wheres].map(([name, where]) => `${name}: ${where.join(', ')}`).join('; ');
}

/** "1.85 m × 600 mm", "1.85 m". */
export function pieceWords({ units }: Units, piece: Pick<CutPiece, 'length' | 'width'>): string {
  const length = lengthWords(Math.round(piece.length), units);
  return isBar(piece) ? length : `${length} × ${lengthWords(Math.round(piece.width), units)}`;
}

/** The list as plain text, to be sent to whoever goes to the shop. */
export function shoppingText(
  place: Place,
  mends: readonly Mend[],
  list: ShoppingList,
  ticked: readonly string[],
): string {
  const lines = shopGroups.flatMap((group) => {
    const own = list.lines.filter(({ sold }) => shopGroupOf(sold.material) === group);
    if (own.length === 0) return [];
    return [
      shopGroupNames[group],
      ...own.map(
        ({ sold, count, cents }) =>
          `${ticked.includes(sold.id) ? '[x]' : '[ ]'} ${count} × ${soldWords(place, sold)}: ${moneyWords(place, cents)}`,
      ),
      '',
    ];
  });
  return [
    `Shopping for ${place.name}`,
    '',
    ...lines,
    ...list.own.map(
      ({ mend, cents }) => `${forWhat(place, mends, [mend])}: ${moneyWords(place, cents)}`,
    ),
    `In all ${moneyWords(place, list.cents)}; with ${moneyWords(place, list.allowance)} to spare ${moneyWords(place, list.total)}.`,
    '',
  ].join('\n');
}

/** The list as a table: one line of it a row. */
export function shoppingTable(
  place: Place,
  mends: readonly Mend[],
  list: ShoppingList,
  ticked: readonly string[],
): Table {
  return {
    head: [
      'Group',
      'What',
      'Count',
      `Price each (${currencyOf(place)})`,
      'Sum',
      'For',
      'Price seen',
      'Ticked',
    ],
    rows: [
      ...list.lines.map(({ sold, count, cents, mends: ids }) => [
        shopGroupNames[shopGroupOf(sold.material)],
        soldWords(place, sold),
        count,
        sold.cents / 100,
        cents / 100,
        forWhat(place, mends, ids),
        sold.seen ?? '',
        ticked.includes(sold.id) ? 'yes' : 'no',
      ]),
      ...list.own.map(({ mend, cents }) => {
        const name = forWhat(place, mends, [mend]);
        return ['For your own mends', name, 1, cents / 100, cents / 100, name, '', 'no'];
      }),
    ],
  };
}
