/** How deep mesh goes below the wall; 0: none. */
import { skirtLength } from './skirt-length';

export const skirtDepth = skirtLength('depth');
