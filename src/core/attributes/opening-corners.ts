/** Widest gap at a corner of an opening when pulled. */
import { openingEdge } from './opening-edge';

export const openingCorners = openingEdge('gapPulled');
