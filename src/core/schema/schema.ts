/**
 * What a document is made of, as plain data: from one description come the TypeScript type (`TypeOf`), what is checked when a file is read
 * (`validator.ts`) and the published JSON Schema (`json-schema.ts`). No unknown field is let by, nothing is cast.
 */

declare const described: unique symbol;

/** A description of values of type `T`. */
export type Schema<T> = Node & { readonly [described]?: T };

/** A field that may be left out. */
export type OptionalField<T> = { readonly kind: 'optional'; readonly of: Schema<T> } & {
  readonly [described]?: T;
};

/** The type a description stands for. */
export type TypeOf<S> = S extends { readonly [described]?: infer T }
  ? Exclude<T, undefined>
  : never;

/** A description of a value: from it follow type, check and JSON Schema. */
export type Node = NodeKinds & {
  /** Name it has in the JSON Schema; what is named is written there once. */
  readonly name?: string;
  /** What the JSON Schema says of it. */
  readonly about?: string;
};

type NodeKinds =
  | TextNode
  | PatternNode
  | AmountNode
  | { readonly kind: 'flag' }
  | { readonly kind: 'constant'; readonly value: string | number | true }
  | { readonly kind: 'one-of'; readonly values: readonly string[] }
  | ListNode
  | ObjectNode
  | { readonly kind: 'map'; readonly of: Node }
  | UnionNode
  | { readonly kind: 'nullable'; readonly of: Node };

/** A text of so many characters. */
export interface TextNode {
  readonly kind: 'text';
  /** Characters. */
  readonly least: number;
  readonly most: number;
}

/** A text of a certain form. */
export interface PatternNode {
  readonly kind: 'pattern';
  readonly pattern: RegExp;
  /** What a pattern cannot say: a 30th of February. */
  readonly isToo?: (text: string) => boolean;
  /** "a day, like 2026-05-01" */
  readonly like: string;
}

/** A number within limits. */
export interface AmountNode {
  readonly kind: 'amount';
  readonly least?: number;
  /** Where `least` itself is too little. */
  readonly isAbove?: true;
  readonly most?: number;
  readonly isWhole?: true;
}

/** A list of one kind of thing. */
export interface ListNode {
  readonly kind: 'list';
  readonly of: Node;
  readonly least?: number;
  readonly most?: number;
  /** Why it must have so many: "needs a layer". */
  readonly sentence?: string;
}

/** An object of known fields. */
export interface ObjectNode {
  readonly kind: 'object';
  readonly fields: Fields;
  /** What two fields must be to each other; beyond what JSON Schema can say. */
  readonly rule?: Rule;
  /** Other fields may stand beside these. */
  readonly isOpen?: true;
}

/** One of several, told apart by a field. */
export interface UnionNode {
  readonly kind: 'union';
  readonly members: readonly Node[];
  /** The member a value is to be checked by: told by a field, never by trying one after the other. */
  readonly memberFor: (value: unknown) => Node;
}

/** What two fields must be to each other. */
export interface Rule {
  /** The field that is at fault where it does not hold. */
  readonly field: string;
  readonly holds: (value: Readonly<Record<string, unknown>>) => boolean;
  readonly sentence: string;
}

/** Fields by name. */
export type Fields = Readonly<Record<string, Node | OptionalField<unknown>>>;

type OptionalKeys<F> = {
  [K in keyof F]: F[K] extends { readonly kind: 'optional' } ? K : never;
}[keyof F];

/** The type of an object with these fields. */
export type TypeOfFields<F> = {
  readonly [K in keyof F as K extends OptionalKeys<F> ? never : K]: TypeOf<F[K]>;
} & { readonly [K in keyof F as K extends OptionalKeys<F> ? K : never]?: TypeOf<F[K]> };

/** The longest text that is an id or a name, characters (assumption of ours). */
const longestName = 200;
/** Longer than any side, higher than any wall, mm; a number beyond it is a slip (assumption of ours). */
export const longest = 1_000_000;
/** Hundredths of money beyond which a sum is a slip (assumption of ours). */
const dearest = 100_000_000;

/** A text that is not empty. */
export const text = (most = longestName): Schema<string> => ({ kind: 'text', least: 1, most });

/** A text that may be empty: a note, words of the keeper's. */
export const note = (most = 1000): Schema<string> => ({ kind: 'text', least: 0, most });

/** A text of a form; `like` ends the sentence about one that is not: "a day, like 2026-05-01". */
export const pattern = (
  form: RegExp,
  like: string,
  isToo?: (text: string) => boolean,
): Schema<string> => ({ kind: 'pattern', pattern: form, like, ...(isToo && { isToo }) });

/** A number from `least` to `most`, both included. */
export const amount = (least?: number, most?: number): Schema<number> => ({
  kind: 'amount',
  ...(least !== undefined && { least }),
  ...(most !== undefined && { most }),
});

/** A number above `bound`. */
export const amountAbove = (bound: number, most: number): Schema<number> => ({
  kind: 'amount',
  least: bound,
  isAbove: true,
  most,
});

/** A whole number from `least` to `most`. */
export const whole = (least: number, most: number): Schema<number> => ({
  kind: 'amount',
  least,
  most,
  isWhole: true,
});

/** Hundredths of the keeper's money. */
export const money = whole(0, dearest);

/** True or false. */
export const flag: Schema<boolean> = { kind: 'flag' };

/** Just this value. */
export const constant = <const T extends string | number | true>(value: T): Schema<T> => ({
  kind: 'constant',
  value,
});

/** One of these texts. */
export const oneOf = <T extends string>(values: readonly T[]): Schema<T> => ({
  kind: 'one-of',
  values,
});

/** A list of any length, or of at most so many. */
export const list = <T>(of: Schema<T>, most?: number): Schema<readonly T[]> => ({
  kind: 'list',
  of,
  ...(most !== undefined && { most }),
});

/** A list of at least `least`; `sentence` says what is missing: "needs a layer". */
export const listOfSome = <T>(
  of: Schema<T>,
  least = 1,
  sentence?: string,
  most?: number,
): Schema<readonly T[]> => ({
  kind: 'list',
  of,
  least,
  ...(sentence && { sentence }),
  ...(most !== undefined && { most }),
});

/** A list of two. */
export const pair = <T>(of: Schema<T>): Schema<readonly [T, T]> => ({
  kind: 'list',
  of,
  least: 2,
  most: 2,
});

/** An object with just these fields. */
export const object = <F extends Fields>(fields: F, rule?: Rule): Schema<TypeOfFields<F>> => ({
  kind: 'object',
  fields,
  ...(rule && { rule }),
});

/** An object with these fields and any others. */
export const openObject = <F extends Fields>(fields: F): Schema<TypeOfFields<F>> => ({
  kind: 'object',
  fields,
  isOpen: true,
});

/** An object whose field names are ids. */
export const map = <T>(of: Schema<T>): Schema<Readonly<Record<string, T>>> => ({ kind: 'map', of });

/** A field that may be left out. */
export const optional = <T>(of: Schema<T>): OptionalField<T> => ({ kind: 'optional', of });

/** The same or null. */
export const nullable = <T>(of: Schema<T>): Schema<T | null> => ({ kind: 'nullable', of });

/** One of several, as `memberFor` tells. */
export const union = <T>(
  members: readonly Schema<T>[],
  memberFor: (value: unknown) => Schema<T>,
): Schema<T> => ({ kind: 'union', members, memberFor });

/** One of several objects, each told by a field that only it has; what has none of them is checked as the first. */
export function byField<M extends Readonly<Record<string, Schema<unknown>>>>(
  members: M,
): Schema<TypeOf<M[keyof M]>> {
  const all = Object.values(members) as Schema<TypeOf<M[keyof M]>>[];
  return union(all, (value) => {
    const fields = typeof value === 'object' && value !== null ? Object.keys(value) : [];
    const at = Object.keys(members).findIndex((field) => fields.includes(field));
    return all[Math.max(at, 0)] as Schema<TypeOf<M[keyof M]>>;
  });
}

/** One of several objects, told by what stands in one field; what has something else there is checked as the first. */
export function byTag<M extends Readonly<Record<string, Schema<unknown>>>>(
  tag: string,
  members: M,
): Schema<TypeOf<M[keyof M]>> {
  const all = Object.values(members) as Schema<TypeOf<M[keyof M]>>[];
  const tags = Object.keys(members);
  return union(all, (value) => {
    const given = typeof value === 'object' && value !== null ? Reflect.get(value, tag) : undefined;
    return all[Math.max(tags.indexOf(String(given)), 0)] as Schema<TypeOf<M[keyof M]>>;
  });
}

/** The same under a name, written once in the JSON Schema; `about` says there what it is. */
export const named = <T>(name: string, of: Schema<T>, about?: string): Schema<T> => ({
  ...of,
  name,
  ...(about && { about }),
});
