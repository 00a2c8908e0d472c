/** The place as it would be found with mends made as they are meant: what is there already and is better stays as it is. */
import { attributes, limitsOf, type AttributeId } from '../../place/attributes';
import { findItem, type Item } from '../../place/find';
import type { Mend, Target, TargetValue } from '../../place/mend';
import type { Place } from '../../place/place';
import { bounds, isKnown, type Possible, type PossibleLength } from '../../place/possible';
import { setAttribute } from '../../place/set-attribute';
import { addToPlace } from '../added-items';

/** The same whichever of them is made first, as long as none excludes another. */
export function withMends(place: Place, mends: readonly Pick<Mend, 'targets'>[]): Place {
  // A new skirt takes the place of one of other mesh before its lengths are told.
  const targets = mends
    .flatMap((mend) => mend.targets)
    .sort((a, b) => Number(b.attribute === 'skirt.mesh') - Number(a.attribute === 'skirt.mesh'));
  return targets.reduce(withTarget, place);
}

/** Everything that any of them adds, standing ready: nothing of it is there yet. */
export function readyFor(place: Place, mends: readonly Mend[]): Place {
  return mends.reduce(addToPlace, place);
}

function withTarget(place: Place, { item, attribute, value }: Target): Place {
  const before = valueOf(place, item, attribute);
  const cleared =
    attribute === 'skirt.mesh' && !isAs(before, value) ? withoutSkirt(place, item) : place;
  return setAttribute(cleared, item, attribute, composed(before, attribute, value));
}

function withoutSkirt(place: Place, item: string): Place {
  return (['skirt.depth', 'skirt.outward'] as const).reduce(
    (it, attribute) => setAttribute(it, item, attribute, { is: 0 }),
    place,
  );
}

function isAs(before: Possible | undefined, value: TargetValue): boolean {
  return 'is' in value && isKnown<string>(before) && before.is === value.is;
}

/** What is known, with as much as the mend is to bring about laid over it. */
function composed(
  before: Possible | undefined,
  attribute: AttributeId,
  value: TargetValue,
): Possible {
  if ('near' in value) return { is: value.near };
  if ('is' in value) {
    const { better } = attributes[attribute];
    const isBetter =
      typeof better !== 'string' &&
      isKnown<string>(before) &&
      better.indexOf(before.is) < better.indexOf(value.is);
    return isBetter ? before : { is: value.is };
  }
  const [low, high] = bounds(before as PossibleLength | undefined, limitsOf(attribute));
  const clip = (it: number): number =>
    'atMost' in value ? Math.min(it, value.atMost) : Math.max(it, value.atLeast);
  if (before && clip(low) === low && clip(high) === high) return before;
  return clip(low) === clip(high) ? { is: clip(low) } : { from: clip(low), to: clip(high) };
}

function valueOf(place: Place, item: string, attribute: AttributeId): Possible | undefined {
  if (item === place.fence?.id) return place.fence.volts;
  const found = findItem(place, item);
  // An overhang is told as one width; none where it is told of no other.
  if (attribute === 'top.width') return { is: found?.bay.top.width ?? 0 };
  return found && fieldOf(found, attribute);
}

/** Only what is told as a set of possible values; what is of the structure is set as it is meant. */
function fieldOf(item: Item, attribute: AttributeId): Possible | undefined {
  const [part, field] = attribute.split('.') as [string, string];
  const holder: unknown =
    item.kind === 'bay'
      ? { ground: item.bay.ground, skirt: item.bay.ground?.skirt, bay: item.bay }[part]
      : { layer: item, opening: item, latch: item, strand: item }[part] &&
        (item as unknown as Record<string, unknown>)[item.kind];
  const value = (holder as Record<string, unknown> | undefined)?.[field];
  return typeof value === 'object' ? (value as Possible) : undefined;
}
