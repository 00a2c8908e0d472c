/**
 * What is said in one tap of something unread, where it is as it should be: no wider than shuts out all that live here; the best of a list,
 * or what it mostly is.
 */
import { attributes } from '../attributes';
import { findBay } from '../place/find';
import { mostOf } from '../place/group-on';
import type { Place } from '../place/place';
import type { Interval } from '../place/possible';
import type { ReadingValue } from '../records/walk';
import type { Question } from './questions';
import { isSpared } from './stop-rows';
import { exclusionFor } from './what-it-means';

/** `undefined` where nothing is best, or how wide it may be is nowhere said. Of an opening a range: a gauge of that width does not go in. */
export function quickAnswer(place: Place, question: Question): ReadingValue | undefined {
  // Chicken wire is no narrower than its kind.
  if (isSpared(question)) return undefined;
  const { attribute: id } = question;
  const attribute = attributes[id];
  if (attribute.value === 'choice') {
    const [best] = Array.isArray(attribute.better) ? (attribute.better as readonly string[]) : [];
    const at = question.bay === undefined ? undefined : findBay(place, question.bay);
    const quick = (at && attribute.usualAt?.(at.bay)) ?? best;
    return quick === undefined ? undefined : { is: quick };
  }
  if (id === 'check.heads') return headsOf(place);
  const { bears } = attribute;
  if (bears !== 'slot' && bears !== 'hole') return undefined;
  const shut = exclusionFor(place.setting.lives, bears);
  return shut && { from: 0, to: Math.floor(Math.min(shut.strict, shut.used)) };
}

/** All of them home, where their number is sure. */
function headsOf({ flock }: Place): ReadingValue | undefined {
  if (flock.length === 0 || flock.some(({ upTo }) => upTo !== undefined)) return undefined;
  return { is: flock.reduce((sum, group) => sum + mostOf(group), 0) };
}

/** A range up to the width of a gauge that did not go in. */
export function isGauge(value: ReadingValue | undefined): value is Interval {
  return value !== undefined && value !== 'cannot-tell' && 'to' in value;
}
