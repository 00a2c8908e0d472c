/** Runs what takes long away from the screen. It is stopped by ending the worker. */
import { howSure } from '@/core/score/how-sure';
import { lossesOfYear } from '@/core/score/losses';
import { lossTrend, trend } from '@/core/score/trend';
import type { Answers, Asked, Told } from './reckon';

/** Enough that a share of 0.5 is known to about 0.035 (standard error). */
const draws = 200;
/** Any will do; the same place gives the same answer. */
const seed = 7;

/** Days walked that are looked back on: a chart has room for no more. */
const mostDays = 12;

const post = (told: Told<keyof Answers>): void => {
  (self as unknown as { postMessage(told: unknown): void }).postMessage(told);
};

function answerTo({ what, place, walks, log, scenario, date }: Asked): Answers[keyof Answers] {
  const circumstances = { log, date };
  if (what === 'year') {
    return lossesOfYear(place, walks, circumstances, Number(date.slice(0, 4)));
  }
  if (what === 'trend') return trend(place, walks, { ...circumstances, scenario }, mostDays);
  if (what === 'losses') {
    return lossTrend(place, walks, circumstances, Number(date.slice(0, 4)), mostDays);
  }
  return howSure(place, walks, { ...circumstances, scenario }, draws, seed, (done) => {
    if (done % 5 === 0) post({ kind: 'progress', done, all: draws });
    return true;
  });
}

self.addEventListener('message', ({ data }: MessageEvent<Asked>) => {
  post({ kind: 'answer', answer: answerTo(data) });
});
