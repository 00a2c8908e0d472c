/** Where in the structure the value of an attribute stands: read and written with types, never by cutting up a name. */
import type { Bay, GroundLine, Opening, Skirt } from '../place/bay';
import { any, is, isKnown, type PossibleChoice } from '../place/possible';

/** Reads and writes one value of an item. */
export interface Path<Item, Value> {
  /** `undefined`: the file leaves it out. */
  get(item: Item): Value | undefined;
  /** The item with it; the same item where it has no place for it. */
  set(item: Item, value: Value): Item;
}

/** A field of the item itself. */
export const field = <Item extends object, F extends keyof Item>(
  name: F,
): Path<Item, NonNullable<Item[F]>> => ({
  get: (item) => item[name] ?? undefined,
  set: (item, value) => ({ ...item, [name]: value }),
});

/** A field of a bay's ground line; a bay that stands on no ground has none. */
export const ofGround = <F extends Exclude<keyof GroundLine, 'skirt'>>(
  name: F,
): Path<Bay, NonNullable<GroundLine[F]>> => ({
  get: ({ ground }) => ground?.[name] ?? undefined,
  set: (bay, value) => (bay.ground ? { ...bay, ground: { ...bay.ground, [name]: value } } : bay),
});

const undescribed: Skirt = { mesh: any, depth: any, outward: any, tied: any };

/** A field of the skirt; one that is read where none was described is there from then on. */
export const ofSkirt = <F extends keyof Skirt>(name: F): Path<Bay, Skirt[F]> => ({
  get: ({ ground }) => ground?.skirt?.[name],
  set: (bay, value) =>
    bay.ground
      ? {
          ...bay,
          ground: { ...bay.ground, skirt: { ...(bay.ground.skirt ?? undescribed), [name]: value } },
        }
      : bay,
});

/** A field of an opening that has one value, never a set: only a reading that is sure changes it. */
export const plainOfOpening = <F extends 'habit' | 'letGo' | 'shutBy' | 'byDay'>(
  name: F,
): Path<Opening, PossibleChoice<NonNullable<Opening[F]>>> => ({
  get: (opening) => {
    const value = opening[name];
    return value && is<NonNullable<Opening[F]>>(value);
  },
  set: (opening, value) =>
    isKnown<NonNullable<Opening[F]>>(value) ? { ...opening, [name]: value.is } : opening,
});
