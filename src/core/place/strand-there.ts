/** Wires that hang: one at no height is one that a mend has not yet brought. */
import type { Strand } from './bay';

/** Whether a wire hangs. */
export const isThere = ({ height }: Strand): boolean => !('is' in height && height.is === 0);
