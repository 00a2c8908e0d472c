/**
 * A plan that can be paid for in the shop: there is no mesh by the metre there. Where whole rolls, boards and packs break the budget,
 * it is solved again without that set and whatever it is part of.
 */
import type { Steps } from '../../steps';
import { shoppingList, type ShoppingList } from '../shopping/shopping-list';
import type { Shop } from '../shopping/shop';
import { planning, type Plan, type Progress } from './best-plan';
import type { Planning } from './build-problem';
import type { Limits } from './limits';

export interface WholePlan extends Plan {
  /** What the shop asks for the things for it, hundredths of money; nothing for what is bought already. */
  readonly wholeCents: number;
}

/** Sets priced, at most: then what has not been priced counts as too dear, and the plan as unproved. */
const mostPriced = 400;

export function* planningWhole(
  session: Planning,
  limits: Limits,
  shop: Shop,
  report?: (progress: Progress) => boolean,
): Steps<WholePlan> {
  const first = yield* planning(session.problem, limits, report);
  const whole = wholeCost(session, first.chosen, shop);
  const { cents = Infinity } = limits;
  if (whole.cents <= cents || first.overspent) return { ...first, wholeCents: whole.cents };
  const priced = new Map<string, ShoppingList>();
  const tooDear: (readonly number[])[] = [];
  let isSure = true;
  const refuses = (chosen: readonly number[]): boolean => {
    if (tooDear.some((set) => set.every((it) => chosen.includes(it)))) return true;
    if (priced.size >= mostPriced) {
      isSure = false;
      return true;
    }
    const list = wholeCost(session, chosen, shop);
    priced.set(chosen.join(), list);
    if (list.cents <= cents) return false;
    if (list.lowestCents <= cents) isSure = false;
    tooDear.push(chosen);
    return true;
  };
  const plan = yield* planning(session.problem, limits, report, refuses);
  return {
    ...plan,
    bound: isSure ? plan.bound : Math.min(plan.bound, first.bound),
    wholeCents: (priced.get(plan.chosen.join()) ?? wholeCost(session, plan.chosen, shop)).cents,
  };
}

/** The list for these candidates, but for what lies in the shed already. */
export function wholeCost(
  { candidates, ready }: Planning,
  chosen: readonly number[],
  shop: Shop,
): ShoppingList {
  const mends = chosen
    .flatMap((it) => candidates[it]?.mend ?? [])
    .filter(({ state, history }) => history.length === 0 || !bought.includes(state));
  return shoppingList(ready, mends, shop);
}

const bought: readonly string[] = ['bought', 'done', 'held'];
