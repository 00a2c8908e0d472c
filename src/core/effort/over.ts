/** Over: does this animal get over a top edge that is joined to nothing, by climbing, jumping or on the wing? */
import type { Bay, TopEdge } from '../place/place';
import type { Animal } from '../tables/animals';
import type { EnoughAgainstClimbing } from '../tables/climbing';
import { climbsTo, getsUp } from './access';
import type { Bound } from './bound';
import { holding, part } from './pass';
import type { OverReason, PartEffort } from './reason';
import { minutesOf, levelOfRatio } from './effort-level';

/**
 * A top edge that meets any sufficient set holds. Otherwise what leaps as high as a plain edge is over in minutes, and the
 * nearest set's worst ratio gives the level for the rest; where no set is known, only a roof is enough. `undefined` under a roof.
 */
export function overEffort(bay: Bay, animal: Animal, bound: Bound): PartEffort | undefined {
  const { top, height } = bay;
  // Without cover there is nothing to get over.
  if (top.kind === 'roof' || bay.bands.length === 0) return undefined;
  const overhang = overhangOf(top);
  const reason = (how: OverReason['how'], more: Pick<OverReason, 'enough' | 'ratio'>) =>
    ({ kind: 'over', how, top: top.kind, height, overhang, leap: animal.leap, ...more }) as const;
  if (animal.flies) {
    return part(animal, bay.id, { attack: 'fly', minutes: 0, reason: reason('fly', { ratio: 0 }) });
  }
  const leaps = animal.leap.value >= height;
  const nearest = nearestSet(bay, animal);
  const ratio = nearest?.ratio ?? 0;
  const how = leaps ? 'jump' : 'climb';
  const why = reason(how, { ...(nearest && { enough: nearest.enough }), ratio });
  if (ratio >= 1) return part(animal, bay.id, { attack: how, minutes: null, reason: why });
  const most = getsUp(animal);
  if (!leaps && height > most.value && !climbsTo(animal, height, bay, bound)) {
    return holding(animal, bay.id, { kind: 'out-of-reach', height, leap: most });
  }
  const plain = leaps && overhang === 0 && (top.tilt ?? 0) === 0;
  const minutes = minutesOf(plain ? 'minutes' : levelOfRatio(ratio));
  return part(animal, bay.id, { attack: how, minutes, reason: why });
}

function overhangOf({ kind, width }: TopEdge): number {
  return kind === 'overhang' || kind === 'hood' ? (width ?? 0) : 0;
}

function nearestSet({ top, height }: Bay, animal: Animal) {
  const all = (animal.over ?? []).map((enough) => ({
    enough,
    ratio: ratioOf({ height, overhang: overhangOf(top), tilt: top.tilt ?? 0 }, enough),
  }));
  return all.sort((a, b) => b.ratio - a.ratio)[0];
}

interface Edge {
  readonly height: number;
  readonly overhang: number;
  readonly tilt: number;
}

/** The worst of a set's ratios; at most 1. */
function ratioOf(edge: Edge, { height, overhang, tilt }: EnoughAgainstClimbing): number {
  const share = (have: number, need: number) => (need === 0 ? 1 : Math.min(1, have / need));
  return Math.min(
    share(edge.height, height.value),
    share(edge.overhang, overhang.value),
    share(edge.tilt, tilt?.value ?? 0),
  );
}
