/** What a plan may take, and what the keeper has said of single mends. */
export interface Limits {
  /** Hundredths of the keeper's money; absent: no end of it. */
  readonly cents?: number;
  /** Of work. */
  readonly minutes?: number;
  /** No single mend may take longer. */
  readonly longest?: number;
  /** Ids of candidates that are to be in it, whatever they bring. */
  readonly must?: readonly string[];
  /** Ids of candidates that are not to be in it. */
  readonly wont?: readonly string[];
}
