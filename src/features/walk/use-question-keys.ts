/** A question by keyboard. Digits go straight into the reading (or choose); these go on from inside the reading too. */
import { walkText } from '@/words/screens/walk';
import { useLayoutEffect } from 'react';
import { isControl } from '@/features/frame/use-keys';

export const questionKeys: readonly (readonly [key: string, does: string])[] = [
  ['0–9', walkText.theReadingOfAList],
  ['Enter', walkText.saveAndTheNextQuestion],
  ['=', walkText.stillAsLastTime],
  ['+', walkText.asTheBayBefore],
  ['*', walkText.cantTell],
  [walkText.pgdnPgup, walkText.nextAndLastQuestionNothing],
  [walkText.ctrlZ, walkText.undoTheLastReadingWhile],
  [walkText.esc, walkText.leaveByKey],
  ['?', walkText.thisList],
];

export interface QuestionKeys {
  readonly onNext: () => void;
  readonly onSkip: () => void;
  readonly onBack: () => void;
  readonly onLeave: () => void;
  readonly onStill: (() => void) | undefined;
  readonly onSame: (() => void) | undefined;
  readonly onUndo: (() => void) | undefined;
  readonly onCannotTell: () => void;
  readonly onHelp: () => void;
  /** Chooses the nth of a list, from 0; absent where digits are typed. */
  readonly onChoose: ((index: number) => void) | undefined;
}

export function useQuestionKeys(keys: QuestionKeys): void {
  // With the drawing: a key pressed as soon as the question is seen is not lost.
  useLayoutEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey) {
        undoBy(event, keys);
        return;
      }
      if (event.altKey) return;
      // A note is text: it keeps every key but the ones that leave.
      if (event.target instanceof HTMLTextAreaElement) return;
      const act = actOf(event, keys);
      if (!act) return;
      event.preventDefault();
      act();
    };
    // Before the reading's own field has it: fields keep their keys to themselves.
    document.addEventListener('keydown', press, true);
    return () => document.removeEventListener('keydown', press, true);
  }, [keys]);
}

/** What is typed has an undo of its own; with nothing typed it is the last reading's, here rather than of the whole place. */
function undoBy(event: KeyboardEvent, { onUndo }: QuestionKeys): void {
  const { target, key, shiftKey } = event;
  const isField = target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement;
  if (!onUndo || shiftKey || key.toLowerCase() !== 'z' || (isField && target.value !== '')) return;
  event.preventDefault();
  event.stopPropagation();
  onUndo();
}

function actOf(event: KeyboardEvent, keys: QuestionKeys): (() => void) | undefined {
  const typing = event.target instanceof HTMLInputElement;
  const { onChoose } = keys;
  if (!typing && onChoose && /^[1-9]$/.test(event.key)) {
    return () => onChoose(Number(event.key) - 1);
  }
  switch (event.key) {
    case 'Enter':
      // The reading submits itself; a button under the focus is pressed.
      return typing || isControl(event.target) ? undefined : keys.onNext;
    case 'PageDown':
      return keys.onSkip;
    case 'PageUp':
      return keys.onBack;
    case 'Escape':
      return keys.onLeave;
    case '=':
      return keys.onStill;
    case '+':
      return keys.onSame;
    case '*':
      return keys.onCannotTell;
    case '?':
      return keys.onHelp;
    default:
      return undefined;
  }
}
