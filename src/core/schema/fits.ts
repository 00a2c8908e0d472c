/**
 * Whether a value is what its description says: yes or no, without a sentence. What does not fit is read by the Yup schema of the same
 * description, which says where and why (a test holds the two against each other). Ten years of evenings are checked so in a twentieth of the time (decision 27).
 */
import type { Fields, Node, ObjectNode, OptionalField, Schema } from './schema';
import { checkOf, isBranch, type Check } from './validator';

/** True exactly where the Yup schema has nothing to say against it. */
export function fits<T>(schema: Schema<T>, value: unknown): value is T {
  return fitsNode(schema, value);
}

function fitsNode(node: Node, value: unknown): boolean {
  if (!isBranch(node)) return leafCheck(node)(value);
  switch (node.kind) {
    case 'list':
      return (
        Array.isArray(value) &&
        value.length >= (node.least ?? 0) &&
        value.length <= (node.most ?? Infinity) &&
        value.every((it) => fitsNode(node.of, it))
      );
    case 'object':
      return isObject(value) && fitsObject(node, value);
    case 'map':
      return isObject(value) && Object.values(value).every((it) => fitsNode(node.of, it));
    case 'union':
      return fitsNode(node.memberFor(value), value);
    case 'nullable':
      return value === null || fitsNode(node.of, value);
  }
}

function fitsObject(
  { fields, rule, isOpen }: ObjectNode,
  value: Readonly<Record<string, unknown>>,
): boolean {
  const known: Fields = fields;
  for (const name of Object.keys(value)) {
    if (!Object.hasOwn(known, name) && !isOpen) return false;
  }
  for (const name of Object.keys(known)) {
    const field = known[name];
    if (field && !fitsField(field, value[name])) return false;
  }
  return rule?.holds(value) ?? true;
}

function fitsField(field: Node | OptionalField<unknown>, value: unknown): boolean {
  if (field.kind !== 'optional') return fitsNode(field, value);
  return value === undefined || fitsNode(field.of, value);
}

const checks = new WeakMap<object, Check[0]>();

function leafCheck(node: Parameters<typeof checkOf>[0]): Check[0] {
  const known = checks.get(node);
  if (known) return known;
  const [holds] = checkOf(node);
  checks.set(node, holds);
  return holds;
}

function isObject(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
