/** How far mesh is laid out flat from the wall; 0: none. */
import { skirtLength } from './skirt-length';

/** How far, mm, the apron lies outward on the ground. */
export const skirtOutward = skirtLength('outward');
