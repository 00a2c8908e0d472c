/** What has been typed or chosen so far, and what pressing on would do with it. */
import { useState, type Dispatch, type SetStateAction } from 'react';
import { attributes, type AttributeId } from '@/core/attributes';
import { findItem } from '@/core/place/find';
import { isFixed } from '@/core/place/opening-cover';
import { isKnown } from '@/core/place/possible';
import type { Place, Units } from '@/core/place/place';
import type { Reading } from '@/core/records/walk';
import type { MeshId } from '@/core/tables/meshes';
import { isRead, readReading, worseEnd } from '@/core/walk/range-entry';
import type { Question } from '@/core/walk/questions';
import type { NewReading } from '@/store/use-changes';
import { readingSentence } from '@/words/problem-sentence';

export type Outcome =
  | { readonly kind: 'save'; readonly value: NewReading['value'] }
  /** `asked`: what it may be, where the keeper is asked which. */
  | { readonly kind: 'refused'; readonly sentence: string; readonly asked: readonly string[] }
  /** Nothing new was said: going on needs no saving. */
  | { readonly kind: 'unchanged' };

export interface AmountAnswer {
  readonly kind: 'amount';
  readonly text: string;
  /** It stands there as a whole: the next key takes its place. */
  readonly isWhole: boolean;
  readonly setText: Dispatch<SetStateAction<string>>;
  /** Puts a whole figure there: a chip, what was asked back. The next key takes its place. */
  readonly setWhole: (text: string) => void;
  /** Keys of the keypad: on what is being typed, never on a figure that stood there as a whole. */
  readonly typeOn: Dispatch<SetStateAction<string>>;
  readonly units: Units;
  readonly setUnits: (units: Units) => void;
  /** The reading as far as it can be read, in the attribute's unit; of a range the end that counts against the place. */
  readonly value: number | undefined;
  readonly outcome: Outcome;
}

export interface ChoiceAnswer {
  readonly kind: 'choice';
  readonly choices: readonly string[];
  readonly chosen: string | undefined;
  readonly choose: (choice: string) => void;
  readonly outcome: Outcome;
}

/** By place: whoever turned to inches once measures the next gap in them too. As long as the tab lasts. */
const unitsLastUsed = new Map<string, Units>();

export function useAnswer(
  place: Place,
  question: Question,
  given: Reading | undefined,
  typed = '',
): AmountAnswer | ChoiceAnswer {
  const attribute = attributes[question.attribute];
  const before = given && given.value !== 'cannot-tell' ? given.value : undefined;
  const [text, setText] = useState(() => (typed === '' ? enteredText(before) : typed));
  const [isWhole, setIsWhole] = useState(text !== '' && typed === '');
  const [units, setUnits] = useState<Units>(
    () => enteredUnits(before) ?? unitsLastUsed.get(place.id) ?? place.units,
  );
  const [chosen, choose] = useState(() => (isKnown<string>(before) ? before.is : undefined));
  if (attribute.value === 'choice') {
    const unchanged = chosen === undefined || (isKnown<string>(before) && before.is === chosen);
    return {
      kind: 'choice',
      choices: likelyFirst(attribute.choices, place, question),
      chosen,
      choose,
      outcome: unchanged ? { kind: 'unchanged' } : { kind: 'save', value: { is: chosen } },
    };
  }
  const read = readReading(text, question.attribute, units);
  return {
    kind: 'amount',
    text,
    isWhole,
    setText: (next) => {
      setIsWhole(false);
      setText(next);
    },
    setWhole: (next) => {
      setIsWhole(true);
      setText(next);
    },
    typeOn: (next) => {
      setText((now) => (typeof next === 'function' ? next(isWhole ? '' : now) : next));
      setIsWhole(false);
    },
    units,
    setUnits: (next) => {
      unitsLastUsed.set(place.id, next);
      setUnits(next);
    },
    value: isRead(read) ? worseEnd(read, question.attribute) : undefined,
    outcome: amountOutcome(read, before, question.attribute, units),
  };
}

/** A door is mostly of board: what is likely stands where it is seen first. */
function likelyFirst(
  choices: readonly string[],
  place: Place,
  { item, attribute }: Question,
): readonly string[] {
  const found = attribute === 'layer.mesh' ? findItem(place, item) : undefined;
  if (found?.kind !== 'layer') return choices;
  const opening = found.bay.openings.find(({ cover }) => cover?.includes(found.layer));
  if (!opening || isFixed(opening)) return choices;
  return [...doorBoards, ...choices.filter((it) => !doorBoards.includes(it))];
}
const doorBoards: readonly string[] = ['solid-board', 'sheet'] satisfies readonly MeshId[];

function amountOutcome(
  read: ReturnType<typeof readReading>,
  before: Exclude<Reading['value'], 'cannot-tell'> | undefined,
  attribute: AttributeId,
  units: Units,
): Outcome {
  if (isRead(read)) {
    return isSameValue(read, before) ? { kind: 'unchanged' } : { kind: 'save', value: read };
  }
  // Going on without a reading is skipping: the question stays open, nothing is lost.
  if (read.problem === 'empty') return { kind: 'unchanged' };
  return {
    kind: 'refused',
    sentence: readingSentence(read, attribute, units),
    asked: read.problem === 'which' ? read.of : [],
  };
}

function isSameValue(
  read: NonNullable<NewReading['value']>,
  before: Exclude<Reading['value'], 'cannot-tell'> | undefined,
): boolean {
  if (before === undefined || read === 'cannot-tell') return false;
  if ('is' in read) return 'is' in before && before.is === read.is;
  return !('is' in before) && before.from === read.from && before.to === read.to;
}

function enteredText(value: Exclude<Reading['value'], 'cannot-tell'> | undefined): string {
  const entered = value && 'entered' in value ? (value.entered ?? '') : '';
  return entered.replace(/ (mm|in|kg|kV|birds|min)$/, '');
}

function enteredUnits(
  value: Exclude<Reading['value'], 'cannot-tell'> | undefined,
): Units | undefined {
  const entered = value && 'entered' in value ? value.entered : undefined;
  if (entered === undefined) return undefined;
  return / in$/.test(entered) ? 'imperial' : 'metric';
}
