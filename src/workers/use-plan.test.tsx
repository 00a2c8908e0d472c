/** The hook that asks for plans: what goes to the worker, and what is done with what comes back late. */
import { act, renderHook } from '@testing-library/react';
import { samphireYard } from '../../demo/samphire-yard';
import type { PlanAnswer } from '@/core/mends/plan/answer';
import type { Limits } from '@/core/mends/plan/limits';
import type { FromPlanner, ToPlanner } from './plan-talk';
import { usePlan } from './use-plan';

/** Stands in for the browser's worker: what it is told is seen from here. */
class HandWorker {
  static made: HandWorker[] = [];
  onmessage: ((event: { data: FromPlanner }) => void) | undefined;
  onerror: (() => void) | undefined;
  ended = false;
  readonly heard: ToPlanner[] = [];

  constructor() {
    HandWorker.made.push(this);
  }

  postMessage(it: ToPlanner) {
    this.heard.push(it);
  }

  terminate() {
    this.ended = true;
  }
}

const yard = { ...samphireYard } as never;
const answer = { chosen: ['x'] } as unknown as PlanAnswer;
const planned = (worker: HandWorker | undefined) =>
  worker?.heard.filter((it) => it.kind === 'plan') ?? [];

function rendered(limits: Limits | undefined) {
  return renderHook(
    ({ given }: { given: Limits | undefined }) => usePlan(yard, '2026-11-26', given, undefined),
    { initialProps: { given: limits } },
  );
}

beforeEach(() => {
  HandWorker.made = [];
  Object.assign(globalThis, { Worker: HandWorker });
});

test('opens the place, asks once the limits are known, and again when they change', () => {
  const { rerender, result, unmount } = rendered(undefined);
  const [worker] = HandWorker.made;
  expect(worker?.heard.map(({ kind }) => kind)).toEqual(['open']);
  rerender({ given: { cents: 100 } });
  expect(planned(worker)).toEqual([{ kind: 'plan', ask: 1, limits: { cents: 100 } }]);
  expect(result.current.working).toEqual({ nodes: 0 });
  rerender({ given: { cents: 200 } });
  expect(planned(worker).at(-1)).toMatchObject({ ask: 2, limits: { cents: 200 } });
  expect(HandWorker.made).toHaveLength(1);
  unmount();
  expect(worker?.ended).toBe(true);
});

test('an answer to what is no longer asked is dropped; the last plan stands until the next', () => {
  const first = { cents: 100 };
  const { rerender, result } = rendered(first);
  const [worker] = HandWorker.made;
  const tell = (data: FromPlanner) => act(() => worker?.onmessage?.({ data }));
  tell({ kind: 'answer', ask: 1, answer });
  expect(result.current.answer).toBe(answer);
  expect(result.current.working).toBeUndefined();
  rerender({ given: { cents: 200 } });
  expect(result.current.answer).toBe(answer);
  expect(result.current.working).toEqual({ nodes: 0 });
  tell({ kind: 'answer', ask: 1, answer: { chosen: ['late'] } as unknown as PlanAnswer });
  expect(result.current.answer).toBe(answer);
  tell({ kind: 'progress', ask: 2, nodes: 640, best: 2, bound: 1 });
  expect(result.current.working).toEqual({ nodes: 640 });
});

test('a curve that comes while another sum is asked is kept: it is of all sums, and comes once', () => {
  const { rerender, result } = rendered({ cents: 100 });
  const [worker] = HandWorker.made;
  rerender({ given: { cents: 200 } });
  const curve = { points: [], knee: 0 } as never;
  act(() => worker?.onmessage?.({ data: { kind: 'curve', ask: 1, curve } }));
  expect(result.current.curve).toBe(curve);
});

test('stopping asks the worker for what it has; a worker that fails is said', () => {
  const limits = { cents: 100 };
  const { result } = rendered(limits);
  const [worker] = HandWorker.made;
  result.current.stop();
  expect(worker?.heard.at(-1)).toEqual({ kind: 'stop', ask: 1 });
  act(() => worker?.onerror?.());
  expect(result.current.failed).toBe(true);
  expect(result.current.working).toBeUndefined();
});
