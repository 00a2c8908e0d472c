/** A place that is being begun: what was said, and each thing of it taken back. */
import { useState } from 'react';
import { keepDraft, type BeginDraft } from './begin-draft';

export interface Drafting {
  readonly draft: BeginDraft;
  readonly set: (change: Partial<BeginDraft>) => void;
  /** Takes the last thing back that was said; absent where nothing was. */
  readonly undo: (() => void) | undefined;
}

export function useBeginDraft(first: BeginDraft): Drafting {
  const [states, setStates] = useState<readonly BeginDraft[]>([first]);
  const draft = states.at(-1) ?? first;
  const set = (change: Partial<BeginDraft>) => {
    if (Object.keys(change).length === 0) return;
    const next = { ...draft, ...change };
    keepDraft(next);
    // A word that is being typed is one thing, not one for each letter.
    const [field] = Object.keys(change);
    const before = states.at(-2);
    const isTypedOn =
      before !== undefined && typedFields.includes(field ?? '') && differsIn(before, draft, field);
    setStates([...(isTypedOn ? states.slice(0, -1) : states), next]);
  };
  const undo = () => {
    keepDraft(states.at(-2));
    setStates(states.slice(0, -1));
  };
  return { draft, set, undo: states.length > 1 ? undo : undefined };
}

const typedFields: readonly string[] = ['name', 'birds', 'sizes', 'sides'];

/** Whether the last change was of that field, and of nothing else. */
function differsIn(before: BeginDraft, now: BeginDraft, field: string | undefined): boolean {
  const fields = new Set([...Object.keys(before), ...Object.keys(now)]);
  return [...fields].every(
    (it) => (before[it as keyof BeginDraft] !== now[it as keyof BeginDraft]) === (it === field),
  );
}
