/** How far a screen that opens has come, so that what is read first is painted first and no touch waits for all of it. */
import { startTransition, useEffect, useState } from 'react';

/** Counts from 0, what is drawn at once, to `last`, one after each painting. */
export function useOpened(last: number): number {
  const [stage, setStage] = useState(0);
  useEffect(() => {
    if (stage < last) startTransition(() => setStage(stage + 1));
  }, [stage, last]);
  return stage;
}
