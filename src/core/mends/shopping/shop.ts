/** What a keeper has of shops: the price book, what is left over from earlier cutting, what is ticked, and what was bought. */
import type { Place } from '../../place/place';
import { day, text } from '../../schema/common';
import {
  amount,
  constant,
  list,
  money,
  named,
  object,
  oneOf,
  optional,
  whole,
  type TypeOf,
} from '../../schema/schema';
import { writtenSchema } from '../../records/kept';
import { ours } from '../../tables/assumptions';
import type { Material } from '../catalogue';
import { materials, prices } from '../catalogue/prices';
import { cuttingSchema, long, mostPieces, type Cutting } from '../cutting/cutting';
import { quantityOf, soldByDefault, soldSizeSchema, type Sold } from './sold';

const material = oneOf(materials);

/** What the keeper's shop asks; in the place of ours where it has the same id. */
const ownPriceSchema = object({
  id: text,
  material,
  size: soldSizeSchema,
  cents: money,
  seen: day,
  /** Not to be had there. */
  none: optional(constant(true)),
});
/** A price of the keeper's own. */
export interface OwnPrice extends TypeOf<typeof ownPriceSchema> {}

/** Full width or not: what is left of something bought, and large enough to be of use. */
const offcutSchema = object({ id: text, material, length: long, width: long });
/** What is left of something bought, and stands in the shed. */
export interface Offcut extends TypeOf<typeof offcutSchema> {}

/** How a material is cut. Pieces have the ids of `take-off`. */
export interface MaterialCutting {
  readonly material: Material;
  readonly cutting: Cutting;
}

const pieceNumber = whole(0, mostPieces);

/** With what each piece is for. */
const boughtCuttingSchema = object({
  material,
  cutting: cuttingSchema,
  pieces: list(
    object({
      id: text,
      mends: list(text),
      part: optional(object({ at: pieceNumber, of: pieceNumber })),
    }),
  ),
});
/** A cutting list as it was bought. */
export interface BoughtCutting extends TypeOf<typeof boughtCuttingSchema> {}

/** One time in the shop. */
const purchaseSchema = object({
  id: text,
  date: day,
  mends: list(text),
  cents: money,
  cuttings: list(boughtCuttingSchema),
});
/** Something bought on a day. */
export interface Purchase extends TypeOf<typeof purchaseSchema> {}

/** The keeper’s prices, sizes and what lies in the shed. */
export const shopSchema = named(
  'shop',
  object({
    placeId: text,
    /** Added to the sum for what nobody foresaw. */
    allowance: { ...amount(0, 100), about: 'Per cent.' },
    prices: list(ownPriceSchema),
    offcuts: list(offcutSchema),
    /** Lines of the list that lie in the basket: ids of what is sold. */
    ticked: list(text),
    purchases: list(purchaseSchema),
    written: optional(writtenSchema),
  }),
  'The price book, offcuts in stock, lines ticked, and what was bought. Money in hundredths.',
);
/** The keeper's prices, offcuts and purchases. */
export interface Shop extends TypeOf<typeof shopSchema> {}

/** Until the keeper says otherwise. */
export const firstAllowance = ours(10, 'per cent', 'For what nobody foresaw.');

/** What a keeper has of shops before they have written anything in. */
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

/** Hundredths a unit, where the keeper has said none. */
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
