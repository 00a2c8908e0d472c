/** How far mesh is laid out flat from the wall; 0: none. */
import { skirtLength } from './skirt-length';

export const skirtOutward = skirtLength('outward');
