/** Every part of a bay that could be gone through: ground line, pulled panel, holes, bands of cover, bare stretches. */
import type { AmountId } from '../attributes';
import { groundLineOf } from '../place/ground-line';
import type { Band, Bay } from '../place/place';
import type { PossibleAmount } from '../place/possible';
import type { Animal } from '../tables/animals';
import { coverFrom, outOfReach } from './access';
import { lengthAt, type Bound } from './bound';
import { coverEffort, isBareBand, wideOpen } from './layers';
import {
  apertureOf,
  holding,
  openingReason,
  part,
  passing,
  passEffort,
  type Aperture,
} from './pass';
import type { PartEffort, OpeningShape } from './reason';
import type { When } from './when';

/** Every way through a bay that is a matter of size: gaps, holes, mesh, stretches without cover. */
export function passBay(bay: Bay, animal: Animal, bound: Bound, when: When): PartEffort[] {
  const gap = (attribute: AmountId, possible: PossibleAmount | undefined, shape: OpeningShape) =>
    passEffort(animal, bay.id, attribute, lengthAt(possible, attribute, bound), shape);
  // A hole or a loose panel is nowhere lower than the cover that it is in.
  const high = outOfReach(animal, coverFrom(bay), bay, bound);
  const inCover: typeof gap = (attribute, possible, shape) =>
    high ? holding(animal, bay.id, high, attribute) : gap(attribute, possible, shape);
  const bare = bareStretches(bay).map(({ from, to }) => passBare(bay, from, to, animal, bound));
  // Where nothing covers it there is nothing to pull at, and no sill.
  if (bay.bands.length === 0) return bare;
  const line = groundLineOf(bay, bound);
  const ground = line ? [gap('ground.gap', line.gap, 'slot')] : [];
  // Nothing that flies lifts an edge or pulls a panel.
  const pulled = animal.flies
    ? []
    : [
        ...(line ? [gap('ground.gapLifted', line.gapLifted, 'slot')] : []),
        inCover('bay.panelPulled', bay.panelPulled, 'slot'),
      ];
  return [
    ...ground,
    ...pulled,
    inCover('bay.largestHole', bay.largestHole, 'hole'),
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
  const doorway = doorwayOf(band, bay, animal, bound, when);
  const cover = coverEffort(band.layers, bay, { animal, bound, date: when.date }, doorway);
  if (!cover) throw new Error(`band ${band.id} has no layer`);
  const { hardest, others, minutes } = cover;
  const item = hardest.layer.id;
  const high = outOfReach(animal, band.from, bay, bound);
  if (high) return holding(animal, item, high, 'layer.clear');
  const through = part(animal, item, { ...hardest, minutes }, 'layer.clear');
  return others.length === 0
    ? through
    : { ...through, besides: others.map(({ reason }) => reason) };
}

/**
 * What is left where a band is taken away: the band, with every band above and below it that the animal takes away or goes
 * through as well. A strip of screen between boards leaves a slit, however often it is drawn as one strip or two.
 */
function doorwayOf(band: Band, bay: Bay, animal: Animal, bound: Bound, when: When): Aperture {
  const whole = apertureOf(bay.width, band.to - band.from);
  // A flat roof's bands have no height of their own.
  if (band.to <= band.from) return wideOpen;
  if (whole.short >= animal.exclusion.passes.value) return whole;
  const upward = bay.bands.filter((it) => it.to > it.from).sort((a, b) => a.from - b.from);
  const goes = (it: Band): boolean =>
    isBareBand(it) ||
    coverEffort(it.layers, bay, { animal, bound, date: when.date })?.minutes !== null;
  let { from, to } = band;
  for (const it of upward.slice(upward.indexOf(band) + 1)) {
    if (!goes(it)) break;
    to = Math.max(to, it.to);
  }
  for (const it of upward.slice(0, upward.indexOf(band)).reverse()) {
    if (!goes(it)) break;
    from = Math.min(from, it.from);
  }
  return apertureOf(bay.width, to - from);
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
  const opening = openingReason(animal, apertureOf(bay.width, to - from));
  return opening.verdict === 'passes'
    ? part(animal, bay.id, { attack: 'pass', minutes: 0, reason: { kind: 'no-cover' } })
    : part(animal, bay.id, passing(opening));
}
