/** The walk in hand as screens need it: its stops, what has been asked, what comes next. */
import { useMemo } from 'react';
import type { Walk } from '@/core/records/walk';
import type { Judgement } from '@/core/score/judge';
import { openWalk, readingIn } from '@/core/walk/open-walk';
import type { Question } from '@/core/walk/questions';
import { stopsOf, type Stop, type Stops } from '@/core/walk/stops';
import type { Yard } from '@/store/records';
import { useToday } from '@/store/use-today';

export interface WalkInHand extends Stops {
  readonly walk: Walk | undefined;
  /** All questions of the stops, in walking order. */
  readonly questions: readonly Question[];
  /** Ids of questions that have been answered on this walk; "cannot tell" is an answer. */
  readonly done: ReadonlySet<string>;
  readonly next: Question | undefined;
}

export function useWalk(yard: Yard, { found }: Judgement): WalkInHand {
  const today = useToday();
  const walk = openWalk(yard.walks, 'lap');
  return useMemo(() => {
    const { stops, anotherDay } = stopsOf(found, walk ?? {}, today);
    const questions = stops.flatMap((stop) => stop.questions);
    const done = new Set(questions.filter((it) => readingIn(walk, it)).map(({ id }) => id));
    const next = questions.find(({ id }) => !done.has(id));
    return { walk, stops, anotherDay, questions, done, next };
  }, [found, walk, today]);
}

export function stopWith(stops: readonly Stop[], id: string): Stop | undefined {
  return stops.find(({ questions }) => questions.some((question) => question.id === id));
}
