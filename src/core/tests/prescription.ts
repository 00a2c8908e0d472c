/** What a prescription check is. */
import type { AnimalId } from '../tables/animals';
import type { Pen } from './one-pen';
import type { Pin } from './pins';

export interface Prescription {
  readonly what: string;
  /** Where it is printed or who does it; everything recalled from memory. */
  readonly source: string;
  readonly animal: AnimalId;
  /** Built to it: holds (or turns back, where it is a fence of strands). */
  readonly built: readonly Pen[];
  /** Just short of it: does not hold. */
  readonly short: readonly Pen[];
  /** Clearly broken: the animal is in within the hour. */
  readonly broken: readonly Pen[];
  /** Figures of the table which, moved by one band either way, must make this check fail. */
  readonly pins: readonly Pin[];
}
