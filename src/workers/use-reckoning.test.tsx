import { act, renderHook } from '@testing-library/react';
import { samphireYard } from '../../demo/samphire-yard';
import type { Asked } from './reckon';
import { useReckoning } from './use-reckoning';

/** Of its own place each: what was answered before is kept. */
const askedOf = () =>
  ({
    what: 'sure',
    place: { ...samphireYard.place },
    walks: samphireYard.walks,
    log: samphireYard.sightings,
    scenario: 'night-shut',
    date: '2026-11-26',
  }) as const satisfies Asked;
let asked = askedOf();

/** Stands in for the browser's worker: what it is asked and told is seen from here. */
class HandWorker {
  static made: HandWorker[] = [];
  onmessage: ((event: { data: unknown }) => void) | undefined;
  onerror: (() => void) | undefined;
  ended = false;
  asked: unknown;

  constructor() {
    HandWorker.made.push(this);
  }

  postMessage(it: unknown) {
    this.asked = it;
  }

  terminate() {
    this.ended = true;
  }
}

beforeEach(() => {
  asked = askedOf();
  HandWorker.made = [];
  jest.useFakeTimers();
  Object.assign(globalThis, { Worker: HandWorker });
});
afterEach(() => jest.useRealTimers());

const begun = () => {
  act(() => void jest.advanceTimersByTime(1000));
  return HandWorker.made.at(-1) as HandWorker;
};

test('asks the worker after the screen was drawn, and shows how far it is, then the answer', () => {
  const { result } = renderHook(() => useReckoning(asked));
  expect(HandWorker.made).toHaveLength(0);
  expect(result.current.state).toBe('working');
  const worker = begun();
  expect(worker.asked).toBe(asked);
  act(() => worker.onmessage?.({ data: { kind: 'progress', done: 5, all: 200 } }));
  expect(result.current).toEqual({ state: 'working', done: 5, all: 200 });
  act(() => worker.onmessage?.({ data: { kind: 'answer', answer: 'it' } }));
  expect(result.current).toEqual({ state: 'done', answer: 'it' });
});

test('ends the worker when it is not wanted any more, and never shows an old answer for a new question', () => {
  const { result, rerender } = renderHook(
    ({ it }: { it: (Asked & { what: 'sure' }) | undefined }) => useReckoning(it),
    { initialProps: { it: asked as (Asked & { what: 'sure' }) | undefined } },
  );
  const worker = begun();
  rerender({ it: { ...asked, date: '2026-12-01' } });
  expect(worker.ended).toBe(true);
  act(() => worker.onmessage?.({ data: { kind: 'answer', answer: 'old' } }));
  expect(result.current.state).toBe('working');
  rerender({ it: undefined });
  expect(result.current).toEqual({ state: 'idle' });
});

test('says so where it fails', () => {
  const { result } = renderHook(() => useReckoning(asked));
  const worker = begun();
  act(() => worker.onerror?.());
  expect(result.current).toEqual({ state: 'failed' });
});

test('an answer is kept: another screen that asks the same has it at once, without a worker', () => {
  const first = renderHook(() => useReckoning(asked));
  act(() => begun().onmessage?.({ data: { kind: 'answer', answer: 'it' } }));
  first.unmount();
  const again = { ...asked };
  const { result } = renderHook(() => useReckoning(again));
  expect(result.current).toEqual({ state: 'done', answer: 'it' });
  act(() => void jest.advanceTimersByTime(1000));
  expect(HandWorker.made).toHaveLength(1);
});

test('where there are no workers it is said, not waited for', () => {
  Object.assign(globalThis, { Worker: undefined });
  const { result } = renderHook(() => useReckoning(asked));
  expect(result.current).toEqual({ state: 'failed' });
});

test('what is asked again after each reading is asked of the worker that answered; ended when nobody asks for long', () => {
  const settle = { ...asked, what: 'settle' } as const;
  const { result, rerender } = renderHook(({ it }) => useReckoning(it), {
    initialProps: { it: settle },
  });
  const worker = begun();
  act(() => worker.onmessage?.({ data: { kind: 'answer', answer: 'first' } }));
  const next = { ...settle, date: '2026-12-01' } as const;
  rerender({ it: next as unknown as typeof settle });
  expect(begun()).toBe(worker);
  expect([worker.asked, worker.ended]).toEqual([next, false]);
  act(() => worker.onmessage?.({ data: { kind: 'answer', answer: 'second' } }));
  expect(result.current).toEqual({ state: 'done', answer: 'second' });
  // While it works it is ended like any other.
  rerender({ it: { ...settle, date: '2026-12-02' } as unknown as typeof settle });
  expect(begun()).toBe(worker);
  rerender({ it: { ...settle, date: '2026-12-03' } as unknown as typeof settle });
  expect(worker.ended).toBe(true);
  const other = begun();
  expect(other).not.toBe(worker);
  act(() => other.onmessage?.({ data: { kind: 'answer', answer: 'third' } }));
  expect(other.ended).toBe(false);
  act(() => void jest.advanceTimersByTime(600_000));
  expect(other.ended).toBe(true);
});
