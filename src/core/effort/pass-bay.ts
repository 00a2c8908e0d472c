/** Every part of a bay that could be passed: ground line, pulled panel, holes, bands of mesh. */
import type { AttributeId } from '../place/attributes';
import type { Band, Bay } from '../place/place';
import type { PossibleLength } from '../place/possible';
import type { Animal } from '../tables/animals';
import { outOfReach } from './access';
import { clearOpening, lengthAt, type Bound } from './bound';
import { passEffort, passPart } from './pass';
import type { PartEffort } from './reason';

export function passBay(bay: Bay, animal: Animal, bound: Bound): PartEffort[] {
  const gap = (attribute: AttributeId, possible: PossibleLength | undefined): PartEffort =>
    passEffort(animal, bay.id, attribute, lengthAt(possible, attribute, bound));
  const ground = bay.ground
    ? [gap('ground.gap', bay.ground.gap), gap('ground.gapLifted', bay.ground.gapLifted)]
    : [];
  return [
    ...ground,
    gap('bay.panelPulled', bay.panelPulled),
    gap('bay.largestHole', bay.largestHole),
    ...bay.bands.map((band) => passBand(band, animal, bound)),
  ];
}

/** A band holds by its finest layer: every layer must be passed. */
export function passBand(band: Band, animal: Animal, bound: Bound): PartEffort {
  const [first, ...rest] = band.layers.map((layer) => ({
    layer,
    opening: clearOpening(layer, bound),
  }));
  if (!first) throw new Error(`band ${band.id} has no layer`);
  const finest = rest.reduce((best, it) => (it.opening < best.opening ? it : best), first);
  const high = outOfReach(animal, band.from);
  return high
    ? passPart(animal, finest.layer.id, high, 'layer.clear')
    : passEffort(animal, finest.layer.id, 'layer.clear', finest.opening);
}
