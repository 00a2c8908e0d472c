/** The place as it would be found with mends made as they are meant: what is there already and is better stays as it is. */
import { attributes, isAmountId, limitsOf, type AttributeId } from '../../attributes';
import { withLine } from '../../fence/with-line';
import type { Mend, Target, TargetValue } from '../../records/mend';
import type { Place } from '../../place/place';
import { any, bounds, isAmount, isKnown, type Possible } from '../../place/possible';
import { setAttribute } from '../../records/set-attribute';
import { valueOf } from '../../records/value-of';
import { addToPlace } from '../added-items';
import { asMeant } from '../as-meant';

/** The same whichever of them is made first, as long as none excludes another. */
export const withMends = (place: Place, mends: readonly Pick<Mend, 'targets'>[]): Place =>
  withLine(withTargets(place, mends));

/** Without what follows for the electric line: of a part of a place, whose line runs on outside it. */
export function withTargets(place: Place, mends: readonly Pick<Mend, 'targets'>[]): Place {
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
  if (!isAmountId(attribute)) return before ?? any;
  // What is new is no better than it is asked to be: an opening behind which anything could be is not shut by that.
  if (before === undefined) return asMeant(value);
  const [low, high] = bounds(before && isAmount(before) ? before : undefined, limitsOf(attribute));
  const clip = (it: number): number =>
    'atMost' in value ? Math.min(it, value.atMost) : Math.max(it, value.atLeast);
  if (before && clip(low) === low && clip(high) === high) return before;
  return clip(low) === clip(high) ? { is: clip(low) } : { from: clip(low), to: clip(high) };
}
