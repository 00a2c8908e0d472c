/**
 * The inverse of a matrix: every described line needs it, a place without one does not. The package that works it out is large beside
 * the rest of a first visit, so it is not imported here: `dense-inverse.ts` gives it, whoever judges any place imports that first, and a
 * page fetches it with the first place that has a line (decision 28).
 */

/** Element at a row and a column of the inverse of a square matrix, row by row. */
export type Inverse = (
  matrix: readonly (readonly number[])[],
) => (row: number, column: number) => number;

let given: Inverse | undefined;

/** Hands the solver to the core, which loads it only where a line is described (decision 28). */
export function giveInverse(inverse: Inverse): void {
  given = inverse;
}

/** Whether lines can be judged. */
export const isInverseGiven = (): boolean => given !== undefined;

/** Throws where none was given yet, rather than judge a line as if it had no volts. */
export const inverse: Inverse = (matrix) => {
  if (!given) throw new Error('a line is judged before dense-inverse was imported');
  return given(matrix);
};
