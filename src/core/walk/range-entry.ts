/** Reading "30", or a range as people write it: "30 to 40", "30–40", "1 1/4 - 1 1/2 in". */
import { attributes, limitsOf, type AttributeId } from '../place/attributes';
import type { Interval, Is } from '../place/possible';
import { readAmount } from './amount-entry';
import { isLength, readLength, type LengthProblem, type Units } from './length-entry';

export type ReadValue = Is<number> | Interval;

const between = /^(.*\S)\s*(?:–|—|-|\bto\b)\s*(\S.*)$/;

/** Reads one figure or a range of the attribute's own unit; a range the wrong way round is turned. */
export function readReading(
  text: string,
  attribute: AttributeId,
  units: Units,
): ReadValue | LengthProblem {
  const parts = between.exec(text.trim());
  const first = readOne(parts?.[1] ?? text, attribute, units);
  if (!isLength(first)) return first;
  if (!parts) return { is: first.mm, entered: first.entered };
  const second = readOne(parts[2] ?? '', attribute, units);
  if (!isLength(second)) return second;
  const [low, high] = first.mm <= second.mm ? [first, second] : [second, first];
  if (low.mm === high.mm) return { is: low.mm, entered: low.entered };
  return { from: low.mm, to: high.mm, entered: `${bare(low.entered)} to ${high.entered}` };
}

function readOne(text: string, attribute: AttributeId, units: Units) {
  const kind = attributes[attribute];
  const limit = limitsOf(attribute)[1];
  return kind.value === 'length' && kind.unit !== 'mm'
    ? readAmount(text, kind.unit, limit)
    : readLength(text, units, limit);
}

/** The unit is said once, at the end. */
const bare = (entered: string): string => entered.replace(/ (mm|in|kg|kV|birds|min)$/, '');

/** The end of a reading that counts against the place: the wide end of a gap, the shallow end of a skirt. */
export function worseEnd(value: ReadValue, attribute: AttributeId): number {
  if ('is' in value) return value.is;
  const kind = attributes[attribute];
  return kind.value === 'length' && kind.better === 'more' ? value.from : value.to;
}

export function isRead(read: ReadValue | LengthProblem): read is ReadValue {
  return !('problem' in read);
}
