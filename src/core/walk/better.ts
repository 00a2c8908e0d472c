/** Whether a reading is better than another of the same thing, by the attribute's own order. */
import { attributes, type AttributeId } from '../attributes';

/** `undefined` where they are the same, or the attribute has no order, or none for these two. */
export function isBetter(
  attribute: AttributeId,
  now: number | string,
  before: number | string,
): boolean | undefined {
  const known = attributes[attribute];
  if (known.better === 'none' || now === before) return undefined;
  if (known.value === 'amount') return known.better === 'less' ? now < before : now > before;
  const pair: readonly string[] = [String(now), String(before)];
  const isNotCompared = known.notCompared?.some((both) => both.every((it) => pair.includes(it)));
  if (isNotCompared === true) return undefined;
  // Best first.
  const order: readonly string[] = known.better;
  return order.indexOf(String(now)) < order.indexOf(String(before));
}
