/** The part of the place file's JSON Schema that is about shops. */
import { materials } from '../../mends/catalogue/prices';
import { list, number, oneOf, ref, shape, whole, type JsonSchema } from './parts';

const text = ref('text');
const money = whole(0, 100_000_000);
const long: JsonSchema = { type: 'number', exclusiveMinimum: 0, maximum: 10_000_000 };
const far = number(0, 10_000_000);

export const shopDefs: Readonly<Record<string, JsonSchema>> = {
  soldSize: {
    description: 'Lengths and widths in mm.',
    oneOf: [
      shape({ form: { const: 'sheet' }, length: long, width: long }),
      shape({ form: { const: 'bar' }, length: long }),
      shape({ form: { const: 'coil' }, length: long }),
      shape({ form: { const: 'pack' }, count: whole(1, 1_000_000) }),
      shape({ form: { const: 'slab' }, length: long, 'width?': long }),
    ],
  },
  cutting: shape({
    rolls: list(
      shape({
        roll: shape({
          id: text,
          length: long,
          width: long,
          cents: money,
          'count?': whole(0, 10_000),
        }),
        sections: list(
          shape({
            from: far,
            length: long,
            strips: list(shape({ piece: text, across: far, length: long, width: long })),
          }),
        ),
      }),
    ),
    cents: money,
    lowestCents: money,
    waste: number(),
    leastWaste: number(),
  }),
  shop: shape(
    {
      placeId: text,
      allowance: { description: 'Per cent.', ...number(0, 100) },
      prices: list(
        shape({
          id: text,
          material: oneOf(materials),
          size: ref('soldSize'),
          cents: money,
          seen: ref('day'),
          'none?': { const: true },
        }),
      ),
      offcuts: list(shape({ id: text, material: oneOf(materials), length: long, width: long })),
      ticked: list(text),
      purchases: list(
        shape({
          id: text,
          date: ref('day'),
          mends: list(text),
          cents: money,
          cuttings: list(
            shape({
              material: oneOf(materials),
              cutting: ref('cutting'),
              pieces: list(
                shape({
                  id: text,
                  mends: list(text),
                  'part?': shape({ at: whole(0, 10_000), of: whole(0, 10_000) }),
                }),
              ),
            }),
          ),
        }),
      ),
    },
    'The price book, offcuts in stock, lines ticked, and what was bought. Money in hundredths.',
  ),
};
