/** Widest gap at a corner of an opening when pulled. */
import { openingEdge } from './opening-edge';

/** Gap, mm, at an opening’s free corner when pulled. */
export const openingCorners = openingEdge('gapPulled');
