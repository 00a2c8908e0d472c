/** At a stop walked for the first time: which reading opens next without going back to the list, and what one tap says of the rest. */
import { attributes } from '../attributes';
import type { Place } from '../place/place';
import { isGauge, quickAnswer } from './quick-answer';
import { isLast, type Question } from './questions';
import { isSpared, type StopRow } from './stop-rows';

/** A gauge that goes in nowhere, a state that is sound: said of all that is left at a stop in one tap, once what is off has been read. */
export function isAnsweredTogether(place: Place, question: Question): boolean {
  const quick = quickAnswer(place, question);
  return quick !== undefined && (isGauge(quick) || attributes[question.attribute].wears);
}

/** Rows that have to be read one by one, for nothing is usual of them: what a wall is made of, how deep a skirt goes. */
export function toReadSingly(place: Place, rows: readonly StopRow[]): StopRow[] {
  const unread = rows.filter(({ state }) => state === 'unread');
  const single = unread.filter(({ question }) => isReadSingly(place, question));
  const before = single.filter(({ question }) => !isLast(question));
  // What comes last waits until the rest has been said.
  return before.length === 0 && answeredTogether(place, unread).length === 0 ? single : before;
}

const isReadSingly = (place: Place, question: Question): boolean =>
  attributes[question.attribute].isJudged && !isAnsweredTogether(place, question);

/** Unread rows that one tap says together are as they should be. */
export function answeredTogether(place: Place, rows: readonly StopRow[]): StopRow[] {
  return rows.filter(
    ({ question, state }) => state === 'unread' && isAnsweredTogether(place, question),
  );
}

/**
 * What opens after `question` has been read: the next that has to be read by itself; after a gap that is off, the same gap lifted or pulled.
 * `isUnread`: nobody has read it yet.
 */
export function readNext(
  place: Place,
  questions: readonly Question[],
  question: Question,
  isUnread: (question: Question) => boolean,
): Question | undefined {
  const at = questions.findIndex(({ id }) => id === question.id);
  const turned = [...questions.slice(at + 1), ...questions.slice(0, Math.max(at, 0))];
  const unread = turned.filter(
    (it) => attributes[it.attribute].isJudged && !isSpared(it) && isUnread(it),
  );
  if (!isAnsweredTogether(place, question)) {
    return unread.find((it) => isReadSingly(place, it) && (isLast(question) || !isLast(it)));
  }
  // What the gauge did not go into at rest was tried with it pulled: only the pull comes after the rest.
  const after = questions.slice(at + 1);
  return unread.find((it) => after.includes(it) && isSameGauge(place, question, it));
}

/** At the same spot of the same thing, and an opening too. */
function isSameGauge(place: Place, question: Question, it: Question): boolean {
  const [spot] = attributes[question.attribute].spots;
  return (
    it.item === question.item &&
    spot !== undefined &&
    attributes[it.attribute].spots[0] === spot &&
    isGauge(quickAnswer(place, it))
  );
}

/**
 * What another wall said of this one was put right: what was said of the same spot with it is doubted as well, while the tape is out.
 * `isSaid`: by another wall, not by hand.
 */
export function doubtedBy(
  questions: readonly Question[],
  question: Question,
  isSaid: (question: Question) => boolean,
): Question | undefined {
  const isTaped = ({ attribute }: Question) => attributes[attribute].value === 'amount';
  const [spot] = attributes[question.attribute].spots;
  if (spot === undefined || !isTaped(question)) return undefined;
  const after = questions.slice(questions.findIndex(({ id }) => id === question.id) + 1);
  return after.find(
    (it) =>
      it.item === question.item &&
      isTaped(it) &&
      attributes[it.attribute].spots[0] === spot &&
      isSaid(it),
  );
}
