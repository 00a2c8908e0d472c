/** Gap round an opening when it is shut. */
import { openingEdge } from './opening-edge';

/** Gap, mm, round an opening when shut. */
export const openingGap = openingEdge('gap');
