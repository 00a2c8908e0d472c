/** What grows or lies under the wires: grass since it was mown, snow, and which wires it comes up to. */
import { limitsOf } from '../attributes';
import type { Strand } from '../place/bay';
import { bounds } from '../place/possible';
import type { BayId } from '../place/place';
import { grassGrowth, mownHeight } from '../tables/fence-ground';
import { northernMonth, type Region } from '../tables/regions';
import type { LinePath } from './line-path';

const dayMs = 86_400_000;

/** How high grass stands on a day, mm, mown so many days before it: each day grows as its month does. */
export function grassHeight(region: Region, day: string, daysUnmown: number): number {
  const end = Date.parse(`${day}T12:00:00Z`);
  let height = mownHeight.value;
  for (let gone = 0; gone < daysUnmown; gone += 1) {
    const month = northernMonth(region, new Date(end - gone * dayMs).getUTCMonth() + 1);
    height += grassGrowth[month - 1]?.value ?? 0;
  }
  return height;
}

/** A wire with what is left between it and what stands or lies under it, mm; below zero it is in it. */
export interface Clearance {
  readonly bay: BayId;
  readonly strand: Strand;
  readonly left: number;
}

/** Of every wire whose height was read, the lowest first. */
export function clearances({ bays }: LinePath, height: number): Clearance[] {
  return bays
    .flatMap(({ bay, wires }) =>
      wires.map((strand) => {
        const [low] = bounds(strand.height, limitsOf('strand.height'));
        return { bay: bay.id, strand, left: low - height };
      }),
    )
    .sort((a, b) => a.left - b.left);
}
