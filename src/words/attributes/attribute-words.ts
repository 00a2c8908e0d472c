/** What is read by people of one attribute: the question, its answers, where it gives way, what helps for tonight. Complete by its types. */
import type { AttributeId, ChoiceId, ChoicesOf, JudgedId } from '@/core/attributes';
import type { Place } from '@/core/place/place';
import type { Question } from '@/core/walk/questions';

export interface QuestionWords {
  readonly title: string;
  readonly todo: string;
  /** For the button that leads here: "Next: pull test". */
  readonly short: string;
}

/** What is asked, as far as its words hang on it; less is known of a reading whose question is no longer asked. */
export type Asked = Pick<Question, 'item' | 'attribute'> &
  Partial<
    Pick<Question, 'bay' | 'band' | 'section' | 'name' | 'from' | 'opening' | 'isOfWholeFrame'>
  >;

/** Name of an answer, and what is to be said of it. */
export type AnswerWords = readonly [name: string, note: string];

interface Asking {
  /** Words that are the same everywhere, or that hang on where it is asked. */
  readonly ask: QuestionWords | ((asked: Asked, place: Place) => QuestionWords);
}

interface Answering<C extends string> {
  /** What each choice is called; or, where that hangs on the animals that live here, how it is said. */
  readonly answers: Readonly<Record<C, AnswerWords>> | ((choice: C, place: Place) => AnswerWords);
}

/** Where in a bay it gives way. */
export interface Spotted {
  /** Name of the opening, or "door". */
  readonly opening: string;
  /** What the layer is. */
  readonly layer: string;
  readonly isTorn: boolean;
}

interface Judged {
  /** What short walks leave out, named in one word with others of its sort: "pull tests". */
  readonly sort: string;
  /** Where something gives way that is judged by it; absent where its attack says that. */
  readonly givesWay?: (at: Spotted) => string;
  /** Temporary, with what lies about; none takes the place of a mend. */
  readonly tonight: string;
}

type WordsOf<Id extends AttributeId> = Asking &
  (Id extends ChoiceId ? Answering<ChoicesOf<Id>> : object) &
  (Id extends JudgedId ? Judged : object);

export type AllWords = { readonly [Id in AttributeId]: WordsOf<Id> };

/** Of answers that need no words of their own. */
export const yesNoWords = { yes: ['yes', ''], no: ['no', ''] } as const;
