/** What was taken away, so that it stays away when another phone's file is joined that still has it. */
import { id, instant, text } from '../schema/common';
import type { Mend, StateChange } from './mend';
import { constant, named, object, oneOf, optional, type TypeOf } from '../schema/schema';

/** Kinds of record that may be taken away. */
export const goneKinds = [
  'walk',
  'reading',
  'mend',
  'change',
  'entry',
  'price',
  'offcut',
  'purchase',
  'tick',
] as const;
/** A kind of record, or of line of one, that can be taken away; `change`: of a mend's state. */
export type GoneKind = (typeof goneKinds)[number];

/** That a record was taken away. */
export const goneSchema = named(
  'gone',
  object({
    placeId: id,
    of: oneOf(goneKinds),
    /** Of what was taken away. */
    id: text,
    at: instant,
    /** The phone on which it was. */
    by: id,
    /** It was brought back since. */
    back: optional(constant(true)),
  }),
);
/** That something was taken away, or brought back. */
export interface Gone extends TypeOf<typeof goneSchema> {}

/** One for each thing, whatever became of it last. */
export const goneKey = ({ of, id: gone }: Pick<Gone, 'of' | 'id'>): string => `${of} ${gone}`;

/** A change of a mend's state has no name of its own. */
export const changeId = (mend: Pick<Mend, 'id'>, { state, at }: StateChange): string =>
  `${mend.id} ${state} ${at}`;
