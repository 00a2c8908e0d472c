/**
 * Small schemas the larger ones are built from. Strict: nothing is cast, no unknown field is let by. A schema never changes, and to build
 * one costs more than to check a value by it: those that are alike are one.
 */
import * as yup from 'yup';
import { isDay } from '../place/day';
import { getOrMake } from '../place/kept';
import type { PossibleChoice, PossibleLength } from '../place/possible';

/** Longer than any side, higher than any wall; mm. A number beyond it is a slip. */
const longest = 1_000_000;

/**
 * One look at a value and one sentence about it. Ten years of readings have tens of thousands of small fields: a chain of tests on each
 * (type, length, pattern, presence) took a third longer to open them.
 */
function checked<T extends string | number>(
  is: (value: T) => boolean,
  of: 'string' | 'number',
  sentence: string,
) {
  return yup
    .mixed<T>((value): value is NonNullable<T> => typeof value === of && is(value as T))
    .typeError(sentence)
    .required();
}

const texts = new Map<number, ReturnType<typeof textOf>>();
const textOf = (max: number) =>
  checked<string>(
    (it) => it.length > 0 && it.length <= max,
    'string',
    `\${path} must be a text of 1 to ${max} characters`,
  );
export const text = (max = 200) => getOrMake(texts, max, () => textOf(max));

const optionalTexts = new Map<number, yup.StringSchema<string | undefined>>();
export const optionalText = (max = 1000) =>
  getOrMake(optionalTexts, max, () => yup.string().max(max).optional());

const aLength = checked<number>(
  (it) => it >= 0 && it <= longest,
  'number',
  `\${path} must be a number from 0 to ${longest}`,
);
export const length = () => aLength;
const anOptionalLength = yup.number().min(0).max(longest).optional();
export const optionalLength = () => anOptionalLength;

export const wholeNumber = (most: number) => yup.number().integer().min(0).max(most).required();
export const oneOf = <T extends string>(values: readonly T[]) =>
  checked<T>(
    (it) => values.includes(it),
    'string',
    `\${path} must be one of the following values: ${values.join(', ')}`,
  );
export const list = <T extends yup.Maybe<yup.AnyObject>>(of: yup.Schema<T>) =>
  yup.array(of.required() as yup.Schema<NonNullable<T>>).required();

/** Dates as ISO 8601, with time. */
const anInstant = checked<string>(
  (it) => /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d+)?Z$/.test(it),
  'string',
  '${path} must be a time, like 2026-05-01T09:30:00Z',
);
export const instant = () => anInstant;
const aDay = checked<string>(isDay, 'string', '${path} must be a day, like 2026-05-01');
export const day = () => aDay;

export function shape<T extends yup.Maybe<yup.AnyObject>>(fields: yup.ObjectShape) {
  return yup
    .object(fields)
    .noUnknown(
      (params) => `${params.path || 'the file'} has a field nobody knows: ${params.unknown}`,
    )
    .required() as unknown as yup.Schema<T>;
}

const any = shape<{ any: true }>({ any: yup.boolean().isTrue().required() });
const interval = shape<{ from: number; to: number }>({
  from: length(),
  to: length().test('order', '${path} must not be less than “from”', (to, context) => {
    const { from } = context.parent as { from?: unknown };
    return typeof from !== 'number' || to >= from;
  }),
  entered: optionalText(60),
});
const isLength = shape<{ is: number }>({ is: length(), entered: optionalText(60) });

/**
 * One of several shapes, told apart by the field only that shape has. Schemas are built once and picked from:
 * building one costs more than checking a value with it.
 */
export function byField<T>(schemas: Readonly<Record<string, yup.Schema>>, otherwise: string) {
  return yup.lazy((value: unknown) => {
    const fields = typeof value === 'object' && value !== null ? Object.keys(value) : [];
    const found = Object.keys(schemas).find((field) => fields.includes(field));
    return schemas[found ?? otherwise] as yup.Schema;
  }) as unknown as yup.Schema<T>;
}

const absent = yup.mixed().optional();

/** The schema, or nothing at all. */
export function maybe<T>(schema: yup.Schema<T>): yup.Schema<T | undefined> {
  return yup.lazy((value: unknown) =>
    value === undefined ? absent : schema,
  ) as unknown as yup.Schema<T | undefined>;
}

const aPossibleLength = byField<PossibleLength>({ is: isLength, from: interval, any }, 'is');
export const possibleLength = () => aPossibleLength;
const maybeALength = maybe(aPossibleLength);
export const maybeLength = () => maybeALength;

const isOneOf = <T extends string>(values: readonly T[]) =>
  shape({ is: oneOf(values), entered: optionalText(60) });

export const possibleChoice = <T extends string>(values: readonly T[]) =>
  byField<PossibleChoice<T>>(
    {
      is: isOneOf(values),
      oneOf: shape({ oneOf: yup.array(oneOf(values)).min(1).required() }),
      any,
    },
    'is',
  );
export const maybeChoice = <T extends string>(values: readonly T[]) =>
  maybe(possibleChoice(values));

const cannotTell = oneOf(['cannot-tell']);
const readLength = byField({ is: isLength, from: interval }, 'is');

/** A value as a reading may hold it: a length, or one of the attribute's choices. */
export function readValue(choices: readonly string[] | undefined) {
  const told = choices ? isOneOf(choices) : readLength;
  return yup.lazy((value: unknown) =>
    value === 'cannot-tell' ? cannotTell : told,
  ) as unknown as yup.Schema<never>;
}
