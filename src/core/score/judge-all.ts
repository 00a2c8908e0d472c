/** Every scenario at once, sharing what does not differ between them. */
import type { Place } from '../place/place';
import type { Walk } from '../place/walk';
import { findOut, judgeFound, type Circumstances, type Judgement } from './judge';
import { scenarios, type Scenario } from './scenario';

export type Judgements = Readonly<Record<Scenario, Judgement>>;

export function judgeAll(
  place: Place,
  walks: readonly Walk[],
  circumstances: Omit<Circumstances, 'scenario'> = {},
): Judgements {
  const known = findOut(place, walks, circumstances);
  const judged = scenarios.map((scenario) => [scenario, judgeFound(known, scenario)] as const);
  return Object.fromEntries(judged) as Record<Scenario, Judgement>;
}
