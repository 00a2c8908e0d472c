/** A question for the worker that is the same object as long as nothing in it changed. */
import { useMemo } from 'react';
import type { Asked } from './reckon';

export function useAskedOf<What extends Asked['what']>(
  what: What,
  { place, walks, log, mends, scenario, date }: Omit<Asked, 'what'>,
): Asked & { readonly what: What } {
  return useMemo(
    () => ({ what, place, walks, log, ...(mends && { mends }), scenario, date }),
    [what, place, walks, log, mends, scenario, date],
  );
}
