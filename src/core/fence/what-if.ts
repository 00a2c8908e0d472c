/** What would be: other ground, snow, long grass, a rod more, a handle off. Nothing of it is kept. */
import type { Bay, Opening } from '../place/bay';
import { rodsOf, usualRods } from '../place/fence';
import type { Place } from '../place/place';
import { is } from '../place/possible';
import type { Ground } from '../tables/fence-ground';
import type { Surface } from '../tables/fence-leaks';
import { judgedCase, type LineCase } from './line-case';

/** What is changed; what is absent is as it is. */
export interface WhatIf {
  readonly ground?: Ground;
  /** Of what touches the wires. */
  readonly surface?: Surface;
  /** Lying, mm. */
  readonly snow?: number;
  /** Standing under the wires, mm. */
  readonly grass?: number;
  readonly moreRods?: number;
  /** The opening whose handle is off. */
  readonly unhooked?: string;
}

/** The place with rods and handles so. */
export function placeIf(place: Place, { moreRods = 0, unhooked }: WhatIf): Place {
  const { fence } = place;
  if (!fence?.line || (moreRods === 0 && unhooked === undefined)) return place;
  const rods = fence.line.rods ?? usualRods;
  const more = rodsOf(rods, rods.count + moreRods);
  return {
    ...place,
    fence: { ...fence, line: { ...fence.line, rods: moreRods > 0 ? more : rods } },
    faces: place.faces.map((face) => ({
      ...face,
      bays: face.bays.map((bay) => bayIf(bay, unhooked)),
    })),
  };
}

function bayIf(bay: Bay, unhooked: string | undefined): Bay {
  if (!bay.openings.some(({ id }) => id === unhooked)) return bay;
  const off = (it: Opening): Opening =>
    it.id === unhooked ? { ...it, lineBy: 'handle', hooked: is('no') } : it;
  return { ...bay, openings: bay.openings.map(off) };
}

/** The circumstances so; everything else as the place is judged. */
export function caseIf(
  fence: Parameters<typeof judgedCase>[0],
  { ground, surface, snow, grass }: WhatIf,
): LineCase {
  return {
    ...judgedCase(fence, 'best'),
    ...(ground && { ground }),
    ...(surface && { surface }),
    ...(snow !== undefined && { snow }),
    ...(grass !== undefined && { grass }),
  };
}

/** Whether anything is changed. */
export const isChanged = (whatIf: WhatIf): boolean =>
  Object.values(whatIf).some((it) => it !== undefined && it !== 0);
