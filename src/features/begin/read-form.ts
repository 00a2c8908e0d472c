/** The form's text as figures, or one sentence about the first that cannot be. */
import type { Beginning } from '@/core/place/begin';
import { isLength, readLength, type Units } from '@/core/walk/length-entry';
import { lengthSentence } from '@/words/problem-sentence';

export type FormText = Readonly<
  Record<
    'name' | 'birds' | 'runWidth' | 'runDepth' | 'runHeight' | 'houseWidth' | 'houseDepth',
    string
  >
>;

export const defaults: Readonly<Record<Units, FormText>> = {
  metric: {
    name: '',
    birds: '6',
    runWidth: '3.6 m',
    runDepth: '4.5 m',
    runHeight: '1.8 m',
    houseWidth: '1.2 m',
    houseDepth: '1.2 m',
  },
  imperial: {
    name: '',
    birds: '6',
    runWidth: '12 ft',
    runDepth: '15 ft',
    runHeight: '6 ft',
    houseWidth: '4 ft',
    houseDepth: '4 ft',
  },
};

type Lengths = Pick<Beginning, 'runWidth' | 'runDepth' | 'runHeight' | 'houseWidth' | 'houseDepth'>;

const lengthFields: Readonly<Record<keyof Lengths, readonly [name: string, longest: number]>> = {
  runWidth: ['Run, along the gate’s side', 100_000],
  runDepth: ['Run, away from the gate', 100_000],
  runHeight: ['Run, height', 5_000],
  houseWidth: ['House, along its back', 20_000],
  houseDepth: ['House, front to back', 20_000],
};

/** What is not asked cannot be wrong: a hidden field counts as it stood at first, whatever was typed there before. */
export function onlyAsked(
  text: FormText,
  units: Units,
  isPaced: boolean,
  hasHouse: boolean,
): FormText {
  const { runWidth, runDepth, houseWidth, houseDepth } = defaults[units];
  return {
    ...text,
    ...(isPaced && { runWidth, runDepth }),
    ...(!hasHouse && { houseWidth, houseDepth }),
  };
}

/** Shorter than this no bird turns round in it, mm. */
const shortest = 300;

export type ReadForm =
  (Lengths & { readonly name: string; readonly birds: number }) | { readonly sentence: string };

export function readForm(text: FormText, units: Units): ReadForm {
  const name = text.name.trim();
  if (name === '' || name.length > 80)
    return { sentence: 'Give the place a name, up to 80 letters.' };
  const birds = Number(text.birds.trim());
  if (text.birds.trim() === '' || !Number.isInteger(birds) || birds < 1 || birds > 10_000) {
    return { sentence: 'How many birds? A whole number from 1 up.' };
  }
  const lengths: Partial<Record<keyof Lengths, number>> = {};
  for (const [field, [label, longest]] of Object.entries(lengthFields) as [
    keyof Lengths,
    readonly [string, number],
  ][]) {
    const read = readLength(text[field], units, longest);
    if (!isLength(read)) return { sentence: `${label}: ${lengthSentence(read, units)}` };
    if (read.mm < shortest) {
      return { sentence: `${label}: ${read.entered} is too short. Did you mean metres or feet?` };
    }
    lengths[field] = read.mm;
  }
  return { ...(lengths as Lengths), name, birds };
}
