/** What a failure would open: whom it lets in that does not come in now. */
import { failed, type Ageing } from '../rounds/ageing';
import type { Place } from '../place/place';
import type { AnimalId } from '../tables/animals';
import { judge, type Circumstances, type Judgement } from './judge';

export interface Failure {
  /** Animals that would come in, and do not now. */
  readonly opensTo: readonly AnimalId[];
  /** It stands in no way: something else holds behind it, or they come in already. */
  readonly changesNothing: boolean;
}

/** `found`: with readings laid over it. */
export function failureOf(
  found: Place,
  now: Judgement,
  ageing: Ageing,
  circumstances: Circumstances,
): Failure {
  const then = judge(failed(found, ageing), [], circumstances);
  const before = comingIn(now);
  const opensTo = [...comingIn(then)].filter((id) => !before.has(id));
  return { opensTo, changesNothing: opensTo.length === 0 && sameWays(now, then) };
}

function comingIn({ waysIn, slowWays }: Judgement): Set<AnimalId> {
  return new Set([...waysIn, ...slowWays].flatMap(({ by }) => by.map(({ animal }) => animal)));
}

const sameWays = (a: Judgement, b: Judgement): boolean =>
  a.waysIn.length === b.waysIn.length && a.slowWays.length === b.slowWays.length;
