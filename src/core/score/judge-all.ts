/** Every scenario at once, sharing what does not differ between them. */
import type { Place } from '../place/place';
import type { Walk } from '../records/walk';
import { atOnce, type Steps } from '../steps';
import { findingOut, judgingFound, type Circumstances, type Judgement } from './judge';
import { scenarios, type Scenario } from './scenario';

/** A judgement for each scenario. */
export type Judgements = Readonly<Record<Scenario, Judgement>>;

/** All four scenarios of a day. */
export function judgeAll(
  place: Place,
  walks: readonly Walk[],
  circumstances: Omit<Circumstances, 'scenario'> = {},
): Judgements {
  return atOnce(judgingAll(place, walks, circumstances));
}

/** The same in steps; the readings are laid over the place once. */
export function* judgingAll(
  place: Place,
  walks: readonly Walk[],
  circumstances: Omit<Circumstances, 'scenario'> = {},
): Steps<Judgements> {
  const known = yield* findingOut(place, walks, circumstances);
  const judged: [Scenario, Judgement][] = [];
  for (const scenario of scenarios) judged.push([scenario, yield* judgingFound(known, scenario)]);
  return Object.fromEntries(judged) as Record<Scenario, Judgement>;
}
