/** Runs what takes long away from the screen. It is stopped by ending the worker. */
import '@/core/fence/dense-inverse';
import type { Mend } from '@/core/records/mend';
import type { Place } from '@/core/place/place';
import type { Walk } from '@/core/records/walk';
import { applyReadings } from '@/core/records/apply-readings';
import { ageingOf, isDue } from '@/core/rounds/ageing';
import { failureOf, failureScenarios, type Failure } from '@/core/score/failure';
import { sharedWith } from '@/core/place/shared-with';
import { settlingWalk } from '@/core/settle/settling-walk';
import { howSure } from '@/core/score/how-sure';
import { judge, type Circumstances } from '@/core/score/judge';
import { livedScales, lossesOfYear } from '@/core/score/losses';
import { lossTrend, trend } from '@/core/score/trend';
import type { Answers, Asked, WorkerMessage } from './reckon';

/** Enough that a share of 0.5 is known to about 0.035 (standard error). */
const draws = 200;
/** Any will do; the same place gives the same answer. */
const seed = 7;

/** Days walked that are looked back on: a chart has room for no more. */
const mostDays = 12;

/** The place of the question before: asked again after each reading of a walk, all but one bay is as it was. */
let found: Place | undefined;

const post = (told: WorkerMessage<keyof Answers>): void => {
  (self as unknown as { postMessage(told: unknown): void }).postMessage(told);
};

function answerTo({
  what,
  place,
  walks,
  log,
  mends = [],
  walksNow,
  scenario,
  date,
}: Asked): Answers[keyof Answers] {
  const circumstances = { log, date };
  if (what === 'failures') return failures(place, walks, mends, circumstances);
  if (what === 'year') {
    const year = Number(date.slice(0, 4));
    const scales = walksNow && livedScales(place, walksNow, circumstances, year);
    return lossesOfYear(place, walks, circumstances, year, scales);
  }
  if (what === 'settle') {
    const { place: laid } = applyReadings(place, walks);
    found = found ? sharedWith(found, laid) : laid;
    const { folded, asks } = settlingWalk(found, circumstances);
    return { folded: folded.map(({ id }) => id), asks: asks.map(({ id }) => id) };
  }
  if (what === 'trend') return trend(place, walks, { ...circumstances, scenario }, mostDays);
  if (what === 'losses') {
    return lossTrend(place, walks, circumstances, Number(date.slice(0, 4)), mostDays);
  }
  return howSure(
    place,
    walks,
    { ...circumstances, scenario },
    {
      draws,
      seed,
      progress: (done) => {
        if (done % 5 === 0) post({ kind: 'progress', done, all: draws });
        return true;
      },
    },
  );
}

function failures(
  place: Place,
  walks: readonly Walk[],
  mends: readonly Mend[],
  circumstances: Circumstances & { readonly date: string },
): Failure[] {
  const { place: found, provenance } = applyReadings(place, walks);
  const now = failureScenarios.map((scenario) => judge(found, [], { ...circumstances, scenario }));
  const due = ageingOf(found, provenance, mends, circumstances.date).filter((it) =>
    isDue(it, circumstances.date),
  );
  return due.map((it, done) => {
    post({ kind: 'progress', done, all: due.length });
    return failureOf(found, now, it, circumstances);
  });
}

self.addEventListener('message', ({ data }: MessageEvent<Asked>) => {
  post({ kind: 'answer', answer: answerTo(data) });
});
