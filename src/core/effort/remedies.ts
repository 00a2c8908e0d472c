/** What would stop an animal at a part that gives way, as data: each entry alone is enough for that animal at that part. */
import type { EnoughAgainstDigging } from '../tables/digging';
import { animals, type Animal } from '../tables/animals';
import type { EnoughAgainstClimbing } from '../tables/climbing';
import type { Figure } from '../tables/figure';
import { fixingClass, fixings, type Fixing } from '../tables/fixings';
import { catching, latchIds, type LatchId } from '../tables/latches';
import { meshes, meshIds, type MeshId } from '../tables/meshes';
import { latchReason } from './open';
import type { PartEffort, Reason } from './reason';

/** One thing that would be enough. */
export type Remedy =
  /** Make the opening no wider: by the figure used, and by the stricter one mends are made to. */
  | { readonly kind: 'opening'; readonly used: Figure; readonly strict: Figure }
  /** Any of these, sound, screwed or battened down, is neither passed nor torn. */
  | { readonly kind: 'cover'; readonly meshes: readonly MeshId[] }
  | { readonly kind: 'fixing'; readonly fixings: readonly Fixing[] }
  | { readonly kind: 'skirt'; readonly enough: EnoughAgainstDigging }
  | { readonly kind: 'hard-ground' }
  | { readonly kind: 'top-edge'; readonly enough: EnoughAgainstClimbing }
  | { readonly kind: 'roof' }
  /** Birds kept farther from the cover than this. */
  | { readonly kind: 'distance'; readonly moreThan: Figure }
  /** kg of frame from which the edge does not rise at all. */
  | { readonly kind: 'weight'; readonly atLeast: number }
  | { readonly kind: 'pegs'; readonly atLeast: Figure }
  /** One of these latches besides what is there. */
  | { readonly kind: 'latch'; readonly add: readonly LatchId[] }
  /** Hinges that do not give. */
  | { readonly kind: 'hinges' }
  /** Sound timber along the ground. */
  | { readonly kind: 'timber' }
  | { readonly kind: 'shut' };

/** Empty for a part that holds, and where the tables know of nothing. */
export function remediesFor(part: PartEffort): Remedy[] {
  return part.minutes === null ? [] : stopsOf(part.reason, part);
}

function stopsOf(reason: Reason, { animal }: PartEffort): Remedy[] {
  const it = animals[animal];
  switch (reason.kind) {
    case 'opening':
      return [{ kind: 'opening', used: reason.used, strict: reason.strict }];
    case 'tear': {
      const holding = { kind: 'fixing', fixings: fixingsThatHold(it) } as const;
      const cover = { kind: 'cover', meshes: meshesThatHold(it) } as const;
      if (reason.how === 'pulls') return holding.fixings.length > 0 ? [holding] : [];
      return cover.meshes.length > 0 ? [cover] : [];
    }
    case 'dig':
      return [
        ...(it.digs ?? [])
          .filter(({ isForJudgingOnly }) => !isForJudgingOnly)
          .map((enough): Remedy => ({ kind: 'skirt', enough })),
        { kind: 'hard-ground' },
      ];
    case 'over':
      return [
        ...(reason.how === 'fly' ? [] : (it.over ?? [])).map((enough): Remedy => ({
          kind: 'top-edge',
          enough,
        })),
        { kind: 'roof' },
      ];
    case 'reach':
      return [
        { kind: 'opening', used: reason.used, strict: reason.strict },
        { kind: 'distance', moreThan: reason.length },
      ];
    case 'lift':
      return [
        // Half of the weight on an edge must exceed twice the force: below that the frame still racks.
        { kind: 'weight', atLeast: (4 * it.dexterity.force.value) / 9.81 },
        ...(reason.pegsHoldFrom ? [{ kind: 'pegs', atLeast: reason.pegsHoldFrom } as const] : []),
      ];
    case 'latches': {
      const fits = reason.unfastened ? catching : latchIds;
      const add = fits.filter((id) => latchHolds([...reason.latches, id], it));
      return add.length > 0 ? [{ kind: 'latch', add }] : [];
    }
    case 'hinges':
      return [{ kind: 'hinges' }];
    case 'timber':
      return [{ kind: 'timber' }];
    case 'stands-open':
      return [{ kind: 'shut' }];
    case 'no-cover':
      return [{ kind: 'cover', meshes: meshesThatHold(it) }];
    case 'out-of-reach':
      return [];
  }
}

function fixingsThatHold({ tears }: Animal): Fixing[] {
  return fixings.filter((id) => fixingClass[id].value > tears.pulls.value);
}

/** Against what pulls off every fixing no cover holds. */
function meshesThatHold(animal: Animal): MeshId[] {
  if (fixingsThatHold(animal).length === 0) return [];
  return meshIds.filter((id) => {
    const { clear, strength, gnawed } = meshes[id];
    return (
      clear.value <= animal.exclusion.used.value &&
      strength.value > animal.tears.breaks.value &&
      !(animal.tears.gnaws && gnawed)
    );
  });
}

function latchHolds(fitted: readonly LatchId[], animal: Animal): boolean {
  const { verdict } = latchReason(fitted, animal);
  return ['motion-unknown', 'too-stiff'].includes(verdict);
}
