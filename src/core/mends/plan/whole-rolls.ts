/**
 * A plan that can be paid for in the shop: there is no mesh by the metre there. Where whole rolls, boards and packs break the budget,
 * it is solved again without that set and whatever it is part of.
 */
import type { Steps } from '../../steps';
import { quick } from '../cutting/cheapest-cutting';
import { shoppingList, type ShoppingList } from '../shopping/shopping-list';
import type { Shop } from '../shopping/shop';
import { planning, type Plan, type Progress } from './best-plan';
import type { Planning } from './build-problem';
import type { Limits } from './limits';

/** A plan paid for in whole rolls and packs. */
export interface WholePlan extends Plan {
  /** What the shop asks for the things for it, hundredths of money; nothing for what is bought already. */
  readonly wholeCents: number;
}

/** Sets priced, at most: then the best so far is the answer, and counts as unproved. */
const mostPriced = 120;

/** Shares of the budget by the metre that are tried first: there is soon something that can be had. */
const shares = [0.9, 0.8, 0.7, 0.6, 0.5, 0.35, 0.2];

/** The best plan whose whole rolls, boards and packs the budget pays for. In steps. */
export function* planningWhole(
  session: Planning,
  limits: Limits,
  shop: Shop,
  report: (progress: Progress) => boolean = () => true,
): Steps<WholePlan> {
  const { problem } = session;
  const first = yield* planning(problem, limits, report);
  const { cents = Infinity } = limits;
  const pricing = pricingOf(session, shop, cents);
  const whole = pricing.cost(first.chosen);
  if (whole <= cents || first.overspent) return { ...first, wholeCents: whole };
  const known = yield* firstThatCanBeHad(session, limits, cents, pricing);
  const plan = yield* planning(
    problem,
    limits,
    (progress) => report(progress) && pricing.goesOn(),
    { refuses: pricing.refuses, ...(known && { known: known.chosen }) },
  );
  return {
    ...plan,
    bound: pricing.isSure() ? plan.bound : Math.min(plan.bound, first.bound),
    wholeCents: pricing.cost(plan.chosen),
  };
}

function* firstThatCanBeHad(
  { problem }: Planning,
  limits: Limits,
  cents: number,
  { cost }: Pricing,
): Steps<Plan | undefined> {
  let best: Plan | undefined;
  for (const share of shares) {
    const plan = yield* planning(problem, { ...limits, cents: Math.floor(cents * share) });
    const isBetter = !plan.overspent && (!best || plan.after < best.after);
    if (isBetter && cost(plan.chosen) <= cents) best = plan;
  }
  return best;
}

interface Pricing {
  readonly cost: (chosen: readonly number[]) => number;
  readonly refuses: (chosen: readonly number[]) => boolean;
  readonly goesOn: () => boolean;
  /** Nothing was refused that might be had after all. */
  readonly isSure: () => boolean;
}

function pricingOf(session: Planning, shop: Shop, cents: number): Pricing {
  const priced = new Map<string, ShoppingList>();
  const tooDear: (readonly number[])[] = [];
  let isSure = true;
  const listOf = (chosen: readonly number[]): ShoppingList => {
    const key = [...chosen].sort((a, b) => a - b).join();
    const list = priced.get(key) ?? wholeCost(session, chosen, shop);
    priced.set(key, list);
    return list;
  };
  return {
    cost: (chosen) => listOf(chosen).cents,
    goesOn: () => priced.size < mostPriced,
    isSure: () => isSure,
    refuses: (chosen) => {
      if (tooDear.some((set) => set.every((it) => chosen.includes(it)))) return true;
      if (priced.size >= mostPriced) {
        isSure = false;
        return true;
      }
      const list = listOf(chosen);
      if (list.cents <= cents) return false;
      if (list.lowestCents <= cents) isSure = false;
      tooDear.push(chosen);
      return true;
    },
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
    .filter(({ state }) => !bought.includes(state));
  return shoppingList(ready, mends, shop, quick);
}

const bought: readonly string[] = ['bought', 'done', 'held'];
