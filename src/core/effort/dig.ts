/** Dig: does this animal get under the ground line? */
import { soils, yesNo, type Bay, type GroundLine, type Soil } from '../place/place';
import type { Animal, EnoughAgainstDigging } from '../tables/animals';
import { choiceAt, lengthAt, type Bound } from './bound';
import type { PartEffort } from './reason';
import { minutesOf, rungs, type Rung } from './rung';

/**
 * A ground line that meets any sufficient set holds; otherwise the nearest set's worst ratio gives the rung. Rock and hard
 * surface stop digging (never a gap); stony soil is a rung better. `undefined` where there is nothing to dig under or it does not dig.
 */
export function digEffort(bay: Bay, animal: Animal, bound: Bound): PartEffort | undefined {
  if (!bay.ground || !animal.digs) return undefined;
  const soil = choiceAt(bay.ground.soil, 'ground.soil', soils, bound);
  const skirt = skirtAt(bay.ground, bound);
  const [first, ...rest] = animal.digs.map((enough) => ({ enough, ratio: ratioOf(skirt, enough) }));
  if (!first) return undefined;
  const nearest = rest.reduce((best, it) => (it.ratio > best.ratio ? it : best), first);
  const rung = onSoil(rungOfRatio(nearest.ratio), soil);
  return {
    animal: animal.id,
    item: bay.id,
    attribute:
      nearest.enough.outward.value > nearest.enough.depth.value ? 'skirt.outward' : 'skirt.depth',
    attack: 'dig',
    rung,
    minutes: minutesOf(rung),
    reason: { kind: 'dig', soil, ...skirt, ...nearest },
  };
}

interface SkirtLengths {
  readonly depth: number;
  readonly outward: number;
}

function skirtAt({ skirt }: GroundLine, bound: Bound): SkirtLengths {
  const depth = lengthAt(skirt?.depth, 'skirt.depth', bound);
  const tied = choiceAt(skirt?.tied, 'skirt.tied', yesNo, bound);
  // An apron that is not tied to the wall leaves a slit to begin in: it counts nothing.
  const outward = tied === 'yes' ? lengthAt(skirt?.outward, 'skirt.outward', bound) : 0;
  return { depth, outward };
}

/** The worst of a set's ratios; at most 1. */
export function ratioOf(skirt: SkirtLengths, { depth, outward }: EnoughAgainstDigging): number {
  const share = (have: number, need: number) => (need === 0 ? 1 : Math.min(1, have / need));
  return Math.min(share(skirt.depth, depth.value), share(skirt.outward, outward.value));
}

/** Steps of ours between "enough" and "nothing". */
function rungOfRatio(ratio: number): Rung {
  if (ratio >= 1) return 'holds';
  if (ratio >= 0.75) return 'night';
  return ratio >= 0.5 ? 'hour' : 'minutes';
}

function onSoil(rung: Rung, soil: Soil): Rung {
  if (soil === 'rock' || soil === 'hard-surface') return 'holds';
  if (soil !== 'stony') return rung;
  return rungs[Math.min(rungs.indexOf(rung) + 1, rungs.length - 1)] ?? 'holds';
}
