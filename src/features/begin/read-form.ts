/** The form's text as figures, or one sentence about the first that cannot be. */
import { beginText } from '@/words/screens/begin';
import type { StartingShape, SizeId, Sizes } from '@/core/place/shapes';
import { sizeIds } from '@/core/place/shapes';
import { isLength, readLength } from '@/core/walk/length-entry';
import { type Units } from '@/core/place/place';
import { lengthSentence } from '@/words/problem-sentence';

export interface FormText {
  readonly name: string;
  readonly birds: string;
  readonly sizes: Readonly<Partial<Record<SizeId, string>>>;
}

/** Sizes asked for, in order, with what they usually are. */
export type Asks = StartingShape['asks'];

/** Of a paced place: its sides are paced, the house's and the height are not. */
export const pacedAsks: Asks = {
  runHeight: [1800, 72],
  houseWidth: [1200, 48],
  houseDepth: [1200, 48],
};

export const askedSizes = (asks: Asks): SizeId[] => sizeIds.filter((id) => asks[id]);

/** "4.5 m", "15 ft", "6' 6\"". */
export function usualText(
  [mm, inches]: readonly [mm: number, inches: number],
  units: Units,
): string {
  if (units === 'metric') return `${mm / 1000} m`;
  const [feet, rest] = [Math.floor(inches / 12), inches % 12];
  return rest === 0 ? beginText.ft(feet) : `${feet}' ${rest}"`;
}

const longest: Readonly<Record<SizeId, number>> = {
  runWidth: 100_000,
  runDepth: 100_000,
  runHeight: 5_000,
  houseWidth: 20_000,
  houseDepth: 20_000,
  sections: 2_000,
};

/** Shorter than this no bird turns round in it, mm; sections may be. */
const shortest = 300;
const shortestLegs = 100;

export type ReadForm =
  | {
      readonly name: string;
      readonly birds: number;
      readonly sizes: Sizes;
      /** What was typed, by the length it was read as. */
      readonly entered: ReadonlyMap<number, string>;
    }
  | { readonly sentence: string };

/** `named`: what each size is called in the form. What is not asked cannot be wrong, whatever was typed there before. */
export function readForm(
  text: FormText,
  asks: Asks,
  units: Units,
  named: (size: SizeId) => string,
): ReadForm {
  const name = text.name.trim();
  if (name === '' || name.length > 80) {
    return { sentence: beginText.giveThePlaceAName };
  }
  const birds = Number(text.birds.trim());
  if (text.birds.trim() === '' || !Number.isInteger(birds) || birds < 1 || birds > 10_000) {
    return { sentence: beginText.howManyBirdsAWhole };
  }
  const sizes = Object.fromEntries(sizeIds.map((id) => [id, NaN])) as Record<SizeId, number>;
  const entered = new Map<number, string>();
  for (const id of askedSizes(asks)) {
    const usual = asks[id] ?? ([0, 0] as const);
    const read = readLength(text.sizes[id] ?? usualText(usual, units), units, longest[id]);
    if (!isLength(read)) return { sentence: `${named(id)}: ${lengthSentence(read, units)}` };
    if (read.mm < (id === 'sections' ? shortestLegs : shortest)) {
      return {
        sentence: beginText.isTooShortDidYouMean(named(id), read.entered),
      };
    }
    sizes[id] = read.mm;
    entered.set(read.mm, read.entered);
  }
  return { name, birds, sizes, entered };
}
