/**
 * The Yup schema of a description. Strict: nothing is cast, no unknown field is let by. Each is built once, when the first value of its
 * kind is read: building costs more than checking.
 */
import * as yup from 'yup';
import type { AmountNode, Fields, Node, ObjectNode, OptionalField, Schema } from './schema';

const built = new WeakMap<object, yup.Schema>();

/** Whoever checks by it is given the value as what was described: the one place where type and check are put side by side. */
export function validatorOf<T>(schema: Schema<T>): yup.Schema<T> {
  return validator(schema) as yup.Schema<T>;
}

function validator(node: Node | OptionalField<unknown>): yup.Schema {
  const known = built.get(node);
  if (known) return known;
  const made = node.kind === 'optional' ? maybe(node.of) : required(node);
  built.set(node, made);
  return made;
}

function required(node: Node): yup.Schema {
  switch (node.kind) {
    case 'list':
      return listOf(node);
    case 'object':
      return objectOf(node);
    case 'map':
      return yup.lazy((value: unknown) => mapOf(value, node.of)) as unknown as yup.Schema;
    case 'union':
      return yup.lazy((value: unknown) =>
        validator(node.memberFor(value)),
      ) as unknown as yup.Schema;
    case 'nullable':
      return yup.lazy((value: unknown) =>
        value === null ? nothing : validator(node.of),
      ) as unknown as yup.Schema;
    default:
      return leaf(node).required();
  }
}

const nothing = yup.mixed().nullable();
const absent = yup.mixed().optional();

function maybe(of: Node): yup.Schema {
  if (!isBranch(of)) return leaf(of).optional();
  return yup.lazy((value: unknown) =>
    value === undefined ? absent : validator(of),
  ) as unknown as yup.Schema;
}

type Branch = Extract<Node, { kind: 'list' | 'object' | 'map' | 'union' | 'nullable' }>;
type Leaf = Exclude<Node, Branch>;

/** Whether it is made of other descriptions. */
export function isBranch(node: Node): node is Branch {
  return ['list', 'object', 'map', 'union', 'nullable'].includes(node.kind);
}

/**
 * One look at a value and one sentence about it. Ten years of readings have tens of thousands of small fields: a chain of tests on each
 * (type, length, pattern, presence) took a third longer to open them.
 */
function leaf(node: Leaf) {
  const [holds, sentence] = checkOf(node);
  return yup
    .mixed((value): value is NonNullable<unknown> => holds(value))
    .typeError(`\${path} must be ${sentence}`);
}

/** Whether a value holds, and what it should be. */
export type Check = readonly [holds: (value: unknown) => boolean, sentence: string];

/** Of a description that is made of no others. */
export function checkOf(node: Leaf): Check {
  switch (node.kind) {
    case 'text': {
      const { least, most } = node;
      return [
        (it) => typeof it === 'string' && it.length >= least && it.length <= most,
        `a text of ${least} to ${most} characters`,
      ];
    }
    case 'pattern': {
      const { pattern, isToo, like } = node;
      return [(it) => typeof it === 'string' && pattern.test(it) && (isToo?.(it) ?? true), like];
    }
    case 'amount':
      return amountCheck(node);
    case 'flag':
      return [(it) => typeof it === 'boolean', 'true or false'];
    case 'constant':
      return [(it) => it === node.value, JSON.stringify(node.value)];
    case 'one-of':
      return [
        (it) => typeof it === 'string' && node.values.includes(it),
        `one of the following values: ${node.values.join(', ')}`,
      ];
  }
}

function amountCheck({ least = -Infinity, most = Infinity, isAbove, isWhole }: AmountNode): Check {
  const holds = (it: unknown): boolean =>
    typeof it === 'number' &&
    Number.isFinite(it) &&
    (isAbove ? it > least : it >= least) &&
    it <= most &&
    (!isWhole || Number.isInteger(it));
  const kind = isWhole ? 'a whole number' : 'a number';
  const from = isAbove ? `above ${least}` : `from ${least}`;
  if (least === -Infinity) return [holds, kind];
  return [holds, most === Infinity ? `${kind} ${from} up` : `${kind} ${from} to ${most}`];
}

function listOf({ of, least, most, sentence }: Extract<Node, { kind: 'list' }>): yup.Schema {
  const of_ = yup.array(validator(of)).typeError('${path} must be a list').required();
  const some =
    least === undefined ? of_ : of_.min(least, `\${path} ${sentence ?? `needs ${least} or more`}`);
  return most === undefined ? some : some.max(most, `\${path} has room for ${most}`);
}

function objectOf({ fields, rule, isOpen }: ObjectNode): yup.Schema {
  const shape: yup.ObjectShape = Object.fromEntries(
    Object.entries(fields satisfies Fields).map(([name, field]) => [name, validator(field)]),
  );
  const object = yup.object(shape).typeError('${path} must be an object');
  const strict = isOpen
    ? object
    : object.noUnknown(
        (params) => `${params.path || 'the file'} has a field nobody knows: ${params.unknown}`,
      );
  const ruled = rule ? strict.test(testOf(rule)) : strict;
  return ruled.required();
}

/** At fault is the field, not the whole. */
function testOf({
  field,
  holds,
  sentence,
}: NonNullable<ObjectNode['rule']>): yup.TestConfig<object> {
  return {
    name: 'rule',
    test: (value, { createError, path }) =>
      holds(value as Readonly<Record<string, unknown>>) ||
      createError({
        path: path ? `${path}.${field}` : field,
        message: `\${path} ${sentence}`,
      }),
  };
}

/** Of whatever fields it has, each by the same. */
function mapOf(value: unknown, of: Node): yup.Schema {
  const names = typeof value === 'object' && value !== null ? Object.keys(value) : [];
  return yup.object(Object.fromEntries(names.map((name) => [name, validator(of)]))).required();
}
