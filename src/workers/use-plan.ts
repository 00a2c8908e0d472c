/** A plan that follows its limits: asked anew whenever they change, answered by a worker that lives as long as the screen. */
import { useEffect, useMemo, useRef, useState } from 'react';
import type { PlanAnswer } from '@/core/mends/plan/answer';
import type { Curve } from '@/core/mends/plan/curve';
import type { Limits } from '@/core/mends/plan/limits';
import { firstShop } from '@/core/mends/shopping/shop';
import type { AnimalId } from '@/core/tables/animals';
import type { Yard } from '@/store/records';
import type { FromPlanner, Opened, ShutOutAnswer, ToPlanner } from './plan-talk';

/** What the worker has told so far; the last plan stands while a newer one is worked at. */
interface Told {
  readonly opened?: Opened;
  readonly answer?: PlanAnswer;
  readonly curve?: Curve;
  readonly shutOut?: ShutOutAnswer;
  readonly progress?: Working;
  /** The question that the answer is of. */
  readonly answered?: Question;
  readonly failed?: true;
}

interface Working {
  /** Sets looked at. */
  readonly nodes: number;
}

interface Question {
  readonly limits: Limits | undefined;
  readonly shutOut: AnimalId | undefined;
}

export type PlanTold = Pick<Told, 'opened' | 'answer' | 'curve' | 'shutOut'> & {
  /** Absent while nothing is being worked at. */
  readonly working: Working | undefined;
  readonly failed: boolean;
  readonly stop: () => void;
};

/** `limits`: undefined until they are known. */
export function usePlan(
  { place, walks, mends, sightings, shop: kept }: Yard,
  date: string,
  limits: Limits | undefined,
  shutOut: AnimalId | undefined,
): PlanTold {
  const [told, setTold] = useState<Told>({});
  const worker = useRef<Worker | undefined>(undefined);
  const asked = useRef<{ readonly ask: number; readonly question?: Question }>({ ask: 0 });
  const shop = useMemo(() => kept ?? firstShop({ id: place.id }), [kept, place.id]);
  const hasWorkers = typeof Worker !== 'undefined';
  useEffect(() => {
    if (!hasWorkers) return undefined;
    const own = new Worker(new URL('./plan.worker', window.location.href));
    worker.current = own;
    own.onmessage = ({ data }: MessageEvent<FromPlanner>) => {
      const { ask, question } = asked.current;
      // What was asked before stands for nothing any more; a curve stands for every sum, and comes once.
      if ('ask' in data && data.kind !== 'curve' && data.ask !== ask) return;
      setTold((before) => heard(before, data, question));
    };
    own.onerror = () => setTold((before) => ({ ...before, failed: true }));
    own.postMessage({
      kind: 'open',
      place,
      walks,
      log: sightings,
      mends,
      shop,
      date,
    } satisfies ToPlanner);
    return () => own.terminate();
  }, [hasWorkers, place, walks, sightings, mends, shop, date]);
  // A place that has changed is another question, though the limits are the same.
  const question = useMemo(
    (): Question & Pick<Yard, 'place' | 'walks' | 'sightings' | 'mends' | 'shop'> => ({
      limits,
      shutOut,
      place,
      walks,
      sightings,
      mends,
      shop,
    }),
    [limits, shutOut, place, walks, sightings, mends, shop],
  );
  useEffect(() => {
    if (!question.limits) return;
    asked.current = { ask: asked.current.ask + 1, question };
    worker.current?.postMessage({
      kind: 'plan',
      ask: asked.current.ask,
      limits: question.limits,
      ...(question.shutOut && { shutOut: question.shutOut }),
    } satisfies ToPlanner);
  }, [question, date]);
  const failed = told.failed === true || !hasWorkers;
  const { progress, answered, failed: _failed, ...shown } = told;
  return {
    ...shown,
    failed,
    working: failed || answered === question ? undefined : (progress ?? { nodes: 0 }),
    stop: () => {
      worker.current?.postMessage({ kind: 'stop', ask: asked.current.ask } satisfies ToPlanner);
    },
  };
}

function heard(before: Told, data: FromPlanner, question: Question | undefined): Told {
  switch (data.kind) {
    case 'opened':
      return { ...before, opened: data.opened };
    case 'progress':
      return { ...before, progress: { nodes: data.nodes } };
    case 'answer': {
      const { progress: _progress, ...rest } = before;
      return { ...rest, answer: data.answer, ...(question && { answered: question }) };
    }
    case 'curve':
      return { ...before, curve: data.curve };
    case 'shut-out':
      return { ...before, shutOut: data.shutOut };
  }
}
