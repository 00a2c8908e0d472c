/** A stop by keyboard: the arrows mark a row, digits go straight into it, Space says what one tap says of it, a letter opens a row. */
import { useState } from 'react';
import { attributes } from '@/core/attributes';
import type { StopRow } from '@/core/walk/stop-rows';
import { useKeys } from '@/features/frame/use-keys';

interface Does {
  readonly shown: readonly StopRow[];
  /** Marked before an arrow has been pressed. */
  readonly first: StopRow | undefined;
  readonly onEnter: () => void;
  readonly onPage: () => void;
  readonly onBack: () => void;
  readonly onLeave: () => void;
  /** `typed`: a digit that the reading begins with. */
  readonly onRead: (row: StopRow, typed?: string) => void;
  readonly onSpace: (row: StopRow) => void;
}

/** Letters of the rows, in their order. */
export const rowLetters = [...'abcdefghijklmnopqrstuvwxyz'];

/** Digits that come before the reading is there are not lost. */
class Typed {
  private text = '';

  with(digit: string): string {
    this.text += digit;
    return this.text;
  }
}

/** The marked row. */
export function useStopKeys(does: Does): StopRow | undefined {
  const { shown, onRead } = does;
  const [id, setId] = useState<string>();
  const [typed] = useState(() => new Typed());
  const marked = shown.find(({ question }) => question.id === id) ?? does.first;
  const move = (step: number) => {
    const at = marked ? shown.indexOf(marked) : -1;
    const next = shown[Math.min(Math.max(at + step, 0), shown.length - 1)];
    setId(next?.question.id);
  };
  const isAmount = marked && attributes[marked.question.attribute].value === 'amount';
  const digits = isAmount
    ? [...'0123456789'].map((digit) => {
        return [digit, () => onRead(marked, typed.with(digit))] as const;
      })
    : [];
  const letters = shown.flatMap((row, at) => {
    const letter = rowLetters[at];
    return letter === undefined ? [] : [[letter, () => onRead(row)] as const];
  });
  useKeys({
    Enter: does.onEnter,
    PageDown: does.onPage,
    PageUp: does.onBack,
    Escape: does.onLeave,
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    ' ': () => marked && does.onSpace(marked),
    ...Object.fromEntries([...letters, ...digits]),
  });
  return marked;
}
