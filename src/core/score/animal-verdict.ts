/** How far an animal gets, as one word: a level, or why there is none. */
import { levelOf, type EffortLevel } from '../effort/effort-level';
import type { AnimalJudgement } from './judge-animal';
import type { Presence } from './scenario';

/** How far an animal gets, as one word. */
export type AnimalVerdict =
  | EffortLevel
  /** Nothing read lets it by, and something not read could. */
  | 'not-known'
  /** Not about at this time of year, or in these hours. */
  | Exclude<Presence, 'about'>;

/** Away, shut out, let in, or not known yet, for one animal in a scenario. */
export function animalVerdict({
  presence,
  minutes,
}: Pick<AnimalJudgement, 'presence' | 'minutes'>): AnimalVerdict {
  if (presence !== 'about') return presence;
  return minutes.best === null && minutes.worst !== null ? 'not-known' : levelOf(minutes.best);
}

/** Birds it takes stand outside every wall: there is nothing to get through, and no route. */
export function findsThemInTheOpen({ presence, minutes, route }: AnimalJudgement): boolean {
  return presence === 'about' && minutes.best === 0 && route === undefined;
}
