/** A mend of the keeper's own: what it is to bring about is said as a reading that will show it. */
import { animals } from '../tables/animals';
import type { AttributeId } from '../attributes';
import type { Mend, OwnMend, Target } from '../records/mend';
import type { SpotKind } from '../place/spot';
import type { Place } from '../place/place';
import { exclusionFor } from '../walk/what-it-means';
import type { WeakSpot } from './weak-spot';

/** What can be said of a spot by one figure, or by none. */
interface OwnEffect {
  readonly attributes: readonly AttributeId[];
  readonly value: 'at-most' | 'at-least' | 'hard-surface';
}

/** Spots of other kinds want things added, which only the catalogue knows of. */
export const ownEffects: Readonly<Partial<Record<SpotKind, OwnEffect>>> = {
  ground: { attributes: ['ground.gap', 'ground.gapLifted'], value: 'at-most' },
  panel: { attributes: ['bay.panelPulled'], value: 'at-most' },
  hole: { attributes: ['bay.largestHole'], value: 'at-most' },
  edges: { attributes: ['opening.gap', 'opening.gapPulled'], value: 'at-most' },
  dig: { attributes: ['ground.soil'], value: 'hard-surface' },
  reach: { attributes: ['bay.roost'], value: 'at-least' },
  frame: { attributes: ['ground.weight'], value: 'at-least' },
};

/** The figure that stops all that get by at this spot; `undefined` where none is asked for or known. */
export function suggestedValue({ spot, letsBy }: WeakSpot): number | undefined {
  const effect = ownEffects[spot.kind];
  if (effect?.value === 'at-most') return exclusionFor(letsBy)?.strict;
  if (spot.kind !== 'reach') return undefined;
  return Math.max(...letsBy.map((id) => animals[id].reaches?.length.value ?? 0)) + 50;
}

/** `value` in the attribute's own unit; not looked at where the effect asks for none. */
export function ownMend(
  { id: placeId }: Place,
  {
    spot,
    bay,
    letsBy,
  }: Pick<WeakSpot, 'spot' | 'letsBy'> & { readonly bay: { readonly id: string } },
  own: OwnMend,
  value: number,
): Mend {
  const effect = ownEffects[spot.kind];
  const targets = (effect?.attributes ?? []).map((attribute): Target => ({
    item: spot.item,
    attribute,
    value: valueOf(effect?.value ?? 'at-most', value),
  }));
  return {
    id: '',
    placeId,
    kind: 'own',
    bay: bay.id,
    spot,
    stops: letsBy,
    targets,
    state: 'open',
    history: [],
    own,
  };
}

function valueOf(kind: OwnEffect['value'], value: number): Target['value'] {
  if (kind === 'hard-surface') return { is: 'hard-surface' };
  return kind === 'at-most' ? { atMost: value } : { atLeast: value };
}
