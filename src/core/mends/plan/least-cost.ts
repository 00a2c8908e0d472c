/**
 * The cheapest set of mends that makes every way of some terms as long as asked: a minimum cut with shared mends, exact by branch
 * and bound. Undefined where no set does.
 */
import { Heap } from 'heap-js';
import type { Steps } from '../../steps';
import { leastToReach, servedBy, type Left, type Served } from './bound';
import { barring, chosenOf, making, sumsOf, type Choice, type Metric } from './choice';
import { mendsAlong } from './best-plan';
import { dominated, without } from './dominance';
import { orderOf } from '../../order-of';
import type { Limits } from './limits';
import type { Option, PlanProblem, Term } from './problem';
import { startOf } from './start';

/** The cheapest set that shuts one animal out. */
export interface LeastCost {
  readonly chosen: readonly number[];
  readonly cents: number;
  readonly minutes: number;
  readonly nodes: number;
}

interface Node {
  readonly choice: Choice;
  readonly spent: Left;
  /** Cheaper than this no set below it is. */
  readonly bound: number;
  /** The term that asks most; -1 where all are as long as asked. */
  readonly term: number;
}

/** `levels`: how long each of the problem's terms is to be; absent ones are let be. */
export function* leastCost(
  given: PlanProblem,
  levels: ReadonlyMap<number, number>,
  metric: Metric,
  limits: Omit<Limits, 'cents' | 'minutes'> = {},
  most = Infinity,
): Steps<LeastCost | undefined> {
  const start = startOf(given, limits);
  const problem = without(given, dominated(given, start));
  const terms = [...levels].map(([index, level]) => {
    const term = problem.terms[index] as Term;
    return { term, level, served: servedBy(term) };
  });
  const look = (choice: Choice): Node => {
    const spent = sumsOf(problem, choice);
    return { choice, spent, ...asked(terms, problem.candidates, choice, metric, spent) };
  };
  let best: Node | undefined;
  let nodes = 1;
  const open = new Heap<Node>(
    orderOf<Node>(
      (a, b) => a.bound < b.bound || (a.bound === b.bound && a.spent.minutes < b.spent.minutes),
    ),
  );
  const isHopeful = (node: Node): boolean =>
    node.bound < Infinity &&
    node.bound <= most &&
    (!best ||
      node.bound < best.spent.cents - 1e-6 ||
      (node.bound <= best.spent.cents + 1e-6 && node.spent.minutes < best.spent.minutes));
  const take = (node: Node): void => {
    if (!isHopeful(node)) return;
    if (node.term < 0) best = node;
    else open.push(node);
  };
  take(look(start));
  for (let node = open.pop(); node; node = open.pop()) {
    if (!isHopeful(node)) continue;
    const term = terms[node.term]?.term as Term;
    const along = mendsAlong(term, node.choice, metric);
    const children = along.map((mend, index) =>
      making(problem, barring(node.choice, along.slice(0, index)), mend),
    );
    nodes += children.length;
    children.map(look).forEach(take);
    if (nodes % 64 < children.length) yield;
  }
  return best && { chosen: chosenOf(best.choice), ...best.spent, nodes };
}

function asked(
  terms: readonly { readonly term: Term; readonly level: number; readonly served: Served }[],
  options: readonly Option[],
  choice: Choice,
  metric: Metric,
  spent: Left,
): Pick<Node, 'bound' | 'term'> {
  let [most, worst] = [-1, -1];
  terms.forEach(({ term, level, served }, index) => {
    const { now, least } = leastToReach(term, served, { options, choice, metric }, level);
    if (now < level && least.cents > most) [most, worst] = [least.cents, index];
  });
  return { bound: spent.cents + Math.max(0, most), term: worst };
}
