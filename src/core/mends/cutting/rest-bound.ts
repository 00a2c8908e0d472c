/**
 * What the pieces still to be placed need at the least. For every length there is, so many sections at least as long must be begun
 * as the widths of the pieces at least as long ask for (bin packing's bound L2 of Martello and Toth 1990, recalled from memory).
 */
import type { Piece } from './cutting';

/** What is left of rolls in the middle of a search; mm. */
export interface Room {
  /** What is left of the width of sections that are begun. */
  readonly gaps: readonly number[];
  readonly rolls: readonly { readonly width: number; readonly left: number }[];
}

/** The least that the rest can still cost in such a room; `undefined` where it does not fit. */
export type RestBound = (room: Room) => number | undefined;

/** Small widths that are tried, at most: each gives a bound of its own, and the highest of them counts. */
const mostSmall = 8;

/**
 * For these pieces, the longest first: area of sections that must still be begun, mm²; `undefined` where there is no room for them.
 */
export function restBound(pieces: readonly Piece[]): RestBound {
  const steps = stepsOf(pieces);
  const narrowest = Math.min(...pieces.map(({ width }) => width));
  const shortest = pieces.at(-1)?.length ?? 0;
  const tables = new Map<number, Table>();
  const tableFor = (full: number): Table => {
    const known = tables.get(full) ?? tableOf(pieces, steps, full);
    tables.set(full, known);
    return known;
  };
  return ({ gaps: all, rolls: allRolls }) => {
    const rolls = allRolls.filter(({ width, left }) => width >= narrowest && left >= shortest);
    const gaps = all.filter((left) => left >= narrowest);
    const full = Math.max(0, ...rolls.map(({ width }) => width), ...gaps);
    if (full === 0) return pieces.length === 0 ? 0 : undefined;
    const table = tableFor(full);
    const have = table.small.map((small) =>
      gaps.reduce((sum, left) => sum + full - weightOf(full - left, full, small), 0),
    );
    return needs(steps, table, { have, full }, { gaps, rolls });
  };
}

/** Where the pieces grow shorter: the length, the next one, and widths of all pieces at least so long. */
interface Step {
  readonly length: number;
  readonly next: number;
  readonly count: number;
  readonly wide: number;
}

function stepsOf(pieces: readonly Piece[]): Step[] {
  const steps: Step[] = [];
  let wide = 0;
  pieces.forEach(({ length, width }, index) => {
    wide += width;
    const next = pieces[index + 1]?.length ?? 0;
    if (next !== length) steps.push({ length, next, count: index + 1, wide });
  });
  return steps;
}

interface Table {
  readonly small: readonly number[];
  /** By step, then by small width: what the pieces weigh. */
  readonly wanted: readonly (readonly number[])[];
}

function tableOf(pieces: readonly Piece[], steps: readonly Step[], full: number): Table {
  const widths = [...new Set(pieces.map(({ width }) => width))].sort((a, b) => a - b);
  const small = [0, ...widths.filter((it) => it <= full / 2).slice(-(mostSmall - 1))];
  const sums = small.map(() => 0);
  let next = 0;
  const wanted = steps.map(({ count }) => {
    for (; next < count; next += 1) {
      const { width = 0 } = pieces[next] ?? {};
      small.forEach((it, at) => (sums[at] = (sums[at] ?? 0) + weightOf(width, full, it)));
    }
    return [...sums];
  });
  return { small, wanted };
}

/** Pieces that leave less than `small` beside them take all of a section; those below it are left out. */
function weightOf(width: number, full: number, small: number): number {
  if (width > full - small) return full;
  return width < small ? 0 : width;
}

function needs(
  steps: readonly Step[],
  { wanted }: Table,
  { have, full }: { readonly have: readonly number[]; readonly full: number },
  { gaps, rolls }: Room,
): number | undefined {
  const gap = gaps.reduce((sum, it) => sum + it, 0);
  const widths = [...new Set(rolls.map(({ width }) => width))];
  const narrowest = Math.min(...widths, Infinity);
  let [area, length, begun] = [0, 0, 0];
  for (let at = 0; at < steps.length; at += 1) {
    const step = steps[at] as Step;
    const weights = wanted[at] ?? [];
    let count = begun;
    for (let small = 0; small < weights.length; small += 1) {
      const missing = (weights[small] ?? 0) - (have[small] ?? 0);
      count = Math.max(count, Math.ceil(missing / full - 1e-9));
    }
    if (count > 0 && rolls.length === 0) return undefined;
    if (count > begun && room(rolls, step.length) < count) return undefined;
    begun = count;
    const wide = Math.max(leastSum(widths, step.wide - gap), count * narrowest);
    if (count > 0 || step.wide > gap) area += wide * (step.length - step.next);
    length += count * (step.length - step.next);
  }
  const roomLeft = rolls.reduce((sum, { left }) => sum + left, 0);
  const areaLeft = rolls.reduce((sum, { left, width }) => sum + left * width, 0);
  return length > roomLeft || area > areaLeft ? undefined : area;
}

/** How many sections of this length the rolls still give. */
function room(rolls: Room['rolls'], length: number): number {
  return rolls.reduce((sum, { left }) => sum + Math.floor(left / length), 0);
}

/** The least sum of these widths that is not below it. */
function leastSum(widths: readonly number[], need: number): number {
  if (need <= 0) return 0;
  const [only = 1, second] = widths;
  if (second === undefined) return Math.ceil(need / only - 1e-9) * only;
  // Sums of several widths come near to anything: only small needs are worth looking at.
  if (need > 3 * Math.max(...widths)) return need;
  let least = Infinity;
  const add = (sum: number, from: number): void => {
    if (sum >= least) return;
    if (sum >= need) {
      least = sum;
      return;
    }
    for (let at = from; at < widths.length; at += 1) add(sum + (widths[at] ?? need), at);
  };
  add(0, 0);
  return least;
}
