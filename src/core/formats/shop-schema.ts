/** Schema of what a keeper has of shops. The types stand in mends/shopping/shop.ts and mends/cutting/cutting.ts. */
import * as yup from 'yup';
import { materials } from '../mends/catalogue/prices';
import type { Shop } from '../mends/shopping/shop';
import { day, list, maybe, oneOf, shape, text, wholeNumber } from './schema-parts';

const money = () => wholeNumber(100_000_000);
/** mm; a saw's cut may be no whole number. */
const long = () => yup.number().moreThan(0).max(10_000_000).required();
const far = () => yup.number().min(0).max(10_000_000).required();

const sizes = {
  sheet: shape({ form: oneOf(['sheet']), length: long(), width: long() }),
  bar: shape({ form: oneOf(['bar']), length: long() }),
  coil: shape({ form: oneOf(['coil']), length: long() }),
  pack: shape({ form: oneOf(['pack']), count: yup.number().integer().min(1).max(1e6).required() }),
  slab: shape({ form: oneOf(['slab']), length: long(), width: maybe(long()) }),
} as const;

const size = yup.lazy((value: unknown) => {
  const { form } = (value ?? {}) as { form?: string };
  return (
    form !== undefined && form in sizes ? sizes[form as keyof typeof sizes] : sizes.sheet
  ) as yup.Schema;
}) as unknown as yup.Schema<object>;

const cutting = shape({
  rolls: list(
    shape({
      roll: shape({
        id: text(),
        length: long(),
        width: long(),
        cents: money(),
        count: maybe(wholeNumber(10_000)),
      }),
      sections: list(
        shape({
          from: far(),
          length: long(),
          strips: list(shape({ piece: text(), across: far(), length: long(), width: long() })),
        }),
      ),
    }),
  ),
  cents: money(),
  lowestCents: money(),
  waste: yup.number().required(),
  leastWaste: yup.number().required(),
});

const strings = () => yup.array(text()).required();

export const shopSchema = shape<Shop>({
  placeId: text(),
  allowance: yup.number().min(0).max(100).required(),
  prices: list(
    shape({
      id: text(),
      material: oneOf(materials),
      size,
      cents: money(),
      seen: day(),
      none: yup.boolean().oneOf([true]).optional(),
    }),
  ),
  offcuts: list(shape({ id: text(), material: oneOf(materials), length: long(), width: long() })),
  ticked: strings(),
  purchases: list(
    shape({
      id: text(),
      date: day(),
      mends: strings(),
      cents: money(),
      cuttings: list(
        shape({
          material: oneOf(materials),
          cutting,
          pieces: list(
            shape({
              id: text(),
              mends: strings(),
              part: maybe(shape({ at: wholeNumber(10_000), of: wholeNumber(10_000) })),
            }),
          ),
        }),
      ),
    }),
  ),
});
