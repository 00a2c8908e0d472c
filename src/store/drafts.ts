/**
 * What has been typed at a reading and not said yet: figure, note, how it was taken. Kept in this browser until it is said or the day is
 * over, whatever the screen or the tab does; it belongs to no record.
 */
import { readingMethods } from '@/core/records/walk';
import { day, text } from '@/core/schema/common';
import { list, note, object, oneOf, type TypeOf } from '@/core/schema/schema';
import { validatorOf } from '@/core/schema/validator';
import { localDay } from './local-day';
import { storage } from './storage';

const draftSchema = object({
  /** Of the place and of what is read. */
  key: text,
  day,
  text: note(200),
  note: note(2000),
  how: oneOf(readingMethods),
});

/** Typed, not said. */
export type Draft = Pick<TypeOf<typeof draftSchema>, 'text' | 'note' | 'how'>;

const schema = validatorOf(list(draftSchema));
const storageKey = 'drafts';

const drafts = new Map<string, TypeOf<typeof draftSchema>>();
let loading: Promise<void> | undefined;

/** Before the first screen that may need one; what cannot be read counts as never typed. */
export function loadDrafts(): Promise<void> {
  loading ??= read();
  return loading;
}

async function read(): Promise<void> {
  try {
    const today = localDay(new Date());
    const kept = schema.validateSync(JSON.parse((await storage.getItem(storageKey)) ?? '[]'), {
      strict: true,
    });
    for (const draft of kept) if (draft.day === today) drafts.set(draft.key, draft);
  } catch {
    drafts.clear();
  }
}

export function draftOf(placeId: string, question: string): Draft | undefined {
  return drafts.get(keyOf(placeId, question));
}

/** `undefined`: said, or taken back. It is shown all the same where it cannot be kept. */
export function keepDraft(placeId: string, question: string, draft: Draft | undefined): void {
  const key = keyOf(placeId, question);
  if (draft) drafts.set(key, { ...draft, key, day: localDay(new Date()) });
  else if (!drafts.delete(key)) return;
  // Not by way of the records: none of them has changed.
  storage.setItem(storageKey, JSON.stringify([...drafts.values()])).catch(() => undefined);
}

/** What these readings end: the rest of the drafts, for the same write, and how they are forgotten once it is done. */
export function saying(placeId: string, questions: readonly string[]) {
  const said = new Set(questions.map((it) => keyOf(placeId, it)).filter((it) => drafts.has(it)));
  const rest = [...drafts.values()].filter(({ key }) => !said.has(key));
  return {
    records: said.size === 0 ? {} : { [storageKey]: JSON.stringify(rest) },
    done: () => said.forEach((key) => drafts.delete(key)),
  };
}

const keyOf = (placeId: string, question: string): string => `${placeId} ${question}`;
