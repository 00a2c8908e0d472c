/**
 * The set of mends that leaves the fewest birds to be taken for the money and hours there are: exact, by branch and bound. At the
 * term with most to gain every mend along its weakest way is tried, and last none of them; a branch is bounded by raising each term
 * as far as what is left could raise it alone (Land and Doig 1960, best first; recalled from memory).
 */
import { Heap } from 'heap-js';
import { chanceOf } from '../../routes/chance';
import type { Steps } from '../../steps';
import { reachOf, servedBy, type Left, type Served } from './bound';
import { birdsBy } from './loss';
import { barring, chosenOf, making, stateOf, sumsOf, weightIn, type Choice } from './choice';
import { insideOf, lightestWay } from './distance';
import { dominated, without } from './dominance';
import { orderOf } from '../../order-of';
import type { Limits } from './limits';
import { withNeeded } from './needed';
import type { Option, PlanProblem, Term } from './problem';
import { startOf } from './start';

/** A set of mends and what it leaves. */
export interface Plan {
  /** Places in the problem's candidates, ascending. */
  readonly chosen: readonly number[];
  readonly cents: number;
  readonly minutes: number;
  /** Birds a year, no flock losing more than it has. */
  readonly after: number;
  /** No plan within the limits leaves fewer: the same as `after` where the search came to its end. */
  readonly bound: number;
  readonly nodes: number;
  /** Mends that must be made take more than there is. */
  readonly overspent: boolean;
}

/** How far a search has come: best found, bound, nodes looked at. */
export interface Progress {
  readonly best: number;
  readonly bound: number;
  readonly nodes: number;
}

interface Node {
  readonly choice: Choice;
  readonly loss: number;
  readonly bound: number;
  readonly cents: number;
  readonly minutes: number;
  /** Work that any plan needs that gets as far as the bound. */
  readonly work: number;
  /** The term to branch on; -1 where nothing is left to gain. */
  readonly term: number;
}

/** Losses nearer to each other than this, birds a year, are alike. */
const tolerance = 1e-9;

/** Whether a set is not to be had though it is within the limits; every set that it is part of is not to be had either. */
export type Refuses = (chosen: readonly number[]) => boolean;

/** What a search may be told besides the limits. */
export interface Others {
  /** Asked only of what would be the best so far. */
  readonly refuses?: Refuses;
  /** The same of any set on the way there. */
  readonly isBeyond?: Refuses;
  /** Whether one costs no more than another, beside whatever else is bought. */
  readonly isNoDearer?: (rival: number, mend: number) => boolean;
  /** A plan that can be had, to measure others by; the same as what is asked for must be in it. */
  readonly known?: readonly number[];
  /** Birds a year that are not worth looking for; of plans so near to each other any is the answer. Absent: none. */
  readonly slack?: number;
}

/** `report` is told now and then; where it answers false, the best so far is the answer, with what is proved of it. */
export function* planning(
  given: PlanProblem,
  limits: Limits,
  report: (progress: Progress) => boolean = () => true,
  others: Others = {},
): Steps<Plan> {
  const { refuses, isBeyond, isNoDearer, known, slack = 0 } = others;
  const start = startOf(given, limits);
  const problem = without(given, dominated(given, start, isNoDearer));
  const served = problem.terms.map(servedBy);
  const birds = birdsBy(problem);
  const needs = withNeeded(problem, birds);
  const { cents: mostCents = Infinity, minutes: mostMinutes = Infinity } = limits;
  const spent = sumsOf(problem, start);
  const overspent = spent.cents > mostCents || spent.minutes > mostMinutes;
  const look = (choice: Choice): Node => {
    const sums = sumsOf(problem, choice);
    const left = { cents: mostCents - sums.cents, minutes: mostMinutes - sums.minutes };
    const { work, ...rest } = looked(problem, { served, birds }, choice, left);
    return { choice, ...sums, ...rest, work: sums.minutes + work };
  };
  /** With what any better set in it needs; nothing where there is none, or where that cannot be had. */
  const within = (choice: Choice, most: number): Choice | undefined => {
    if (!isBeyond) return choice;
    const whole = needs(choice, most);
    return whole && !isBeyond(chosenOf(whole)) ? whole : undefined;
  };
  const root = look(start);
  const had = known && look(known.reduce((it, one) => making(problem, it, one), start));
  let best = had && isBetter(had, root) ? had : root;
  let nodes = 1;
  const open = new Heap<Node>(orderOf<Node>(isBefore));
  const isHopeful = (node: Node): boolean =>
    node.bound < best.loss - slack - tolerance ||
    (slack === 0 && node.bound <= best.loss + tolerance && node.work < best.minutes);
  if (!overspent && root.term >= 0) open.push(root);
  let next: Node | undefined;
  for (let node = open.pop(); node; node = next ?? open.pop()) {
    next = undefined;
    if (!isHopeful(node)) continue;
    const children = branches(problem, node, mostCents, mostMinutes)
      .flatMap((choice) => within(choice, best.loss - slack) ?? [])
      .map(look);
    nodes += children.length;
    const refused = new Set<Node>();
    for (const child of children) {
      if (!isBetter(child, best)) continue;
      if (refuses?.(chosenOf(child.choice))) refused.add(child);
      else best = child;
    }
    // Straight on with the most promising, so that there is soon a plan to measure others by.
    const hopeful = children.filter(
      (child) => child.term >= 0 && !refused.has(child) && isHopeful(child),
    );
    next = hopeful.reduce<Node | undefined>((a, b) => (a && isBefore(a, b) ? a : b), undefined);
    for (const child of hopeful) if (child !== next) open.push(child);
    if (nodes % 64 < children.length) {
      yield;
      const bound = boundOf(next ?? open.peek(), boundOf(open.peek(), best.loss));
      if (!report({ best: best.loss, bound, nodes })) {
        if (next) open.push(next);
        break;
      }
    }
  }
  return {
    chosen: chosenOf(best.choice),
    cents: best.cents,
    minutes: best.minutes,
    after: best.loss,
    bound: boundOf(open.peek(), Math.max(0, best.loss - slack)),
    nodes,
    overspent,
  };
}

const isBefore = (a: Node, b: Node): boolean =>
  a.bound < b.bound - tolerance || (a.bound <= b.bound + tolerance && a.loss < b.loss);

function boundOf(next: Node | undefined, best: number): number {
  return next ? Math.min(next.bound, best) : best;
}

/** Fewer birds; of like plans the one with less work, then less money, then fewer mends. */
function isBetter(a: Node, b: Node): boolean {
  if (Math.abs(a.loss - b.loss) > tolerance) return a.loss < b.loss;
  if (a.minutes !== b.minutes) return a.minutes < b.minutes;
  return a.cents < b.cents;
}

/** What stays the same of a problem while it is searched. */
interface Known {
  readonly served: readonly Served[];
  readonly birds: ReturnType<typeof birdsBy>;
}

function looked(
  problem: PlanProblem,
  { served, birds }: Known,
  choice: Choice,
  left: Left,
): Pick<Node, 'loss' | 'bound' | 'work' | 'term'> {
  let [work, most, worst] = [0, 0, -1];
  const [now, least] = [problem.terms, problem.terms].map((it) => new Float64Array(it.length)) as [
    Float64Array,
    Float64Array,
  ];
  problem.terms.forEach((term, index) => {
    const reach = reachOf(
      term,
      served[index] as Served,
      { options: problem.candidates, choice, metric: 'weight' },
      left,
    );
    now[index] = chanceOf(reach.now);
    least[index] = chanceOf(reach.most);
    work = Math.max(work, reach.work);
    const gain = term.weight * (chanceOf(reach.now) - chanceOf(reach.most));
    if (gain > most) [most, worst] = [gain, index];
  });
  // More birds taken is never fewer lost, however they are shared among the groups: a bound for each term is one for all.
  return {
    loss: birds(now),
    bound: birds(least),
    work,
    term: most > tolerance / 100 ? worst : -1,
  };
}

/** Each mend along the weakest way, those before it barred; last all of them barred. */
function branches(
  problem: PlanProblem,
  node: Node,
  mostCents: number,
  mostMinutes: number,
): Choice[] {
  const term = problem.terms[node.term] as Term;
  const along = mendsAlong(term, node.choice);
  const ordered = along
    .filter((mend) => {
      const { cents, minutes } = problem.candidates[mend] as Option;
      return node.cents + cents <= mostCents && node.minutes + minutes <= mostMinutes;
    })
    .sort((a, b) => (problem.candidates[a]?.cents ?? 0) - (problem.candidates[b]?.cents ?? 0));
  return [
    ...ordered.map((mend, index) =>
      making(problem, barring(node.choice, ordered.slice(0, index)), mend),
    ),
    barring(node.choice, along),
  ];
}

/** Mends still open that raise any link of the term's lightest way. */
export function mendsAlong(
  term: Term,
  choice: Choice,
  metric: 'weight' | 'minutes' = 'weight',
): number[] {
  const weights = term.links.map((link) => weightIn(stateOf(link, choice), metric));
  const way = lightestWay(term, weights, insideOf(term, weights));
  const mends = way.flatMap((index) => term.links[index]?.mends ?? []);
  return [...new Set(mends)].filter((mend) => choice[mend] === 0);
}
