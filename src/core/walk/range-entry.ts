/** Reading "30", or a range as people write it: "30 to 40", "30–40", "1 1/4 - 1 1/2 in". */
import { attributes, isAmountId, limitsOf, unitOf, type AttributeId } from '../attributes';
import type { Interval, Is } from '../place/possible';
import type { Units } from '../place/place';
import { readAmount, type AmountProblem, type EnteredAmount } from './amount-entry';
import { isLength, readLength, type LengthProblem } from './length-entry';

/** An amount in its attribute's unit, or a range of them. */
export type ReadValue = Is<number> | Interval;

/** Why a figure could not be read: of a length, or of another amount. */
export type EntryProblem = LengthProblem | AmountProblem;

const between = /^(.*\S)\s*(?:–|—|-|\bto\b)\s*(\S.*)$/;

/** Reads one figure or a range in the attribute's own unit; a range the wrong way round is turned. */
export function readReading(
  text: string,
  attribute: AttributeId,
  units: Units,
): ReadValue | EntryProblem {
  const parts = between.exec(text.trim());
  const first = readOne(parts?.[1] ?? text, attribute, units);
  if ('problem' in first) return first;
  if (!parts) return { is: first.value, entered: first.entered };
  const second = readOne(parts[2] ?? '', attribute, units);
  if ('problem' in second) return second;
  const [low, high] = first.value <= second.value ? [first, second] : [second, first];
  if (low.value === high.value) return { is: low.value, entered: low.entered };
  return { from: low.value, to: high.value, entered: `${bare(low.entered)} to ${high.entered}` };
}

/** Throws on a choice: a slip of ours, never of a keeper's. */
function readOne(text: string, id: AttributeId, units: Units): EnteredAmount | EntryProblem {
  if (!isAmountId(id)) throw new Error(`${id} is not an amount`);
  const [, limit] = limitsOf(id);
  const unit = unitOf(id);
  if (unit !== 'mm') return readAmount(text, unit, limit);
  const read = readLength(text, units, limit);
  return isLength(read) ? { value: read.mm, entered: read.entered } : read;
}

/** The unit is said once, at the end. */
const bare = (entered: string): string => entered.replace(/ (mm|in|kg|kV|birds|min)$/, '');

/** The end of a reading that counts against the place: the wide end of a gap, the shallow end of a skirt. */
export function worseEnd(value: ReadValue, attribute: AttributeId): number {
  if ('is' in value) return value.is;
  return attributes[attribute].better === 'more' ? value.from : value.to;
}

/** Whether a figure or range was read. */
export function isRead(read: ReadValue | EntryProblem): read is ReadValue {
  return !('problem' in read);
}
