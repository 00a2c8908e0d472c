/** The line in one bay, as it is shown. */
import type { Touching } from '../tables/shocking';
import type { BelievedBay } from './reaching';

/** The line in one bay. */
export interface ViewedBay extends BelievedBay {
  /** The worst of what touches its wires; `undefined`: nobody has looked. */
  readonly touched: Touching | undefined;
}
