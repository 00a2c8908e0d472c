/** Type, check and JSON Schema come from one description: here the two that run are held against each other, and against Ajv from outside. */
import Ajv2020 from 'ajv/dist/2020';
import fc from 'fast-check';
import { length, day } from './common';
import { jsonSchemaOf } from './json-schema';
import {
  amount,
  amountAbove,
  byField,
  byTag,
  constant,
  flag,
  list,
  listOfSome,
  map,
  named,
  note,
  nullable,
  object,
  oneOf,
  openObject,
  optional,
  pair,
  text,
  whole,
  type Schema,
  type TypeOf,
} from './schema';
import { validatorOf } from './validator';

const sample = named(
  'sample',
  object({
    id: text(5),
    note: optional(note(4)),
    width: length,
    above: amountAbove(2, 9),
    any: amount(),
    count: whole(1, 3),
    isOn: flag,
    on: optional(constant(true)),
    kind: oneOf(['a', 'b']),
    when: optional(day),
    all: listOfSome(oneOf(['x', 'y'])),
    two: pair(amount(0, 1)),
    by: byField({ is: object({ is: whole(0, 2) }), any: object({ any: constant(true) }) }),
    form: byTag('form', {
      bar: object({ form: constant('bar'), long: whole(1, 5) }),
      pack: object({ form: constant('pack'), of: optional(whole(1, 5)) }),
    }),
    none: nullable(text(3)),
    each: map(whole(0, 1)),
    open: openObject({ kind: text(3) }),
    rows: list(object({ to: optional(whole(0, 1)) })),
  }),
);
type Sample = TypeOf<typeof sample>;

const good: Sample = {
  id: 'abc',
  width: 3.5,
  above: 2.5,
  any: -4,
  count: 2,
  isOn: false,
  kind: 'a',
  all: ['x'],
  two: [0, 1],
  by: { is: 1 },
  form: { form: 'bar', long: 3 },
  none: null,
  each: { p: 1 },
  open: { kind: 'k' },
  rows: [{}],
};

const published = new Ajv2020().compile(jsonSchemaOf(sample, 'Sample'));

function isRead<T>(schema: Schema<T>, value: unknown): boolean {
  try {
    validatorOf(schema).validateSync(value, { strict: true });
    return true;
  } catch {
    return false;
  }
}

test('what the type allows is read and published', () => {
  const full: Sample = { ...good, note: '', on: true, when: '2026-05-01', none: 'abc' };
  for (const value of [good, full]) {
    expect(isRead(sample, value)).toBe(true);
    expect(published(value)).toBe(true);
  }
});

const anything = fc.oneof(
  fc.constantFrom<unknown>(0, 1, 2, 2.5, 9, 10, -1, 1e7, '', 'a', 'abc', 'abcdef', true, false),
  fc.constantFrom<unknown>(null, [], ['x'], ['x', 'z'], [0, 1], [0], {}, { is: 1 }, { any: true }),
  fc.constantFrom<unknown>({ form: 'pack' }, { form: 'bar' }, { form: 'pack', of: 9 }, { p: 2 }),
  fc.constantFrom<unknown>({ kind: 'k', more: 1 }, [{ to: 1 }], [{ to: 2 }], '2026-05-01'),
);

test('reader and JSON Schema say the same of any one thing changed, taken away or added', () => {
  const fields = fc.constantFrom(...Object.keys(good), 'note', 'on', 'when', 'stranger');
  fc.assert(
    fc.property(fields, anything, fc.boolean(), (field, value, isTaken) => {
      const { [field]: _, ...others } = good as unknown as Record<string, unknown>;
      const changed = isTaken ? others : { ...good, [field]: value };
      expect(isRead(sample, changed)).toBe(published(changed));
    }),
    { numRuns: 2000 },
  );
});

test.each([
  [{ ...good, stranger: 1 }, /field nobody knows: stranger/],
  [{ ...good, width: '3' }, /^width must be a number from 0 to 1000000$/],
  [{ ...good, count: 1.5 }, /^count must be a whole number from 1 to 3$/],
  [{ ...good, above: 2 }, /^above must be a number above 2 to 9$/],
  [{ ...good, kind: 'c' }, /^kind must be one of the following values: a, b$/],
  [{ ...good, when: '2026-02-30' }, /^when must be a day, like 2026-05-01$/],
  [{ ...good, all: [] }, /^all needs 1 or more$/],
  [{ ...good, rows: 3 }, /^rows must be a list$/],
  [{ ...good, by: { is: 7 } }, /^by\.is must be a whole number from 0 to 2$/],
  [{ ...good, any: NaN }, /^any must be a number$/],
  [{ ...good, any: Infinity }, /^any must be a number$/],
])('says what is wrong, and where: %#', (value, sentence) => {
  expect(() => validatorOf(sample).validateSync(value, { strict: true })).toThrow(sentence);
});

test('a rule names the field that is at fault', () => {
  const span = object(
    { from: amount(), to: amount() },
    { field: 'to', holds: ({ from, to }) => Number(to) >= Number(from), sentence: 'is too low' },
  );
  expect(() => validatorOf(object({ span })).validateSync({ span: { from: 2, to: 1 } })).toThrow(
    'span.to is too low',
  );
});

test('what is named is written once', () => {
  const twice = jsonSchemaOf(object({ a: length, b: length }), 'Twice');
  expect(twice.properties).toEqual({
    a: { $ref: '#/$defs/length' },
    b: { $ref: '#/$defs/length' },
  });
  expect(Object.keys(twice.$defs as object)).toEqual(['length']);
});
