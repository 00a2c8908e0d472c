/** What a keeper has of shops: the price book, what is left over from earlier cutting, what is ticked, and what was bought. */
import type { Place } from '../../place/place';
import { ours } from '../../tables/assumptions';
import type { Material } from '../catalogue';
import { materials, prices } from '../catalogue/prices';
import type { Cutting } from '../cutting/cutting';
import type { CutPiece } from './divide';
import { quantityOf, soldByDefault, type Sold, type SoldSize } from './sold';

export interface Shop {
  readonly placeId: string;
  /** Added to the sum for what nobody foresaw, per cent. */
  readonly allowance: number;
  readonly prices: readonly OwnPrice[];
  readonly offcuts: readonly Offcut[];
  /** Lines of the list that lie in the basket: ids of what is sold. */
  readonly ticked: readonly string[];
  readonly purchases: readonly Purchase[];
}

/** What the keeper's shop asks; in the place of ours where it has the same id. */
export interface OwnPrice {
  readonly id: string;
  readonly material: Material;
  readonly size: SoldSize;
  readonly cents: number;
  /** YYYY-MM-DD. */
  readonly seen: string;
  /** Not to be had there. */
  readonly none?: true;
}

/** Full width or not: what is left of something bought, and large enough to be of use. */
export interface Offcut {
  readonly id: string;
  readonly material: Material;
  readonly length: number;
  readonly width: number;
}

/** One time in the shop. */
export interface Purchase {
  readonly id: string;
  /** YYYY-MM-DD. */
  readonly date: string;
  readonly mends: readonly string[];
  readonly cents: number;
  readonly cuttings: readonly BoughtCutting[];
}

/** With what each piece is for. */
export interface BoughtCutting extends MaterialCutting {
  readonly pieces: readonly Pick<CutPiece, 'id' | 'mends' | 'part'>[];
}

/** How a material is cut. Pieces have the ids of `take-off`. */
export interface MaterialCutting {
  readonly material: Material;
  readonly cutting: Cutting;
}

/** Until the keeper says otherwise. */
export const firstAllowance = ours(10, 'per cent', 'For what nobody foresaw.');

export function firstShop({ id }: Pick<Place, 'id'>): Shop {
  return {
    placeId: id,
    allowance: firstAllowance.value,
    prices: [],
    offcuts: [],
    ticked: [],
    purchases: [],
  };
}

/** Every size of a material that can be had, the keeper's own prices before ours. */
export function soldOf(
  material: Material,
  { setting }: Pick<Place, 'setting'>,
  shop: Pick<Shop, 'prices'>,
): Sold[] {
  const form = soldByDefault(material, setting.region)[0]?.size.form;
  // A pack of mesh or a sheet of screws can only come from a file.
  const own = shop.prices.filter((it) => it.material === material && it.size.form === form);
  const ours = soldByDefault(material, setting.region).filter(
    ({ id }) => !own.some((it) => it.id === id),
  );
  const seen = own
    .filter(({ none }) => !none)
    .map(({ id, size, cents, seen: day }): Sold => ({ id, material, size, cents, seen: day }));
  return [...ours, ...seen];
}

/** Hundredths for a square metre, metre or piece, of the size that is cheapest for as much. */
export type UnitPrices = Readonly<Record<Material, number>>;

export const defaultUnitPrices: UnitPrices = Object.fromEntries(
  materials.map((material) => [material, prices[material].cents.value]),
) as Record<Material, number>;

/** What plans reckon with: ours, and the keeper's where they have written any in. */
export function unitPricesOf(
  place: Pick<Place, 'setting'>,
  shop: Pick<Shop, 'prices'>,
): UnitPrices {
  const touched = new Set(shop.prices.map(({ material }) => material));
  const changed = [...touched].flatMap((material) => {
    const each = soldOf(material, place, shop).map((it) => it.cents / quantityOf(it.size));
    return each.length > 0 ? [[material, Math.min(...each)] as const] : [];
  });
  return { ...defaultUnitPrices, ...Object.fromEntries(changed) };
}
