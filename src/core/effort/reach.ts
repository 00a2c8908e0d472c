/** Reach: does a paw, muzzle or beak take a bird through the cover, or a bird put its own head out? */
import type { AmountId, AttributeId } from '../attributes';
import type { Bay, ItemId, Layer, Opening } from '../place/place';
import { coverOf, isFixed } from '../place/opening-cover';
import { isWithin } from '../place/year-span';
import type { Animal } from '../tables/animals';
import type { ReachOpening } from '../tables/reaching';
import { outOfReach } from './access';
import { clearOpening, lengthAt, type Bound } from './bound';
import { standsOpen } from './doors';
import { isBareBand, isNone } from './layers';
import { part } from './pass';
import type { PartEffort, Verdict } from './reason';
import { minutesOf } from './effort-level';
import type { When } from './when';
import { birdHeight } from '../tables/counting';

interface Gap {
  readonly item: ItemId;
  readonly attribute: AttributeId;
  readonly clear: number;
}

/**
 * The widest gap of the bay that birds are within reach of. At roost the distance from cover is read; about the run a bird
 * may stand against any cover below its own height. `undefined` where the animal reaches for nothing or nothing is near.
 */
export function reachEffort(
  bay: Bay,
  animal: Animal,
  bound: Bound,
  when: When,
): PartEffort | undefined {
  const { reaches } = animal;
  if (!reaches || bay.bands.length === 0) return undefined;
  const distance = when.birds === 'about' ? 0 : lengthAt(bay.roost, 'bay.roost', bound);
  if (distance > reaches.length.value) return undefined;
  const [first, ...rest] = gapsNear(bay, animal, bound, when);
  if (!first) return undefined;
  const widest = rest.reduce((kept, it) => (it.clear > kept.clear ? it : kept), first);
  const { used, strict } = reaches.opening;
  const verdict = reachVerdict(widest.clear, reaches.opening);
  return part(
    animal,
    widest.item,
    {
      attack: 'reach',
      minutes: minutesOf(verdict === 'passes' ? 'minutes' : 'holds'),
      reason: {
        kind: 'reach',
        opening: widest.clear,
        used,
        strict,
        verdict,
        birds: when.birds,
        distance,
        length: reaches.length,
      },
    },
    widest.attribute,
  );
}

/** Whether a paw, muzzle or beak goes through an opening so wide, mm. */
function reachVerdict(clear: number, { used, strict, passesAtFigure }: ReachOpening): Verdict {
  if (clear > used.value || (passesAtFigure && clear === used.value)) return 'passes';
  return clear > strict.value ? 'in-doubt' : 'stopped';
}

function gapsNear(bay: Bay, animal: Animal, bound: Bound, when: When): Gap[] {
  const isNear = (up: number): boolean =>
    (when.birds === 'at-roost' || up < birdHeight.value) && !outOfReach(animal, up, bay, bound);
  const bands = bay.bands
    .filter((band) => !isBareBand(band) && isNear(band.from))
    .map((band) => finestOf(band.layers, bound, when.date));
  const openings = bay.openings
    .filter((it) => isNear(it.up))
    .flatMap((it) => openingGaps(it, bound, when));
  // Where all of its cover is overhead, so are its holes.
  const own = bands.length > 0 ? ownGaps(bay, bound) : [];
  return [...bands, ...openings, ...own];
}

function ownGaps(bay: Bay, bound: Bound): Gap[] {
  const gap = (attribute: AmountId, possible: Bay['largestHole']): Gap => ({
    item: bay.id,
    attribute,
    clear: lengthAt(possible, attribute, bound),
  });
  return [
    gap('bay.largestHole', bay.largestHole),
    ...(bay.ground ? [gap('ground.gap', bay.ground.gap)] : []),
  ];
}

function openingGaps(opening: Opening, bound: Bound, when: When): Gap[] {
  if (standsOpen(opening, when.doors)) return [];
  const there = coverOf(opening).filter((layer) => !isNone(layer));
  const cover = there.length > 0 ? [finestOf(there, bound, when.date)] : [];
  if (isFixed(opening)) {
    const bare = Math.min(opening.width, opening.height);
    return cover.length > 0 ? cover : [{ item: opening.id, attribute: 'opening.gap', clear: bare }];
  }
  const clear = lengthAt(opening.gap, 'opening.gap', bound);
  return [...cover, { item: opening.id, attribute: 'opening.gap', clear }];
}

/** Every layer must let it through: the finest decides. */
function finestOf(layers: readonly Layer[], bound: Bound, date: string | undefined): Gap {
  const all = layers.map((layer): Gap => ({
    item: layer.id,
    attribute: 'layer.clear',
    clear: isWithin(layer.on, date)
      ? clearOpening(layer, bound)
      : clearOpening({ ...layer, mesh: { is: 'none' } }, bound),
  }));
  return all.reduce((kept, it) => (it.clear < kept.clear ? it : kept));
}
