/** What a failure would open: whom it lets in that does not come in now, on a shut night and by day. */
import type { Place } from '../place/place';
import { failed, type Ageing } from '../rounds/ageing';
import type { AnimalId } from '../tables/animals';
import { judge, type Circumstances, type Judgement } from './judge';
import type { Scenario } from './scenario';

/** What the failure of something that grows old would let in. */
export interface Failure {
  readonly opensTo: readonly { readonly animal: AnimalId; readonly scenario: Scenario }[];
  /** No way more for anybody: something else holds behind it. */
  readonly changesNothing: boolean;
}

/** The hours that a failure is judged in. */
export const failureScenarios = ['night-shut', 'day-run'] as const satisfies readonly Scenario[];

/** `found`: with readings laid over it. `now`: judged as it is, in each of those hours. */
export function failureOf(
  found: Place,
  now: readonly Judgement[],
  ageing: Ageing,
  circumstances: Omit<Circumstances, 'scenario'>,
): Failure {
  const place = failed(found, ageing);
  const each = now.map((before) => {
    const { scenario } = before;
    const then = judge(place, [], { ...circumstances, scenario });
    const known = comingIn(before);
    const opensTo = [...comingIn(then)]
      .filter((animal) => !known.has(animal))
      .map((animal) => ({ animal, scenario }));
    return { opensTo, isSame: waysOf(before) === waysOf(then) };
  });
  return {
    opensTo: each.flatMap(({ opensTo }) => opensTo),
    changesNothing: each.every(({ opensTo, isSame }) => opensTo.length === 0 && isSame),
  };
}

function comingIn({ waysIn, slowWays }: Judgement): Set<AnimalId> {
  return new Set([...waysIn, ...slowWays].flatMap(({ by }) => by.map(({ animal }) => animal)));
}

const waysOf = ({ waysIn, slowWays }: Judgement): number => waysIn.length + slowWays.length;
