/** The line of a place as it is today, or as it would be. */
import { useMemo } from 'react';
import { fenceView, type DescribedFence, type FenceView } from '@/core/fence/fence-view';
import type { WhatIf } from '@/core/fence/what-if';
import { batteryReadOn, type FoundPlace } from '@/core/records/apply-readings';
import { useToday } from '@/store/use-today';

/** A line that somebody has described, with wires strung. */
export interface FenceAt {
  readonly fence: DescribedFence;
  readonly view: FenceView;
}

const asItIs: WhatIf = {};

/** `undefined` until it is described and strung. */
export function useFence(
  { place, provenance }: FoundPlace,
  whatIf: WhatIf = asItIs,
): FenceAt | undefined {
  const today = useToday();
  return useMemo(() => {
    const { fence } = place;
    const view = fenceView(place, today, whatIf, batteryReadOn(place, provenance));
    return fence?.line && view ? { fence: { ...fence, line: fence.line }, view } : undefined;
  }, [place, provenance, today, whatIf]);
}
