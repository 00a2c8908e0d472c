/** What was found after a loss: a count, and what was left. */
import { day, id } from '../schema/common';
import { list, object, oneOf, optional, whole, type Schema, type TypeOf } from '../schema/schema';
import { signAnswers, signQuestions, type SignAnswer } from '../tables/signs';

const allAnswers = [...new Set(Object.values(signAnswers).flat())] as readonly SignAnswer[];

const mostBirds = 10_000;

/** A question with its answer; what cannot be told is left out. */
export const signSchema = object(
  { question: oneOf(signQuestions), answer: oneOf(allAnswers) },
  {
    field: 'answer',
    holds: ({ question, answer }) => {
      const answers: readonly string[] = signAnswers[question as keyof typeof signAnswers] ?? [];
      return answers.includes(String(answer));
    },
    sentence: 'is no answer to that question',
  },
);
/** One thing that was found. */
export interface Sign extends TypeOf<typeof signSchema> {}

/** What was found, one morning or day. */
export const foundSignsSchema: Schema<FoundSigns> = object({
  /** The night it was, by its evening; or the day. */
  date: day,
  group: optional(id),
  gone: whole(0, mostBirds),
  dead: whole(0, mostBirds),
  hurt: whole(0, mostBirds),
  signs: list(signSchema, signQuestions.length),
});
/** What was found after a loss or a fright. */
export interface FoundSigns {
  readonly date: string;
  readonly group?: string;
  readonly gone: number;
  readonly dead: number;
  readonly hurt: number;
  readonly signs: readonly Sign[];
}
