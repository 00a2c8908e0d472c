/** How far an animal gets, as one word: a level, or why there is none. */
import { levelOf, type EffortLevel } from '../effort/effort-level';
import type { AnimalJudgement } from './judge-animal';

/** How far an animal gets, as one word. */
export type AnimalVerdict =
  | EffortLevel
  /** Nothing read lets it by, and something not read could. */
  | 'not-known'
  /** Not about in these hours. */
  | 'away';

/** Away, shut out, let in, or not known yet, for one animal in a scenario. */
export function animalVerdict({
  about,
  minutes,
}: Pick<AnimalJudgement, 'about' | 'minutes'>): AnimalVerdict {
  if (!about) return 'away';
  return minutes.best === null && minutes.worst !== null ? 'not-known' : levelOf(minutes.best);
}

/** Birds it takes stand outside every wall: there is nothing to get through, and no route. */
export function findsThemInTheOpen({ about, minutes, route }: AnimalJudgement): boolean {
  return about && minutes.best === 0 && route === undefined;
}
