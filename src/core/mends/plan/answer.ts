/** A plan as it is shown and printed: by ids, with why each other mend is not in it, animal by animal, and the order of the work. */
import type { Steps } from '../../steps';
import type { AnimalId } from '../../tables/animals';
import type { Shop } from '../shopping/shop';
import { planning, type Plan, type Progress } from './best-plan';
import type { Planning } from './build-problem';
import { noChoice, type Choice } from './choice';
import { leastChange } from './least-change';
import type { Limits } from './limits';
import { birdsLost, distanceWith, lossAt } from './loss';
import { choiceOf, orderOf } from './order';
import { stillBy, type PlanProblem, type StillBy } from './problem';
import { planningWhole, wholeCost } from './whole-rolls';
import { whyNot, type WhyNot } from './why-not';

/** A plan as a keeper reads it; money in hundredths, losses in birds a year. */
export interface PlanAnswer {
  /** Ids of candidates in the order of the work. */
  readonly chosen: readonly string[];
  readonly cents: number;
  readonly minutes: number;
  /** What the shop asks: whole rolls, boards and packs. Absent where no shop was asked. */
  readonly wholeCents?: number;
  /** Λ: birds a year if there were no end of them; what the plan makes least. */
  readonly before: number;
  readonly after: number;
  readonly bound: number;
  /** The same of a flock that cannot lose more than there are. */
  readonly birdsBefore: number;
  readonly birdsAfter: number;
  readonly nodes: number;
  readonly overspent: boolean;
  readonly animals: readonly AnimalChange[];
  /** Why not, by id of every candidate that is not in it. */
  readonly others: Readonly<Record<string, WhyNotWords>>;
  /** Where the plan is empty for want of money: what the cheapest change would be. */
  readonly least?: {
    readonly cents: number;
    readonly wholeCents?: number;
    readonly chosen: readonly string[];
  };
}

/** What a plan changes about one animal. */
export interface AnimalChange {
  readonly animal: AnimalId;
  /** Birds a year, of a flock that cannot lose more than there are. */
  readonly before: number;
  readonly after: number;
  /** No way in and no slow way on a night with everything shut. */
  readonly isShutBefore: boolean;
  readonly isShutAfter: boolean;
}

/** The same as `WhyNot`, by ids. */
export type WhyNotWords =
  | { readonly kind: 'wont' | 'too-long' | 'nothing' }
  | { readonly kind: 'instead'; readonly of: readonly string[] }
  | { readonly kind: 'beside'; readonly animal: AnimalId; readonly at: readonly StillBy[] }
  | { readonly kind: 'money' | 'time'; readonly birds: number };

/** What is in hand is in the plan, unless the keeper will not have it. */
export function limitsWithHand({ candidates }: Planning, limits: Limits): Limits {
  const inHand = candidates
    .filter(({ inHand: it, id }) => it && !limits.wont?.includes(id))
    .map(({ id }) => id);
  return { ...limits, must: [...new Set([...inHand, ...(limits.must ?? [])])] };
}

/** The plan for these limits in words’ reach: what is chosen in the order of the work, what is left, why not the others. In steps. */
export function* answering(
  session: Planning,
  given: Limits,
  report?: (progress: Progress) => boolean,
  shop?: Shop,
): Steps<PlanAnswer> {
  const { problem } = session;
  const limits = limitsWithHand(session, given);
  const plan: Plan & { readonly wholeCents?: number } = shop
    ? yield* planningWhole(session, limits, shop, report)
    : yield* planning(problem, limits, report);
  const ids = (places: readonly number[]): string[] =>
    places.map((it) => problem.candidates[it]?.id ?? '');
  const isEmpty = plan.chosen.length === 0 && limits.cents !== undefined;
  const least = isEmpty ? yield* leastChange(problem, limits) : undefined;
  const others = problem.candidates.flatMap(({ id }, mend) =>
    plan.chosen.includes(mend)
      ? []
      : [[id, inWords(whyNot(problem, plan, limits, mend), ids)] as const],
  );
  return {
    chosen: ids(orderOf(problem, plan.chosen)),
    cents: plan.cents,
    minutes: plan.minutes,
    ...(plan.wholeCents !== undefined && { wholeCents: plan.wholeCents }),
    before: lossAt(problem, noChoice(problem)),
    after: plan.after,
    bound: plan.bound,
    birdsBefore: birdsLost(problem, noChoice(problem)),
    birdsAfter: birdsLost(problem, choiceOf(problem, plan.chosen)),
    nodes: plan.nodes,
    overspent: plan.overspent,
    animals: animalChanges(problem, plan.chosen),
    others: Object.fromEntries(others),
    ...(least && {
      least: {
        cents: least.cents,
        chosen: ids(least.chosen),
        ...(shop && { wholeCents: wholeCost(session, least.chosen, shop).cents }),
      },
    }),
  };
}

function inWords(why: WhyNot, ids: (places: readonly number[]) => string[]): WhyNotWords {
  if (why.kind === 'instead') return { kind: 'instead', of: ids(why.of) };
  if (why.kind === 'beside') {
    return { kind: 'beside', animal: why.animal, at: why.links.map(stillBy) };
  }
  return why;
}

function animalChanges(problem: PlanProblem, chosen: readonly number[]): AnimalChange[] {
  const [none, all] = [noChoice(problem), choiceOf(problem, chosen)];
  const animals = [...new Set(problem.terms.map(({ animal }) => animal))];
  return animals
    .map((animal): AnimalChange => {
      const own = problem.terms.filter((term) => term.animal === animal);
      const nights = own.filter(({ scenarios }) => scenarios.includes('night-shut'));
      const isShut = (choice: Choice) =>
        nights.every((term) => distanceWith(term, choice, 'minutes') >= term.shutFrom);
      return {
        animal,
        before: birdsLost(problem, none, animal),
        after: birdsLost(problem, all, animal),
        isShutBefore: isShut(none),
        isShutAfter: isShut(all),
      };
    })
    .sort((a, b) => b.before - a.before);
}
