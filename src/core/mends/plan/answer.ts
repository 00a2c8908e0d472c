/** A plan as it is shown and printed: by ids, with why each other mend is not in it, animal by animal, and the order of the work. */
import type { Steps } from '../../steps';
import { levelMinutes } from '../../effort/effort-level';
import type { AnimalId } from '../../tables/animals';
import type { Progress } from './best-plan';
import type { Planning } from './build-problem';
import { noChoice, type Choice } from './choice';
import type { Limits } from './limits';
import { distanceWith, lossAt, lossBy } from './loss';
import { choiceOf, orderOf } from './order';
import { stillBy, type PlanProblem, type StillBy } from './problem';
import { clashesOf, type Clash } from './clashes';
import { isProved, planningAtTill } from './plan-at-till';
import { byTheMetre, type Till } from './till';
import { whyNot, type WhyNot } from './why-not';

/** A plan as a keeper reads it; money in hundredths, losses in birds a year. */
export interface PlanAnswer {
  /** Ids of candidates in the order of the work. */
  readonly chosen: readonly string[];
  readonly cents: number;
  readonly minutes: number;
  /** What the shop asks: whole rolls, boards and packs. Absent where no shop was asked. */
  readonly wholeCents?: number;
  /** Birds a year, of a flock that cannot lose more than there are: what the plan makes least. */
  readonly before: number;
  readonly after: number;
  /** No other set leaves fewer. */
  readonly bound: number;
  /** Nor any that anybody would call fewer. */
  readonly isProved: boolean;
  readonly nodes: number;
  readonly overspent: boolean;
  readonly clashes: readonly Clash[];
  readonly animals: readonly AnimalChange[];
  /** Why not, by id of every candidate that is not in it. */
  readonly others: Readonly<Record<string, WhyNotWords>>;
}

/** What is left to it: a way in or a slow way; longer work than it gives itself; a whole night's; nothing gets in. */
export const nightsLeft = ['way-in', 'long-work', 'whole-night', 'shut-out'] as const;
/** One of `nightsLeft`. */
export type NightLeft = (typeof nightsLeft)[number];

/** What a plan changes about one animal. */
export interface AnimalChange {
  readonly animal: AnimalId;
  /** Birds a year, of a flock that cannot lose more than there are. */
  readonly before: number;
  readonly after: number;
  /** On a night with everything shut. */
  readonly nightBefore: NightLeft;
  readonly nightAfter: NightLeft;
}

/** The same as `WhyNot`, by ids. */
export type WhyNotWords =
  | { readonly kind: 'wont' | 'too-long' | 'nothing' | 'little' | 'not-sold' }
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
  till: Till = byTheMetre(session),
  report?: (progress: Progress) => boolean,
): Steps<PlanAnswer> {
  const { problem } = session;
  const limits = limitsWithHand(session, given);
  const plan = yield* planningAtTill(problem, limits, till, report);
  const ids = (places: readonly number[]): string[] =>
    places.map((it) => problem.candidates[it]?.id ?? '');
  const others: Record<string, WhyNotWords> = {};
  for (const [mend, { id }] of problem.candidates.entries()) {
    if (plan.chosen.includes(mend)) continue;
    others[id] =
      till.notToBeHad([mend]).length > 0
        ? { kind: 'not-sold' }
        : inWords(whyNot(problem, plan, limits, mend), ids);
    yield;
  }
  return {
    chosen: ids(orderOf(problem, plan.chosen)),
    cents: plan.cents,
    minutes: plan.minutes,
    ...(till.isShop && { wholeCents: plan.paid }),
    before: lossAt(problem, noChoice(problem)),
    after: plan.after,
    bound: plan.bound,
    isProved: isProved(plan),
    nodes: plan.nodes,
    overspent: plan.overspent,
    clashes: clashesOf(problem, limits),
    animals: animalChanges(problem, plan.chosen),
    others,
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
      const left = (choice: Choice): NightLeft => {
        const minutes = nights.map((term) => distanceWith(term, choice, 'minutes'));
        if (nights.some(({ shutFrom }, index) => (minutes[index] as number) < shutFrom)) {
          return 'way-in';
        }
        const least = Math.min(...minutes);
        if (least === Infinity) return 'shut-out';
        return least < levelMinutes.night ? 'long-work' : 'whole-night';
      };
      return {
        animal,
        before: lossBy(problem, none, animal),
        after: lossBy(problem, all, animal),
        nightBefore: left(none),
        nightAfter: left(all),
      };
    })
    .sort((a, b) => b.before - a.before);
}
