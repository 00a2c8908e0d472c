/** A length of wall, roof or ground that is covered with one material. */
import type { BayId } from '../../place/place';
import type { Material } from '../catalogue';

/** A stretch that wants to be covered, before it is divided among rolls. */
export interface Stretch {
  /** Mends it is for. */
  readonly mends: readonly string[];
  readonly bays: readonly BayId[];
  readonly material: Material;
  readonly length: number;
  readonly height: number;
  /** Lengths from its beginning at which it may be joined: posts. */
  readonly joints: readonly number[];
  /** Of a joint, along it and across it. */
  readonly overlap: number;
}
