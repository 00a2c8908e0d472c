/** How deep mesh goes below the wall; 0: none. */
import { skirtLength } from './skirt-length';

/** Depth, mm, of the skirt below the ground. */
export const skirtDepth = skirtLength('depth');
