/** Every part of a bay that could be gone through: ground line, pulled panel, holes, bands of cover, bare stretches. */
import type { AmountId } from '../attributes';
import type { Band, Bay } from '../place/place';
import type { PossibleAmount } from '../place/possible';
import type { Animal } from '../tables/animals';
import { outOfReach } from './access';
import { lengthAt, type Bound } from './bound';
import { coverEffort, isBareBand } from './layers';
import { holding, openingReason, part, passEffort, shapeOf } from './pass';
import type { PartEffort, OpeningShape } from './reason';
import type { When } from './when';

/** Every way through a bay that is a matter of size: gaps, holes, mesh, stretches without cover. */
export function passBay(bay: Bay, animal: Animal, bound: Bound, when: When): PartEffort[] {
  const gap = (attribute: AmountId, possible: PossibleAmount | undefined, shape: OpeningShape) =>
    passEffort(animal, bay.id, attribute, lengthAt(possible, attribute, bound), shape);
  const bare = bareStretches(bay).map(({ from, to }) => passBare(bay, from, to, animal, bound));
  // Where nothing covers it there is nothing to pull at, and no sill.
  if (bay.bands.length === 0) return bare;
  const ground = bay.ground
    ? [
        gap('ground.gap', bay.ground.gap, 'slot'),
        gap('ground.gapLifted', bay.ground.gapLifted, 'slot'),
      ]
    : [];
  return [
    ...ground,
    gap('bay.panelPulled', bay.panelPulled, 'slot'),
    gap('bay.largestHole', bay.largestHole, 'hole'),
    ...bay.bands
      .filter((band) => !isBareBand(band))
      .map((band) => passBand(band, bay, animal, bound, when)),
    ...bare,
  ];
}

/** Getting there, then every layer. */
export function passBand(
  band: Band,
  bay: Bay,
  animal: Animal,
  bound: Bound,
  when: When,
): PartEffort {
  const cover = coverEffort(band.layers, bay, animal, bound, when.date);
  if (!cover) throw new Error(`band ${band.id} has no layer`);
  const { hardest, others, minutes } = cover;
  const item = hardest.layer.id;
  const high = outOfReach(animal, band.from, bay, bound);
  if (high) return holding(animal, item, high, 'layer.clear');
  const through = part(animal, item, hardest.attack, minutes, hardest.reason, 'layer.clear');
  return others.length === 0
    ? through
    : { ...through, besides: others.map(({ reason }) => reason) };
}

/** Stretches of a wall's height that no band covers. A flat roof's bands have no height of their own. */
export function bareStretches(bay: Bay): { readonly from: number; readonly to: number }[] {
  const base = bay.base ?? 0;
  if (bay.bands.length === 0) return [{ from: base, to: bay.height }];
  if (bay.bands.some((band) => band.to <= band.from)) return [];
  // A band that a mend has not yet brought covers nothing.
  const upright = bay.bands.filter((band) => !isBareBand(band));
  const stretches: { from: number; to: number }[] = [];
  let covered = base;
  for (const { from, to } of [...upright].sort((a, b) => a.from - b.from)) {
    if (from > covered) stretches.push({ from: covered, to: from });
    covered = Math.max(covered, to);
  }
  if (bay.height > covered) stretches.push({ from: covered, to: bay.height });
  return stretches;
}

function passBare(bay: Bay, from: number, to: number, animal: Animal, bound: Bound): PartEffort {
  const high = outOfReach(animal, from, bay, bound);
  if (high) return holding(animal, bay.id, high);
  const clear = Math.min(bay.width, to - from);
  const opening = openingReason(animal, clear, shapeOf(bay.width, to - from));
  return opening.verdict === 'passes'
    ? part(animal, bay.id, 'pass', 0, { kind: 'no-cover' })
    : holding(animal, bay.id, opening);
}
