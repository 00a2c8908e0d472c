/**
 * The last judgements, by what was judged: a place that is opened is judged in turns, and every screen asks for the same judgement.
 * It ends with the place: others take its room.
 */
import { forgetAnswers } from '@/core/memo';
import { judge, judging, type Judgement } from '@/core/score/judge';
import type { Scenario } from '@/core/score/scenario';
import { inTurns } from './in-turns';
import { readyToJudge } from './ready-to-judge';
import type { Yard } from './records';

export interface Looked {
  readonly scenario: Scenario;
  /** YYYY-MM-DD */
  readonly day: string;
}

interface Judged extends Looked {
  readonly yard: Pick<Yard, 'place' | 'walks' | 'sightings'>;
  readonly judgement: Judgement;
}

/** Those of a screen and of what it is compared with. */
const mostKept = 4;
let last: readonly Judged[] = [];

const find = (yard: Judged['yard'], { scenario, day }: Looked): Judgement | undefined =>
  last.find(
    (it) =>
      it.scenario === scenario &&
      it.day === day &&
      it.yard.place === yard.place &&
      it.yard.walks === yard.walks &&
      it.yard.sightings === yard.sightings,
  )?.judgement;

function keep(yard: Judged['yard'], look: Looked, judgement: Judgement): Judgement {
  last = [{ ...look, yard, judgement }, ...last].slice(0, mostKept);
  return judgement;
}

/** Another place is opened: nothing of the one before is kept. */
export function forgetJudgements(): void {
  last = [];
  forgetAnswers();
}

/** The same object for the same place on the same day. */
export function judgementOf(yard: Judged['yard'], look: Looked): Judgement {
  const { place, walks, sightings: log } = yard;
  const { scenario, day: date } = look;
  return find(yard, look) ?? keep(yard, look, judge(place, walks, { scenario, log, date }));
}

/** Judges a place in turns before a screen asks for it. */
export async function judgeInTurns(yard: Judged['yard'], look: Looked): Promise<void> {
  const { place, walks, sightings: log } = yard;
  const { scenario, day: date } = look;
  if (find(yard, look)) return;
  await readyToJudge(place);
  keep(yard, look, await inTurns(judging(place, walks, { scenario, log, date })));
}
