/**
 * Cutting pieces from what is sold: rolls, sheets and boards are crosscut to sections, and each section is slit along into strips that
 * lie side by side. Lengths run along the roll, widths across it; both in mm.
 */

export interface Piece {
  readonly id: string;
  readonly length: number;
  readonly width: number;
}

/** A roll, sheet or board as it is sold, or an offcut in stock. */
export interface Roll {
  readonly id: string;
  readonly length: number;
  readonly width: number;
  /** Hundredths of money for one. */
  readonly cents: number;
  /** How many there are of it; absent: as many as are wanted. */
  readonly count?: number;
}

export interface Strip {
  readonly piece: string;
  /** From the roll's edge. */
  readonly across: number;
  readonly length: number;
  readonly width: number;
}

export interface Section {
  /** From the roll's end. */
  readonly from: number;
  readonly length: number;
  readonly strips: readonly Strip[];
}

export interface CutRoll {
  readonly roll: Roll;
  readonly sections: readonly Section[];
}

export interface Cutting {
  readonly rolls: readonly CutRoll[];
  readonly cents: number;
  /** No cutting costs less: the same as `cents` where the search came to its end. */
  readonly lowestCents: number;
  /** Of sections that is in no piece, mm². What is left on a roll's end is no waste. */
  readonly waste: number;
  /** No cutting for the same money wastes less. */
  readonly leastWaste: number;
}

export type Cut = { readonly cutting: Cutting } | { readonly tooLarge: readonly string[] };

export const areaOf = ({ length, width }: Pick<Piece, 'length' | 'width'>): number =>
  length * width;

export const sumBy = <T>(all: readonly T[], of: (it: T) => number): number =>
  all.reduce((sum, it) => sum + of(it), 0);

export function fitsOn(piece: Piece, roll: Roll): boolean {
  return piece.length <= roll.length && piece.width <= roll.width;
}

/** Of whole numbers. */
export function commonDivisor(a: number, b: number): number {
  return b === 0 ? a : commonDivisor(b, a % b);
}
