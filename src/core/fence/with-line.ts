/** A place with everything that its bays are told of the electric line: whether it hangs, what reaches an animal, and for roofs what is crossed below. */
import { withLineBelow } from '../place/line-below';
import type { Place } from '../place/place';
import { withLineThere } from './line-there';
import { withReaching } from './reaching';

/** To be asked again after any reading or mend has been laid over a place. */
export const withLine = (place: Place): Place => withLineBelow(withReaching(withLineThere(place)));
