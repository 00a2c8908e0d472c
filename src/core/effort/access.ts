/** Getting to a height on a wall: within its leap, by wing, or by climbing what is below, the hardest layer deciding. */
import type { Bay, Layer, Opening } from '../place/place';
import type { Animal } from '../tables/animals';
import { step } from '../tables/climbing';
import type { Figure } from '../tables/figure';
import { meshes } from '../tables/meshes';
import { meshMembers, memberAt, type Bound } from './bound';
import { isBareBand } from './layers';
import type { Reason } from './reason';

/** Why this animal does not get to `height` mm above the ground at this bay; `undefined` where it does. */
export function outOfReach(
  animal: Animal,
  height: number,
  bay: Bay,
  bound: Bound,
): Reason | undefined {
  if (animal.flies || height <= animal.leap.value) return undefined;
  const most = getsUp(animal);
  return height <= most.value || climbsTo(animal, height, bay, bound)
    ? undefined
    : { kind: 'out-of-reach', height, leap: most };
}

/** Where a bay's cover begins, mm above the ground: there, at the floor of a raised house, or overhead. */
export function coverFrom({ bands, base = 0 }: Bay): number {
  let lowest = Infinity;
  for (const band of bands) if (band.from < lowest && !isBareBand(band)) lowest = band.from;
  return lowest === Infinity ? base : Math.max(base, lowest);
}

/** How far above the ground an opening begins, mm: one in a roof or floor as high as that lies. */
export function heightOf({ up }: Opening, bay: Bay): number {
  const isFlat = bay.bands.some((band) => band.to <= band.from);
  return Math.max(up, isFlat ? coverFrom(bay) : (bay.base ?? 0));
}

/** How high it gets from the ground by leaping, clambering, or as everything that walks steps up, mm. */
export function getsUp({ leap, climbs, over }: Animal): Figure {
  const clambers = climbs.wire === 'clambers' ? (over ?? []).map(({ height }) => height) : [];
  return [step, ...clambers].reduce((most, it) => (it.value > most.value ? it : most), leap);
}

/** A roof has no wall of its own below it: it is got to by whatever the animal climbs best. */
export function climbsTo(animal: Animal, height: number, bay: Bay, bound: Bound): boolean {
  const { wire, wood } = animal.climbs;
  if (wire !== 'well' && wood !== 'well') return false;
  return bay.bands
    .filter((band) => band.from < height && band.to > band.from)
    .flatMap((band) => band.layers)
    .every((layer) => climbsLayer(animal, layer, bound));
}

function climbsLayer(animal: Animal, layer: Layer, bound: Bound): boolean {
  return memberAt(
    meshMembers(layer.mesh),
    (mesh) => {
      const surface = mesh === 'none' ? 'wire' : meshes[mesh].climbedAs;
      return surface !== 'smooth' && animal.climbs[surface] === 'well';
    },
    (a, b) => Number(b) - Number(a),
    bound,
  );
}
