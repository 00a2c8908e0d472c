/** Through cover: each layer is passed or torn, whichever is the easier; layers add. */
import type { Band, Bay, Layer } from '../place/place';
import { isWithin } from '../place/year-span';
import type { Animal } from '../tables/animals';
import { conditions, fixings } from '../tables/fixings';
import { pullGaveNothing } from '../tables/strength';
import { clearOf, strengthOf, wireOf } from './as-measured';
import { choiceAt, lengthAt, meshMembers, memberAt, type Bound } from './bound';
import { apertureFor, minutesOfOpening, openingReason, within, type Aperture } from './pass';
import type { OpeningReason, TearReason } from './reason';
import { addMinutes, compareMinutes } from './effort-level';
import { tearEffort } from './tear';

/** One layer against one animal: passed or torn, in how many minutes (`null` holds), and why. */
export interface LayerEffort {
  readonly layer: Layer;
  readonly attack: 'pass' | 'tear';
  readonly minutes: number | null;
  readonly reason: OpeningReason | TearReason;
}

/** Several layers behind one another: their minutes add up, `null` holds. */
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
type Held = { readonly [K in 'fixing' | 'condition' | 'panelPulled']?: Bay[K] | undefined } & {
  /** It is no part of what the bay's own pull was at. */
  readonly isApart?: true;
};

/** Who tries it, at which end of what is known, and on what day (panels may be off). */
export interface Tried {
  readonly animal: Animal;
  readonly bound: Bound;
  readonly date?: string | undefined;
}

/** No doorway that anything here is too big for. */
export const wideOpen: Aperture = { short: Infinity, long: Infinity };

/**
 * Effort of one layer in its doorway: passing its mesh, or taking it away. What is torn, drawn off or gnawed leaves the doorway
 * that it filled, which must let the animal's body through as well.
 */
export function layerEffort(
  layer: Layer,
  held: Held,
  { animal, bound, date }: Tried,
  doorway: Aperture = wideOpen,
): LayerEffort {
  const isOn = isWithin(layer.on, date);
  const fixing = choiceAt(layer.fixing ?? held.fixing, 'bay.fixing', fixings, bound);
  const condition = choiceAt(layer.condition ?? held.condition, 'bay.condition', conditions, bound);
  const bare = openingReason(animal, doorway);
  const without = minutesOfOpening(bare);
  return memberAt(
    isOn ? meshMembers(layer.mesh) : (['none'] as const),
    (mesh): LayerEffort => {
      const clear = apertureFor(clearOf(layer, mesh, bound), 'hole');
      const opening = mesh === 'none' ? bare : openingReason(animal, within(clear, doorway));
      const passing = minutesOfOpening(opening);
      const passed: LayerEffort = { layer, attack: 'pass', minutes: passing, reason: opening };
      if (mesh === 'none' || passing === 0) return passed;
      const torn = tearEffort(
        { mesh, strength: strengthOf(layer, mesh, bound), wire: wireOf(layer, mesh, bound) },
        { fixing, condition, isTried: isTried(held, bound) },
        animal,
      );
      if (!torn) return passed;
      // Torn away, it leaves a doorway that is still too small.
      if (without === null) return passed;
      const minutes = addMinutes(torn.minutes, without);
      return compareMinutes(minutes, passing) <= 0
        ? { layer, attack: 'tear', minutes, reason: torn.reason }
        : passed;
    },
    (a, b) => compareMinutes(a.minutes, b.minutes) || finer(a, b),
    bound,
  );
}

/**
 * Pulled hard by hand, and nothing gave: whatever the fixings are called, they hold what pulls no harder. Not pulled yet it may be so, or
 * not.
 */
function isTried({ panelPulled, isApart }: Held, bound: Bound): boolean {
  return !isApart && lengthAt(panelPulled, 'bay.panelPulled', bound) <= pullGaveNothing.value;
}

/** All layers together; `undefined` where there is none. */
export function coverEffort(
  layers: readonly Layer[],
  held: Held,
  by: Tried,
  doorway?: Aperture,
): CoverEffort | undefined {
  const all = layers.map((layer) => layerEffort(layer, held, by, doorway));
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
