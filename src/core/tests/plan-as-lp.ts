/**
 * A plan's problem as a mixed integer programme in LP format, for a general solver: one binary a mend, one a state of a link, distances
 * as potentials, chances as steps between the distances that can come about. Written apart from the search it is to check.
 */
import {
  birdsEnd,
  outsideEnd,
  type Link,
  type PlanProblem,
  type Term,
} from '../mends/plan/problem';

export interface LpLimits {
  readonly cents: number;
  readonly minutes: number;
}

type Metric = 'weight' | 'minutes';

/** As good as no way at all: exp(−40) visits, or weeks of minutes. */
const far: Readonly<Record<Metric, number>> = { weight: 40, minutes: 100_000 };

/**
 * Least birds lost within the limits. Of each group of N birds Λ are taken, and N(1 − exp(−Λ/N)) lost: that bends downwards, and stands
 * here as straight pieces below it, so that the least of the programme is nowhere above the true least, and nearly it. `covers`: sets
 * of mends of which not all can be made.
 */
export function leastLossLp(
  problem: PlanProblem,
  limits: LpLimits,
  covers: readonly (readonly number[])[] = [],
): string {
  const lp = programme(problem, 'weight');
  for (const set of covers) {
    lp.rows.push(`${set.map((mend) => `+ x${mend}`).join(' ')} <= ${set.length - 1}`);
  }
  const objective: string[] = [];
  const groups = Object.keys(problem.flock).map((id, group) => ({
    id,
    name: `L${group}`,
    // Λ less its gains, as a row that comes to nothing.
    row: [`+ L${group}`],
    most: problem.fixedOf[id] ?? 0,
  }));
  problem.terms.forEach((term, index) => {
    const levels = levelsOf(term);
    for (const group of groups) {
      group.most += (term.weightOf[group.id] ?? 0) * Math.exp(-(levels[0] ?? far.weight));
    }
    const steps = levels.slice(1).map((level, at) => {
      const gain = Math.exp(-(levels[at] as number)) - Math.exp(-level);
      for (const { id, row } of groups) {
        row.push(`+ ${num((term.weightOf[id] ?? 0) * gain)} y${index}_${at}`);
      }
      lp.binaries.push(`y${index}_${at}`);
      if (at > 0) lp.rows.push(`y${index}_${at} - y${index}_${at - 1} <= 0`);
      return `- ${num(level - (levels[at] as number))} y${index}_${at}`;
    });
    lp.rows.push(`D${index} ${steps.join(' ')} >= ${num((levels[0] ?? 0) - 1e-7)}`);
  });
  for (const { id, name, row, most } of groups) {
    lp.rows.push(`${row.join(' ')} = ${num(most)}`);
    objective.push(...bent(lp, name, problem.flock[id] ?? 0, most));
  }
  objective.push('+ 0 one');
  lp.rows.push('one = 1');
  if (limits.cents < Infinity) lp.rows.push(sumRow(problem, 'cents', limits.cents));
  if (limits.minutes < Infinity) lp.rows.push(sumRow(problem, 'minutes', limits.minutes));
  return written('Minimize', objective, lp);
}

/** Straight pieces of `N(1 − exp(−Λ/N))` from nothing to the most there can be, one of them taken. */
const pieces = 60;

function bent(lp: Lp, name: string, count: number, most: number): string[] {
  const lost = (lambda: number) => (count === 0 ? 0 : count * (1 - Math.exp(-lambda / count)));
  const width = Math.max(most, 1e-6) / pieces;
  const all = Array.from({ length: pieces }, (_, at) => at);
  lp.binaries.push(...all.map((at) => `z${name}_${at}`));
  lp.rows.push(`${all.map((at) => `+ z${name}_${at}`).join(' ')} = 1`);
  const along = all.map((at) => `- ${num(at * width)} z${name}_${at} - t${name}_${at}`);
  lp.rows.push(`${name} ${along.join(' ')} = 0`);
  return all.map((at) => {
    lp.rows.push(`t${name}_${at} - ${num(width)} z${name}_${at} <= 0`);
    const [from, to] = [lost(at * width), lost((at + 1) * width)];
    return `+ ${num(from)} z${name}_${at} + ${num((to - from) / width)} t${name}_${at}`;
  });
}

/** Least money that makes every way of these terms as long as asked. */
export function leastCostLp(problem: PlanProblem, levels: ReadonlyMap<number, number>): string {
  const lp = programme(problem, 'minutes');
  for (const [index, level] of levels) lp.rows.push(`D${index} >= ${num(level - 1e-4)}`);
  const objective = problem.candidates.map(({ cents }, mend) => `+ ${cents} x${mend}`);
  return written('Minimize', [...objective, '+ 0 one'], lp);
}

interface Lp {
  readonly rows: string[];
  readonly binaries: string[];
  readonly bounds: string[];
}

function programme({ candidates, terms }: PlanProblem, metric: Metric): Lp {
  const lp: Lp = { rows: [], binaries: candidates.map((_, mend) => `x${mend}`), bounds: [] };
  candidates.forEach(({ excludes }, a) => {
    for (const b of excludes) if (a < b) lp.rows.push(`x${a} + x${b} <= 1`);
  });
  terms.forEach((term, index) => addTerm(lp, term, index, metric));
  return lp;
}

function addTerm(lp: Lp, term: Term, index: number, metric: Metric): void {
  const goal = term.zones.indexOf(term.zone);
  const at = (end: number): string => (end === outsideEnd ? `D${index}` : `d${index}_${end}`);
  lp.bounds.push(`0 <= D${index} <= ${far[metric]}`);
  term.zones.forEach((_, zone) => {
    lp.bounds.push(`0 <= d${index}_${zone} <= ${zone === goal ? 0 : far[metric]}`);
  });
  term.links.forEach((link, place) => {
    const weight = weightOf(lp, link, `s${index}_${place}`, metric);
    const below = (from: number, to: number): void => {
      const on = to === birdsEnd ? '' : `- ${at(to)}`;
      lp.rows.push(`${at(from)} ${on} ${weight.terms} <= ${num(weight.constant)}`);
    };
    below(link.from, link.to);
    if (link.from !== outsideEnd && link.to !== birdsEnd) below(link.to, link.from);
  });
}

/** Minus the link's weight, as terms for the left of a row; a constant one for the right. */
function weightOf(
  lp: Lp,
  { states, mends }: Link,
  name: string,
  metric: Metric,
): { readonly terms: string; readonly constant: number } {
  const value = (state: Link['states'][number]) => Math.min(far[metric], state[metric] ?? Infinity);
  if (mends.length === 0) {
    return { terms: '', constant: value(states[0] as Link['states'][number]) };
  }
  lp.rows.push(`${states.map((_, at) => `+ ${name}_${at}`).join(' ')} = 1`);
  states.forEach(({ mask }, at) => {
    lp.binaries.push(`${name}_${at}`);
    mends.forEach((mend, bit) => {
      lp.rows.push(
        mask & (1 << bit) ? `${name}_${at} - x${mend} <= 0` : `${name}_${at} + x${mend} <= 1`,
      );
    });
  });
  return {
    terms: states.map((it, at) => `- ${num(value(it))} ${name}_${at}`).join(' '),
    constant: 0,
  };
}

/** Every distance that can come about, ascending, none twice. */
function levelsOf({ links, zones, zone }: Term): number[] {
  const values = (link: Link) => link.states.map(({ weight }) => weight ?? Infinity);
  const inside = (from: number, seen: readonly number[]): number[] => {
    if (zones[from] === zone) return [0];
    return links.flatMap((link) => {
      if (link.from === outsideEnd) return [];
      const to = link.from === from ? link.to : link.to === from ? link.from : undefined;
      if (to === undefined || seen.includes(to)) return [];
      const rest = to === birdsEnd ? [0] : inside(to, [...seen, to]);
      return distinct(values(link).flatMap((one) => rest.map((other) => one + other)));
    });
  };
  const behind = new Map(zones.map((_, at) => [at, distinct(inside(at, [at]))]));
  const all = links.flatMap((link) => {
    if (link.from !== outsideEnd) return [];
    const rest = link.to === birdsEnd ? [0] : (behind.get(link.to) ?? []);
    return values(link).flatMap((one) => rest.map((other) => one + other));
  });
  return distinct([...all, Infinity]);
}

function distinct(values: readonly number[]): number[] {
  const capped = values.map((it) => Math.min(far.weight, it)).sort((a, b) => a - b);
  return capped.filter((it, at) => at === 0 || it - (capped[at - 1] as number) > 1e-9);
}

function sumRow({ candidates }: PlanProblem, of: 'cents' | 'minutes', most: number): string {
  return `${candidates.map((it, mend) => `+ ${it[of]} x${mend}`).join(' ')} + 0 one <= ${most}`;
}

const num = (value: number): string => value.toFixed(12);

function written(
  sense: string,
  objective: readonly string[],
  { rows, binaries, bounds }: Lp,
): string {
  return [
    sense,
    ` obj: ${objective.join('\n ')}`,
    'Subject To',
    ...rows.map((row, at) => ` r${at}: ${row}`),
    'Bounds',
    ...bounds.map((it) => ` ${it}`),
    'Binary',
    ` ${binaries.join('\n ')}`,
    'End',
  ].join('\n');
}
