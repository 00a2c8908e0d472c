/** Below what a difference between plans counts for nothing. */
import { ours } from '../../tables/assumptions';

/** Birds a year under which a mend is not worth naming. */
export const worthwhile = ours(0.01, 'birds', 'Fewer a year nobody would call a change.');
