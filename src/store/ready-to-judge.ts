/** What judging some places takes beside what every visit has loaded. */
import { isInverseGiven } from '@/core/fence/inverse';
import type { Place } from '@/core/place/place';

/** Waited for before a screen sees the place: with a described line the inverse that its volts take (decision 28). */
export async function readyToJudge({ fence }: Place): Promise<void> {
  if (fence?.line && !isInverseGiven()) await import('@/core/fence/dense-inverse');
}
