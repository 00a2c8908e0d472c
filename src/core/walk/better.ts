/** Whether a reading is better than another of the same thing, by the attribute's own order. */
import { attributes, type AttributeId } from '../attributes';

/** `undefined` where they are the same, or the attribute has no order. */
export function isBetter(
  attribute: AttributeId,
  now: number | string,
  before: number | string,
): boolean | undefined {
  const { better } = attributes[attribute];
  if (better === 'none' || now === before) return undefined;
  if (better === 'less') return now < before;
  if (better === 'more') return now > before;
  // Best first.
  return better.indexOf(String(now)) < better.indexOf(String(before));
}
