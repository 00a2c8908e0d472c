/** Wires that hang: one at no height is one that a mend has not yet brought, and so is one that stands ready. */
import type { Bay, Strand } from './bay';
import { allBays } from './find';
import type { Place } from './place';

/** Whether a wire hangs. */
export const isThere = ({ height, ready }: Strand): boolean =>
  ready === undefined && !('is' in height && height.is === 0);

/** Whether a wire hangs across a bay. */
export const hasWire = ({ strands }: Pick<Bay, 'strands'>): boolean => strands.some(isThere);

/** Whether a wire hangs anywhere. */
export const isStrung = (place: Place): boolean => allBays(place).some(({ bay }) => hasWire(bay));
