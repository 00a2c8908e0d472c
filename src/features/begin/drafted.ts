/** A draft as the place it would be, and what is still to be said of it. */
import { isPartUnknown } from '@/core/tables/regions';
import type { Place } from '@/core/place/place';
import { shapes } from '@/core/place/shapes';
import { beginText } from '@/words/screens/begin';
import { shapeNames } from '@/words/shape-words';
import { begin } from './begin';
import type { BeginDraft } from './begin-draft';
import { firstSides, type SideText } from './pacing-form';
import { pacedAsks, type Asks } from './read-form';

export const sidesOf = ({ sides, units }: BeginDraft): readonly SideText[] =>
  sides ?? firstSides[units];

/** A side that was taken away again has no house against it. */
export const houseSideOf = (draft: BeginDraft): string =>
  Number(draft.houseSide) > sidesOf(draft).length ? '1' : draft.houseSide;

export function asksOf(draft: BeginDraft): Asks {
  if (draft.start !== 'paced') return shapes[draft.start].asks;
  const { runHeight } = pacedAsks;
  return houseSideOf(draft) !== 'none' || !runHeight ? pacedAsks : { runHeight };
}

/** As it was typed, or as it is proposed. */
export const nameOf = ({ name, start }: BeginDraft): string =>
  name ?? beginText.proposedName(start === 'paced' ? undefined : shapeNames[start][0]);

/** The place, or what stands in the way, in a sentence. `id`: the new place's. */
export function placeOf(draft: BeginDraft, id: string): Place | { readonly sentence: string } {
  const { units, region, kind, where, birds, sizes, start } = draft;
  return begin({
    text: { name: nameOf(draft), birds, sizes },
    asks: asksOf(draft),
    start,
    sides: sidesOf(draft),
    houseSide: houseSideOf(draft),
    base: { id, units, region, kind, ...(where && { where }) },
  });
}

/** What is still to be said of where it stands. */
export function unsaidOf({ region, where }: BeginDraft): string | undefined {
  if (isPartUnknown(region)) return beginText.sayWhichPart;
  return where ? undefined : beginText.sayWhatStandsRoundIt;
}
