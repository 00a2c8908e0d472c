/** The form as a place, or one sentence about what is wrong with it. */
import { beginText } from '@/words/screens/begin';
import { beginPlace } from '@/core/place/begin';
import { beginPaced } from '@/core/place/begin-paced';
import type { Named } from '@/core/place/begun-place';
import { checkPacing, isPacing } from '@/core/place/pacing';
import { keepEntered } from '@/core/place/edit/keep-entered';
import type { Place } from '@/core/place/place';
import type { Sizes } from '@/core/place/shapes';
import { housePlaceWords, pacingProblemWords } from '@/words/pacing-words';
import { sizeNames } from '@/words/shape-words';
import { readSides, type SideText } from './pacing-form';
import { readForm, type Asks, type FormText } from './read-form';
import type { Start } from './ShapeChoice';

export interface Begin {
  readonly text: FormText;
  readonly asks: Asks;
  readonly start: Start;
  /** Of a paced place. */
  readonly sides: readonly SideText[];
  /** Number of the side the house of a paced place stands against, from 1; or "none". */
  readonly houseSide: string;
  readonly base: Omit<Named, 'name' | 'birds'>;
}

type Begun = Place | { readonly sentence: string };

export function begin({ text, asks, start, sides, houseSide, base }: Begin): Begun {
  const read = readForm(text, asks, base.units, sizeNames(start));
  if ('sentence' in read) return read;
  const { sizes, entered, ...named } = read;
  if (start === 'paced') return beginFromSides({ ...base, ...named }, sizes, sides, houseSide);
  const place = beginPlace({ ...base, ...named, shape: start, sizes });
  return 'problem' in place
    ? {
        sentence: beginText.theHouseLeavesNoRun,
      }
    : keepEntered(place, entered);
}

function beginFromSides(
  named: Named,
  { runHeight, houseWidth, houseDepth }: Sizes,
  texts: readonly SideText[],
  houseSide: string,
): Begun {
  const read = readSides(texts, named.units);
  if ('sentence' in read) return read;
  const pacing = checkPacing(read.sides);
  if (!isPacing(pacing)) return { sentence: pacingProblemWords(pacing, named.units) };
  // Sides are numbered as they were paced; paced anticlockwise they stand in the other order.
  const paced = Number(houseSide) - 1;
  const side = pacing.reversed && paced > 0 ? read.sides.length - paced : paced;
  const house = { side, width: houseWidth, depth: houseDepth, nestLid: true };
  const place = beginPaced({ ...named, pacing, runHeight, ...(houseSide !== 'none' && { house }) });
  if (!('problem' in place)) return place;
  const problem = place.problem === 'side-too-short' ? { ...place, side: paced } : place;
  return { sentence: housePlaceWords(problem) };
}
