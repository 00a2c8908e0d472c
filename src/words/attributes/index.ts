/** The words of every attribute. */
import {
  isAmountId,
  isCheck,
  type AttributeId,
  type ChoiceId,
  type JudgedId,
} from '@/core/attributes';
import type { Place } from '@/core/place/place';
import type { Question } from '@/core/walk/questions';
import type { AllWords, AnswerWords, Asked, QuestionWords, Spotted } from './attribute-words';
import { doorWords } from './doors';
import { fenceWords } from './fence';
import { groundWords } from './ground';
import { lookWords } from './looks';
import { wallWords } from './walls';

export type { QuestionWords } from './attribute-words';

const words: AllWords = {
  ...groundWords,
  ...wallWords,
  ...doorWords,
  ...fenceWords,
  ...lookWords,
};

/** What a question asks, and what to do with hand or tape. */
export function questionWords(asked: Asked, place: Place): QuestionWords {
  const { ask } = words[asked.attribute];
  const own = typeof ask === 'function' ? ask(asked, place) : ask;
  return asked.isOfWholeFrame ? { ...own, todo: `${wholeFrame} ${own.todo}` } : own;
}

const wholeFrame = 'Once for the whole frame, the worst all round.';

/** What a choice is called, and what is to be said of it; a choice that no table knows is called as it is written. */
export function answerWords(place: Place, id: AttributeId, choice: string): AnswerWords {
  return (isAmountId(id) ? undefined : answerOf(words[id].answers, place, choice)) ?? [choice, ''];
}

/** Records over each attribute's own choices are read by any text: a file may be of a newer table. */
function answerOf(
  answers: AllWords[ChoiceId]['answers'],
  place: Place,
  choice: string,
): AnswerWords | undefined {
  if (typeof answers !== 'function') return Reflect.get(answers, choice) as AnswerWords | undefined;
  return (answers as (choice: string, place: Place) => AnswerWords)(choice, place);
}

/** What short walks leave out, in a word; nothing of what is only looked at. */
export function sortOf({ attribute }: Pick<Question, 'attribute'>): string | undefined {
  return isJudged(attribute) ? words[attribute].sort : undefined;
}

/** Where something gives way that is judged by it. */
export function givesWayWords(id: AttributeId, at: Spotted): string | undefined {
  if (!isJudged(id)) return undefined;
  const own: { readonly givesWay?: (at: Spotted) => string } = words[id];
  return own.givesWay?.(at);
}

/** What helps for tonight where it stands open. */
export function tonightWords(id: AttributeId): string {
  return isJudged(id) ? words[id].tonight : 'block it with what lies about.';
}

const isJudged = (id: AttributeId): id is JudgedId => !isCheck(id);
