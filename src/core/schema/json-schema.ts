/** The published JSON Schema (2020-12) of a description. What is named stands once, under `$defs`. */
import type { AmountNode, Node, ObjectNode, OptionalField } from './schema';

/** A JSON Schema, or a part of one. */
export type JsonSchema = Readonly<Record<string, unknown>>;

/** The whole document: `title` and what it holds. */
export function jsonSchemaOf(schema: Node, title: string): JsonSchema {
  const defs: Record<string, JsonSchema> = {};
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title,
    ...described(schema, defs),
    $defs: defs,
  };
}

type Defs = Record<string, JsonSchema>;

/** By reference where it has a name. */
function part(node: Node, defs: Defs): JsonSchema {
  const { name } = node;
  if (name === undefined) return described(node, defs);
  // Its place is taken first, so that what is described inside itself ends.
  if (!(name in defs)) {
    defs[name] = {};
    defs[name] = described(node, defs);
  }
  return { $ref: `#/$defs/${name}` };
}

function described(node: Node, defs: Defs): JsonSchema {
  const of = shapeOf(node, defs);
  return node.about === undefined ? of : { description: node.about, ...of };
}

function shapeOf(node: Node, defs: Defs): JsonSchema {
  switch (node.kind) {
    case 'text':
      return {
        type: 'string',
        ...(node.least > 0 && { minLength: node.least }),
        maxLength: node.most,
      };
    case 'pattern':
      return { type: 'string', pattern: node.pattern.source };
    case 'amount':
      return amountShape(node);
    case 'flag':
      return { type: 'boolean' };
    case 'constant':
      return { const: node.value };
    case 'one-of':
      return { enum: node.values };
    case 'list':
      return {
        type: 'array',
        items: part(node.of, defs),
        ...(node.least !== undefined && { minItems: node.least }),
        ...(node.most !== undefined && { maxItems: node.most }),
      };
    case 'object':
      return objectShape(node, defs);
    case 'map':
      return { type: 'object', additionalProperties: part(node.of, defs) };
    case 'union':
      return { oneOf: node.members.map((it) => part(it, defs)) };
    case 'nullable':
      return { anyOf: [part(node.of, defs), { type: 'null' }] };
  }
}

function amountShape({ least, most, isAbove, isWhole }: AmountNode): JsonSchema {
  return {
    type: isWhole ? 'integer' : 'number',
    ...(least !== undefined && { [isAbove ? 'exclusiveMinimum' : 'minimum']: least }),
    ...(most !== undefined && { maximum: most }),
  };
}

function objectShape({ fields, isOpen }: ObjectNode, defs: Defs): JsonSchema {
  const all = Object.entries(fields);
  const isOptional = (field: Node | OptionalField<unknown>): field is OptionalField<unknown> =>
    field.kind === 'optional';
  return {
    type: 'object',
    properties: Object.fromEntries(
      all.map(([name, field]) => [name, part(isOptional(field) ? field.of : field, defs)]),
    ),
    required: all.filter(([, field]) => !isOptional(field)).map(([name]) => name),
    ...(!isOpen && { additionalProperties: false }),
  };
}
