/** Tear and gnaw: does this animal go through the cover itself, or take it off its fixings? */
import type { Animal } from '../tables/animals';
import { fixingClass, weakened, type Condition, type Fixing } from '../tables/fixings';
import { meshes, type MeshId } from '../tables/meshes';
import { handPull } from '../tables/strength';
import type { TearReason } from './reason';
import { minutesOf, type EffortLevel } from './effort-level';

/** Time for gnawing wood, by its condition; plastic goes in minutes (assumptions of ours). */
export const gnawingWood: Readonly<Record<Condition, EffortLevel>> = {
  sound: 'night',
  worn: 'hour',
  failing: 'minutes',
};

/** Minutes of tearing, and why. */
export interface Torn {
  readonly minutes: number | null;
  readonly reason: TearReason;
}

/** What there is to go through. */
export interface Cover {
  readonly mesh: MeshId;
  /** Class of it where sound; see `strengthOf`. */
  readonly strength: number;
  /** Thickness of its wire, where it was measured and the class goes by it, mm. */
  readonly wire?: number | undefined;
}

/** How cover is held where it hangs. */
export interface Fixed {
  readonly fixing: Fixing;
  readonly condition: Condition;
  /** Pulled hard by hand, and nothing gave: then only what pulls harder than a hand draws it off. */
  readonly isTried: boolean;
}

/** The quickest of breaking, pulling off and gnawing; `undefined` where it does none of them. */
export function tearEffort(
  { mesh, strength, wire }: Cover,
  { fixing, condition, isTried }: Fixed,
  animal: Animal,
): Torn | undefined {
  const { breaks, pulls, gnaws } = animal.tears;
  const { gnawed, laid } = meshes[mesh];
  const cover = weakened(strength, condition);
  const minutes = minutesOf('minutes');
  if (breaks.value >= cover) {
    return {
      minutes,
      reason: {
        kind: 'tear',
        how: 'breaks',
        mesh,
        ...(wire !== undefined && { wire }),
        condition,
        strength: cover,
        figure: breaks,
      },
    };
  }
  const hold = weakened(fixingClass[fixing].value, condition);
  const isTooWeak = isTried && animal.dexterity.force.value <= handPull.value;
  if (!laid && !isTooWeak && pulls.value >= hold) {
    return {
      minutes,
      reason: {
        kind: 'tear',
        how: 'pulls',
        mesh,
        condition,
        fixing,
        strength: hold,
        figure: pulls,
      },
    };
  }
  if (!gnaws || !gnawed) return undefined;
  return {
    minutes: gnawed === 'plastic' ? minutes : minutesOf(gnawingWood[condition]),
    reason: { kind: 'tear', how: 'gnaws', mesh, condition, strength: cover, figure: breaks },
  };
}
