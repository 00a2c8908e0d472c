/** An answer from the worker: nothing yet, how far it is, or the answer. Asked again whenever what it depends on changes. */
import { useEffect, useState } from 'react';
import type { Answers, Asked, WorkerMessage } from './reckon';

export type Reckoning<What extends keyof Answers> =
  | { readonly state: 'idle' }
  | { readonly state: 'working'; readonly done: number; readonly all: number }
  | { readonly state: 'failed' }
  | { readonly state: 'done'; readonly answer: Answers[What] };

/** `asked`: the same object as long as nothing changed; `undefined` asks for nothing, and stops what was asked. */
export function useReckoning<What extends keyof Answers>(
  asked: (Asked & { readonly what: What }) | undefined,
): Reckoning<What> {
  const [told, setTold] = useState<{ readonly asked: Asked; readonly it: Reckoning<What> }>();
  useEffect(() => {
    if (!asked || typeof Worker === 'undefined' || answered(asked)) return undefined;
    const tell = (it: Reckoning<What>) => setTold({ asked, it });
    // After the screen has been drawn: it comes first.
    let worker: Worker | undefined;
    const timer = setTimeout(() => {
      const own = takeWorker(asked.what);
      worker = own;
      own.onmessage = ({ data }: MessageEvent<WorkerMessage<What>>) => {
        if (data.kind === 'progress') {
          tell({ state: 'working', done: data.done, all: data.all });
          return;
        }
        worker = undefined;
        putBack(asked.what, own);
        keep(asked, data.answer);
        tell({ state: 'done', answer: data.answer });
      };
      own.onerror = () => tell({ state: 'failed' });
      own.postMessage(asked);
    }, delay);
    return () => {
      clearTimeout(timer);
      worker?.terminate();
    };
  }, [asked]);
  if (!asked) return { state: 'idle' };
  const known = answered(asked);
  if (known) return { state: 'done', answer: known.answer as Answers[What] };
  if (typeof Worker === 'undefined') return { state: 'failed' };
  return told?.asked === asked ? told.it : { state: 'working', done: 0, all: 1 };
}

/** ms */
const delay = 300;

/** Asked again after each reading of a walk: the worker that answered knows all but one bay already. */
const askedAgain: readonly Asked['what'][] = ['settle'];
let spare: Worker | undefined;
let ending: ReturnType<typeof setTimeout> | undefined;
/** A phone is short of memory: nobody takes longer for a reading, ms (assumption of ours). */
const longestKept = 300_000;

function takeWorker(what: Asked['what']): Worker {
  const kept = askedAgain.includes(what) ? spare : undefined;
  if (kept) {
    clearTimeout(ending);
    spare = undefined;
  }
  return kept ?? new Worker(new URL('./reckon.worker', window.location.href));
}

/** One that has answered has nothing to do any more. */
function putBack(what: Asked['what'], worker: Worker): void {
  if (!askedAgain.includes(what) || spare) {
    worker.terminate();
    return;
  }
  spare = worker;
  ending = setTimeout(() => {
    spare?.terminate();
    spare = undefined;
  }, longestKept);
}

interface Answered {
  readonly asked: Asked;
  readonly answer: unknown;
}

/** The last answers: coming back to a screen, or looking at another scenario, asks for none of them again. */
let lastAnswers: readonly Answered[] = [];
const mostKept = 12;

function keep(asked: Asked, answer: unknown): void {
  lastAnswers = [{ asked, answer }, ...lastAnswers].slice(0, mostKept);
}

function answered(asked: Asked): Answered | undefined {
  return lastAnswers.find((it) => isSame(it.asked, asked));
}

/** By what was given, not by what it says: an unchanged place is the same object. A year's losses are those of all scenarios. */
function isSame(a: Asked, b: Asked): boolean {
  return (
    a.what === b.what &&
    a.place === b.place &&
    a.walks.length === b.walks.length &&
    a.walks.every((walk, index) => walk === b.walks[index]) &&
    a.log.length === b.log.length &&
    a.log.every((entry, index) => entry === b.log[index]) &&
    a.date === b.date &&
    a.walksNow?.length === b.walksNow?.length &&
    (a.mends ?? []).length === (b.mends ?? []).length &&
    (a.mends ?? []).every((mend, index) => mend === b.mends?.[index]) &&
    (a.scenario === b.scenario || ['year', 'losses', 'settle'].includes(a.what))
  );
}
