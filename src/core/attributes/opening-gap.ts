/** Gap round an opening when it is shut. */
import { openingEdge } from './opening-edge';

export const openingGap = openingEdge('gap');
