/** A table of texts and numbers, the same cells in every row as in its head. */
export interface Table {
  readonly head: readonly string[];
  readonly rows: readonly (readonly (string | number)[])[];
}
