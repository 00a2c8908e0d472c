/** Runs steps with a pause wherever a touch would begin to wait. */
import type { Steps } from '@/core/steps';

/** What a step and its like may take before others get a turn, ms. */
const longest = 8;

export async function inTurns<T>(steps: Steps<T>): Promise<T> {
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

export const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));
