/** Small JSON Schemas (2020-12) the larger ones are built from. Plain data; the Yup schemas decide what is read. */

export type JsonSchema = Readonly<Record<string, unknown>>;

export const ref = (name: string): JsonSchema => ({ $ref: `#/$defs/${name}` });
export const oneOf = (values: readonly string[]): JsonSchema => ({ enum: values });
export const list = (items: JsonSchema, more: JsonSchema = {}): JsonSchema => ({
  type: 'array',
  items,
  ...more,
});
export const number = (minimum?: number, maximum?: number): JsonSchema => ({
  type: 'number',
  ...(minimum !== undefined && { minimum }),
  ...(maximum !== undefined && { maximum }),
});
export const whole = (minimum: number, maximum: number): JsonSchema => ({
  type: 'integer',
  minimum,
  maximum,
});
export const orNull = (schema: JsonSchema): JsonSchema => ({ anyOf: [schema, { type: 'null' }] });
export const pair = (items: JsonSchema): JsonSchema => list(items, { minItems: 2, maxItems: 2 });

/** An object with just these fields; those whose name ends in "?" may be left out. */
export function shape(
  fields: Readonly<Record<string, JsonSchema>>,
  description?: string,
): JsonSchema {
  const names = Object.keys(fields);
  return {
    ...(description && { description }),
    type: 'object',
    properties: Object.fromEntries(
      Object.entries(fields).map(([name, schema]) => [name.replace('?', ''), schema]),
    ),
    required: names.filter((name) => !name.endsWith('?')),
    additionalProperties: false,
  };
}

export const maxText = (maxLength: number): JsonSchema => ({ type: 'string', maxLength });

/** The set of values a choice may have. */
export function possibleChoice(values: readonly string[]): JsonSchema {
  return {
    oneOf: [
      shape({ is: oneOf(values), 'entered?': ref('entered') }),
      shape({ oneOf: list(oneOf(values), { minItems: 1 }) }),
      ref('any'),
    ],
  };
}

/** What every document is built from. */
export const commonDefs: Readonly<Record<string, JsonSchema>> = {
  text: { type: 'string', minLength: 1, maxLength: 200 },
  entered: { description: 'As typed, unit and fraction.', ...maxText(60) },
  length: {
    description: 'Millimetres; kilograms or kilovolts where an attribute says so.',
    ...number(0, 1_000_000),
  },
  day: { type: 'string', pattern: '^\\d{4}-\\d{2}-\\d{2}$' },
  instant: {
    type: 'string',
    pattern: '^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}:\\d{2}(\\.\\d+)?Z$',
  },
  any: shape({ any: { const: true } }, 'All of its kind: nobody has looked.'),
};
