/** Reading "30", or a range as people write it: "30 to 40", "30–40", "3-4 cm", "1 1/4 - 1 1/2 in". */
import { attributes, isAmountId, limitsOf, unitOf, type AttributeId } from '../attributes';
import type { Interval, Is } from '../place/possible';
import type { Units } from '../place/place';
import { readAmount, type AmountProblem, type EnteredAmount } from './amount-entry';
import { isLength, lastUnit, readLength, type LengthProblem } from './length-entry';

/** An amount in its attribute's unit, or a range of them. */
export type ReadValue = Is<number> | Interval;

/** Why a figure could not be read: of a length, or of another amount. */
export type EntryProblem = LengthProblem | AmountProblem;

type ReadOne = (text: string) => EnteredAmount | EntryProblem;

/**
 * Reads one figure or a range in the attribute's own unit; a range the wrong way round is turned. A dash is first tried as part
 * of one figure (1-11/16, 2'-3"), and makes a range only between two figures that are whole by themselves.
 */
export function readReading(
  text: string,
  attribute: AttributeId,
  units: Units,
): ReadValue | EntryProblem {
  const read: ReadOne = (one) => readOne(one, attribute, units);
  const whole = read(text);
  if (!('problem' in whole)) return { is: whole.value, entered: whole.entered };
  if (!('text' in whole) || whole.problem === 'which') return whole;
  let problem: EntryProblem = whole;
  for (const [left, right] of splits(text.trim())) {
    const range = rangeOf(left, right, read);
    if (!('problem' in range)) return range;
    // What says more than "this is no figure" is what the keeper is told.
    if (problem.problem === 'not-a-length' || problem.problem === 'not-a-number') problem = range;
  }
  return problem;
}

/** Every way to cut the text in two: at the word, else at each dash. */
function splits(text: string): [string, string][] {
  const word = /^(.*\S)\s*(?:\bto\b|\.\.+|…)\s*(\S.*)$/i.exec(text);
  if (word) return [[word[1] ?? '', word[2] ?? '']];
  return [...text.matchAll(/[-‐‑‒–—−]/g)]
    .filter(({ index }) => index > 0 && index < text.length - 1)
    .map(({ index }): [string, string] => [
      text.slice(0, index).trim(),
      text.slice(index + 1).trim(),
    ]);
}

/** Above this the first figure of a range cannot have meant the unit of the second (assumption of ours). */
const farApart = 5;

/** The unit may be said once, at either end: "3-4 cm" is of two lengths in cm, "900 to 1.1 m" is not. */
function rangeOf(left: string, right: string, read: ReadOne): ReadValue | EntryProblem {
  const [before, after] = [lastUnit(left), lastUnit(right)];
  const second = read(after === '' && before !== '' ? withUnit(right, before) : right);
  if ('problem' in second) return asRange(left, second);
  const shared = before === '' && after !== '' ? read(withUnit(left, after)) : undefined;
  const isShared =
    shared && !('problem' in shared) && shared.value <= second.value * farApart && second.value > 0;
  const first = isShared ? shared : read(left);
  if ('problem' in first) return first;
  const [low, high] = first.value <= second.value ? [first, second] : [second, first];
  if (low.value === high.value) return { is: low.value, entered: low.entered };
  return {
    from: low.value,
    to: high.value,
    entered: `${bare(low.entered, high.entered)} to ${high.entered}`,
  };
}

/** What is asked back of the second figure is asked of the whole range. */
function asRange(left: string, problem: EntryProblem): EntryProblem {
  if (problem.problem !== 'which') return problem;
  return { ...problem, of: problem.of.map((it) => `${left} to ${it}`) };
}

const withUnit = (text: string, unit: string): string => `${text.trim()} ${unit}`;

/** Throws on a choice: a slip of ours, never of a keeper's. */
function readOne(text: string, id: AttributeId, units: Units): EnteredAmount | EntryProblem {
  if (!isAmountId(id)) throw new Error(`${id} is not an amount`);
  const [, limit] = limitsOf(id);
  const unit = unitOf(id);
  if (unit !== 'mm') return readAmount(text, unit, limit);
  const read = readLength(text, units, limit);
  return isLength(read) ? { value: read.mm, entered: read.entered } : read;
}

/** A unit of both is said once, at the end. */
function bare(low: string, high: string): string {
  const [, unit] = /( (?:mm|in|kg|kV|birds|min|rods))$/.exec(high) ?? [];
  return unit !== undefined && low.endsWith(unit) ? low.slice(0, -unit.length) : low;
}

/** The end of a reading that counts against the place: the wide end of a gap, the shallow end of a skirt. */
export function worseEnd(value: ReadValue, attribute: AttributeId): number {
  if ('is' in value) return value.is;
  return attributes[attribute].better === 'more' ? value.from : value.to;
}

/** Whether a figure or range was read. */
export function isRead(read: ReadValue | EntryProblem): read is ReadValue {
  return !('problem' in read);
}
