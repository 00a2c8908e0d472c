/** What a walk came to: what got worse or better since the last time, what is to be seen to, what was not looked at. */
import { attributeKey, inDateOrder, latestReadings } from '../records/apply-readings';
import { attributes, type AttributeId } from '../attributes';
import type { Reading, Walk } from '../records/walk';
import { isBetter } from './better';
import { readingIn } from './open-walk';
import type { Question } from './questions';
import type { Stops } from './stops';

/** A reading that differs from the one before. */
export interface Change {
  readonly reading: Reading;
  readonly before: Reading;
}

/** What a walk found, against the walks before it. */
export interface Outcome {
  readonly worse: readonly Change[];
  readonly better: readonly Change[];
  /** Checks whose answer asks for something. */
  readonly toSeeTo: readonly Reading[];
  /** Looked at, and could not be told. */
  readonly notTold: readonly Question[];
  /** Not asked, stop by stop, with what was left for another day. */
  readonly notLookedAt: Stops['stops'];
  readonly heads: Reading | undefined;
  readonly shut: Reading | undefined;
  readonly shutTook: Reading | undefined;
}

/** What a walk came to, against what was known before it. */
export function outcomeOf(
  walk: Walk,
  walks: readonly Walk[],
  { stops, anotherDay }: Stops,
): Outcome {
  const others = latestReadings(walksBefore(walk, walks));
  const latest = lastOfEach(walk);
  const changes = latest.flatMap((reading): (Change & { readonly better: boolean })[] => {
    const before = others.get(attributeKey(reading.item, reading.attribute))?.reading;
    const now = valueOf(reading);
    const then = before && valueOf(before);
    if (!before || now === undefined || then === undefined) return [];
    const better = isBetter(reading.attribute, now, then);
    return better === undefined ? [] : [{ reading, before, better }];
  });
  const questions = stops.flatMap((stop) => stop.questions);
  const found = (attribute: string) => latest.find((reading) => reading.attribute === attribute);
  return {
    worse: changes.filter(({ better }) => !better),
    better: changes.filter(({ better }) => better),
    toSeeTo: latest.filter(
      ({ attribute, value }) =>
        value !== 'cannot-tell' && 'is' in value && isToSeeTo(attribute, value.is),
    ),
    notTold: questions.filter((question) => readingIn(walk, question)?.value === 'cannot-tell'),
    notLookedAt: [...stops, ...anotherDay].flatMap((stop) => {
      const left = stop.questions.filter((question) => !readingIn(walk, question));
      return left.length > 0 ? [{ ...stop, questions: left }] : [];
    }),
    heads: found('check.heads'),
    shut: found('check.shut'),
    shutTook: found('check.shutTook'),
  };
}

/** The answer that something is to be seen to. */
export function isToSeeTo(id: AttributeId, answer: string | number): boolean {
  const attribute = attributes[id];
  return attribute.value === 'choice' && attribute.toSeeTo === answer;
}

/** Those before it, by day and order: an old walk is compared with what was known then. */
export function walksBefore(walk: Walk, walks: readonly Walk[]): Walk[] {
  const inOrder = inDateOrder(walks);
  return inOrder.slice(
    0,
    inOrder.findIndex(({ id }) => id === walk.id),
  );
}

/** The latest reading of each thing, in the order in which they were first taken. */
function lastOfEach({ readings }: Walk): Reading[] {
  const last = new Map<string, Reading>();
  for (const reading of readings) last.set(attributeKey(reading.item, reading.attribute), reading);
  return [...last.values()];
}

/** What stands for it in a comparison: a range by its worse end has no order of its own here. */
function valueOf({ value }: Reading): number | string | undefined {
  if (value === 'cannot-tell') return undefined;
  return 'is' in value ? value.is : (value.from + value.to) / 2;
}
