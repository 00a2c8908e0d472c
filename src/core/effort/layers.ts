/** Through cover: each layer is passed or torn, whichever is the easier; layers add. */
import type { Band, Bay, Layer } from '../place/place';
import { isWithin } from '../place/year-span';
import type { Animal } from '../tables/animals';
import { conditions, fixings } from '../tables/fixings';
import { choiceAt, clearOf, meshMembers, memberAt, type Bound } from './bound';
import { openingReason } from './pass';
import type { OpeningReason, TearReason } from './reason';
import { addMinutes, compareMinutes } from './effort-level';
import { tearEffort } from './tear';

export interface LayerEffort {
  readonly layer: Layer;
  readonly attack: 'pass' | 'tear';
  readonly minutes: number | null;
  readonly reason: OpeningReason | TearReason;
}

export interface CoverEffort {
  readonly minutes: number | null;
  /** The layer that costs most, which decides; of those that cost alike the finest. */
  readonly hardest: LayerEffort;
  readonly others: readonly LayerEffort[];
}

/** Surely nothing there: a cover that is off, or one that a mend has not yet brought. */
export function isNone({ mesh }: Layer): boolean {
  return 'is' in mesh && mesh.is === 'none';
}

/** A stretch of wall that has no cover left, or none yet. A flat roof's band has no height to be bare. */
export function isBareBand({ from, to, layers }: Band): boolean {
  return to > from && layers.every(isNone);
}

/** A bay that stands ready for a mend, as long as nothing of it is there. */
export function isNotThere({ ready, bands }: Bay): boolean {
  return ready === true && bands.every(({ layers }) => layers.every(isNone));
}

/** Everything about a bay that bears on its layers. */
type Held = Pick<Bay, 'fixing' | 'condition'>;

/** Effort of one layer. `limit`: the smaller clear dimension of the doorway it fills, mm. */
export function layerEffort(
  layer: Layer,
  held: Held,
  animal: Animal,
  bound: Bound,
  date: string | undefined,
  limit = Infinity,
): LayerEffort {
  const isOn = isWithin(layer.on, date);
  const fixing = choiceAt(layer.fixing ?? held.fixing, 'bay.fixing', fixings, bound);
  const condition = choiceAt(layer.condition ?? held.condition, 'bay.condition', conditions, bound);
  return memberAt(
    isOn ? meshMembers(layer.mesh) : (['none'] as const),
    (mesh): LayerEffort => {
      const opening = openingReason(animal, Math.min(clearOf(layer, mesh, bound), limit), 'hole');
      if (opening.verdict === 'passes') {
        return { layer, attack: 'pass', minutes: 0, reason: opening };
      }
      const torn = mesh === 'none' ? undefined : tearEffort(mesh, fixing, condition, animal);
      return torn
        ? { layer, attack: 'tear', ...torn }
        : { layer, attack: 'pass', minutes: null, reason: opening };
    },
    (a, b) => compareMinutes(a.minutes, b.minutes) || finer(a, b),
    bound,
  );
}

/** All layers together; `undefined` where there is none. */
export function coverEffort(
  layers: readonly Layer[],
  held: Held,
  animal: Animal,
  bound: Bound,
  date: string | undefined,
  limit?: number,
): CoverEffort | undefined {
  const all = layers.map((layer) => layerEffort(layer, held, animal, bound, date, limit));
  const [first, ...rest] = all;
  if (!first) return undefined;
  const hardest = rest.reduce(
    (kept, it) => ((compareMinutes(it.minutes, kept.minutes) || finer(it, kept)) > 0 ? it : kept),
    first,
  );
  return {
    minutes: all.reduce<number | null>((sum, it) => addMinutes(sum, it.minutes), 0),
    hardest,
    others: all.filter((it) => it !== hardest),
  };
}

/** Above zero where `a` leaves the smaller opening. */
function finer(a: LayerEffort, b: LayerEffort): number {
  const opening = ({ reason }: LayerEffort) => (reason.kind === 'opening' ? reason.opening : 0);
  return opening(b) - opening(a);
}
