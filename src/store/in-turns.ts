/** Runs steps with a pause wherever a touch would begin to wait. */
import type { Steps } from '@/core/steps';

/** What a step and its like may take before others get a turn, ms. */
const longest = 5;

export async function inTurns<T>(steps: Steps<T>): Promise<T> {
  // Who knows how long what asks for it has been at work already.
  await pause();
  let since = performance.now();
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
    if (performance.now() - since > longest) {
      await pause();
      since = performance.now();
    }
  }
}

/** Timers that follow one another are kept waiting; where a browser can, the rest of the work stands in line like any other. */
export const pause = (): Promise<void> =>
  new Promise((resolve) => {
    if ('scheduler' in globalThis) void scheduler.postTask(resolve);
    else setTimeout(resolve, 0);
  });
