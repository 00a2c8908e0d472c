/** What a described line wants beside volts: earth rods, a way back for the current, a charged battery. */
import { rodsMissing } from '../fence/earth-test';
import { judgedCase } from '../fence/line-case';
import { linePathOf } from '../fence/line-path';
import { sourceOf } from '../fence/source';
import { feedStates, usualRods, type EarthRods, type LineReturn } from '../place/fence';
import type { Place } from '../place/place';
import { isKnown, members } from '../place/possible';
import type { Ground } from '../tables/fence-ground';

/** Of a described line. */
export interface LineWants {
  readonly rods: EarthRods;
  /** More of them until the earth test reads 300 V or less; 0 where it does, where nobody has read it, or where not even fifty would do. */
  readonly rodsMissing: number;
  readonly back: LineReturn;
  /** Dry or frozen when it was last said, or by the earth test too poor for fifty rods: it brings too little back from a paw. */
  readonly isGroundPoor: boolean;
  /** Its whole way, mm. */
  readonly length: number;
  /** What feeds it is low or flat, as it was last read. */
  readonly isSpent: boolean;
  /** Its battery is charged again, not thrown away. */
  readonly isCharged: boolean;
}

const poor: readonly Ground[] = ['dry', 'frozen'];

/** `undefined` where no line is described or none of it hangs. */
export function lineWants(place: Place): LineWants | undefined {
  const { fence } = place;
  const path = linePathOf(place);
  if (!fence?.line || !path) return undefined;
  const { line, stake, battery, ground } = fence;
  const rods = line.rods ?? usualRods;
  const source = sourceOf(fence);
  const read = isKnown<number>(stake) ? stake.is : undefined;
  const isTested = source !== undefined && read !== undefined;
  const missing = isTested
    ? rodsMissing(source, rods, judgedCase(fence, 'best').ground, read)
    : undefined;
  const states: readonly string[] = battery ? members(battery, feedStates) : ['full'];
  return {
    rods,
    rodsMissing: missing ?? 0,
    back: line.back,
    isGroundPoor:
      (isKnown<Ground>(ground) && poor.includes(ground.is)) || (isTested && missing === undefined),
    length: path.bays.reduce((sum, { bay }) => sum + bay.width, 0),
    isSpent: states.every((it) => it === 'low' || it === 'flat'),
    isCharged: line.energizer.battery !== undefined && line.energizer.feed !== 'dry-cells',
  };
}
