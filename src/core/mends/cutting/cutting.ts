/**
 * Cutting pieces from what is sold: rolls, sheets and boards are crosscut to sections, and each section is slit along into strips that
 * lie side by side. Lengths run along the roll, widths across it; both in mm.
 */

import { text } from '../../schema/common';
import {
  amount,
  amountAbove,
  list,
  money,
  named,
  object,
  optional,
  whole,
  type TypeOf,
} from '../../schema/schema';

/** Longer than any roll, mm (assumption of ours); a saw's cut may be no whole number. */
const longestRoll = 10_000_000;
/** Of what is bought or cut, mm. */
export const long = amountAbove(0, longestRoll);
/** From an edge or end, mm. */
const far = amount(0, longestRoll);
/** More of one thing than anyone buys (assumption of ours). */
export const mostPieces = 10_000;

/** Something to be cut; mm. */
export interface Piece {
  readonly id: string;
  readonly length: number;
  readonly width: number;
}

/** A roll, sheet or board as it is sold, or an offcut in stock. */
const rollSchema = object({
  id: text,
  length: long,
  width: long,
  /** Hundredths of money for one. */
  cents: money,
  /** How many there are of it; absent: as many as are wanted. */
  count: optional(whole(0, mostPieces)),
});
/** Something to cut from, as sold or left over; mm. */
export interface Roll extends TypeOf<typeof rollSchema> {}

const stripSchema = object({
  piece: text,
  /** From the roll's edge. */
  across: far,
  length: long,
  width: long,
});
/** Pieces side by side across a section. */
export interface Strip extends TypeOf<typeof stripSchema> {}

const sectionSchema = object({
  /** From the roll's end. */
  from: far,
  length: long,
  strips: list(stripSchema),
});
/** A length of a roll, cut across it. */
export interface Section extends TypeOf<typeof sectionSchema> {}

const cutRollSchema = object({ roll: rollSchema, sections: list(sectionSchema) });
/** A roll with its sections. */
export interface CutRoll extends TypeOf<typeof cutRollSchema> {}

/** A cutting list with its sheets and offcuts. */
export const cuttingSchema = named(
  'cutting',
  object({
    rolls: list(cutRollSchema),
    cents: money,
    /** No cutting costs less: the same as `cents` where the search came to its end. */
    lowestCents: money,
    /** Of sections that is in no piece, mm². What is left on a roll's end is no waste. */
    waste: amount(),
    /** No cutting for the same money wastes less. */
    leastWaste: amount(),
  }),
);
/** All rolls as they are cut, and what is left. */
export interface Cutting extends TypeOf<typeof cuttingSchema> {}

/** A cutting, or the pieces that are larger than anything sold. */
export type Cut = { readonly cutting: Cutting } | { readonly tooLarge: readonly string[] };

/** mm² */
export const areaOf = ({ length, width }: Pick<Piece, 'length' | 'width'>): number =>
  length * width;

/** Sum of what `of` gives for each. */
export const sumBy = <T>(all: readonly T[], of: (it: T) => number): number =>
  all.reduce((sum, it) => sum + of(it), 0);

/** Whether a piece can be cut from a roll, not turned. */
export function fitsOn(piece: Piece, roll: Roll): boolean {
  return piece.length <= roll.length && piece.width <= roll.width;
}

/** Of whole numbers. */
export function commonDivisor(a: number, b: number): number {
  return b === 0 ? a : commonDivisor(b, a % b);
}
