/**
 * What can be said of a bay without asking which animal: its widest openings and its weakest cover. From these it is seen at
 * once that most animals get nowhere by it, before any reason is worked out.
 */
import { memoized } from '../memo';
import { groundLineOf } from '../place/ground-line';
import type { Bay, Layer } from '../place/place';
import { members } from '../place/possible';
import type { Animal } from '../tables/animals';
import { conditions, fixingClass, fixings, weakened } from '../tables/fixings';
import { meshes } from '../tables/meshes';
import { clearOpening, strengthOf } from './as-measured';
import { choiceAt, lengthAt, meshMembers, type Bound } from './bound';
import { isBareBand } from './layers';

/** What holds for a bay whoever comes. */
export interface BayFacts {
  /** Widest opening of any shape a body might go through, mm. */
  readonly widest: number;
  /** Least class of any cover and any fixing, as weakened; of everything it may be. */
  readonly weakestCover: number;
  readonly weakestFixing: number;
  readonly isGnawable: boolean;
  /** Some stretch may have no cover at all. */
  readonly isBare: boolean;
}

const kept: Readonly<Record<Bound, (bay: Bay) => BayFacts>> = {
  best: memoized((bay) => workOut(bay, 'best')),
  worst: memoized((bay) => workOut(bay, 'worst')),
};

/** The facts of a bay at one end of what is possible; worked out once for each. */
export function bayFacts(bay: Bay, bound: Bound): BayFacts {
  return kept[bound](bay);
}

/** False only where neither body nor teeth get through any part of the bay's cover; doors are judged apart. */
export function mayGoThrough(bay: Bay, animal: Animal, bound: Bound): boolean {
  const { widest, weakestCover, weakestFixing, isGnawable, isBare } = bayFacts(bay, bound);
  const { exclusion, tears } = animal;
  return (
    isBare ||
    widest >= Math.min(exclusion.used.value, exclusion.slot?.value ?? Infinity) ||
    tears.breaks.value >= weakestCover ||
    tears.pulls.value >= weakestFixing ||
    (tears.gnaws && isGnawable)
  );
}

function workOut(bay: Bay, bound: Bound): BayFacts {
  const ground = groundLineOf(bay, bound);
  const layers = bay.bands.flatMap((band) => band.layers);
  const condition = (layer: Layer) =>
    choiceAt(layer.condition ?? bay.condition, 'bay.condition', conditions, bound);
  const kinds = layers.flatMap((layer) =>
    meshMembers(layer.mesh).flatMap((mesh) => (mesh === 'none' ? [] : [{ layer, mesh }])),
  );
  const top = Math.max(0, ...bay.bands.map((band) => band.to));
  const bottom = Math.min(bay.height, ...bay.bands.map((band) => band.from));
  return {
    widest: Math.max(
      lengthAt(bay.panelPulled, 'bay.panelPulled', bound),
      lengthAt(bay.largestHole, 'bay.largestHole', bound),
      ground ? lengthAt(ground.gap, 'ground.gap', bound) : 0,
      ground ? lengthAt(ground.gapLifted, 'ground.gapLifted', bound) : 0,
      ...bay.bands.map(({ layers: own }) =>
        Math.min(...own.map((layer) => (layer.on ? Infinity : clearOpening(layer, bound)))),
      ),
    ),
    weakestCover: Math.min(
      ...kinds.map(({ layer, mesh }) => weakened(strengthOf(layer, mesh, bound), condition(layer))),
    ),
    weakestFixing: Math.min(
      ...layers.flatMap((layer) =>
        members(layer.fixing ?? bay.fixing, fixings).map((it) =>
          weakened(fixingClass[it].value, condition(layer)),
        ),
      ),
    ),
    isGnawable: kinds.some(({ mesh }) => meshes[mesh].gnawed !== undefined),
    // Bands laid edge to edge from the ground to the top leave nothing bare; anything else is looked at closely.
    isBare:
      bottom > (bay.base ?? 0) || top < bay.height || hasGaps(bay) || bay.bands.some(isBareBand),
  };
}

function hasGaps({ bands }: Bay): boolean {
  const upward = [...bands].sort((a, b) => a.from - b.from);
  return upward.some((band, index) => index > 0 && band.from > (upward[index - 1]?.to ?? 0));
}
