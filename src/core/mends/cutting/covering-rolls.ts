/**
 * The cheapest rolls of one width that sections of these lengths can be cut from: sets in the order of what they cost at the least, each
 * tried by laying the longest section first on the roll that it leaves least of (best fit decreasing; Johnson 1973, recalled from memory).
 */
import { Heap } from 'heap-js';
import { orderOf } from '../../order-of';
import { sumBy, type Roll } from './cutting';

/** Sets of rolls that are looked at; then they are taken one after the other. */
const mostSets = 2000;

/** Sections, by their place, on each roll. `undefined` where there are not rolls enough. */
export function coveringRolls(
  lengths: readonly number[],
  sold: readonly Roll[],
): readonly { readonly roll: Roll; readonly of: readonly number[] }[] | undefined {
  const rolls = [...sold].sort((a, b) => a.cents / a.length - b.cents / b.length);
  const order = lengths.map((_, at) => at).sort((a, b) => (lengths[b] ?? 0) - (lengths[a] ?? 0));
  const needed = sumBy(lengths, (it) => it);
  interface Counts {
    readonly counts: readonly number[];
    readonly length: number;
    readonly cents: number;
    readonly least: number;
    readonly from: number;
  }
  const open = new Heap<Counts>(
    orderOf<Counts>((a, b) => a.least < b.least || (a.least === b.least && a.length > b.length)),
  );
  const push = (counts: readonly number[], from: number) => {
    const length = rolls.reduce((sum, roll, at) => sum + roll.length * (counts[at] ?? 0), 0);
    const cents = rolls.reduce((sum, roll, at) => sum + roll.cents * (counts[at] ?? 0), 0);
    const rate = (rolls[from]?.cents ?? 0) / (rolls[from]?.length ?? 1);
    open.push({ counts, length, cents, least: cents + Math.max(0, needed - length) * rate, from });
  };
  push(
    rolls.map(() => 0),
    0,
  );
  for (let tried = 0, it = open.pop(); it && tried < mostSets; tried += 1, it = open.pop()) {
    const { counts, length, from } = it;
    if (length >= needed) {
      const set = rolls.flatMap((roll, at) => Array<Roll>(counts[at] ?? 0).fill(roll));
      const laid = laidOn(set, order, lengths);
      if (laid) return laid;
    }
    rolls.forEach((roll, at) => {
      const count = (counts[at] ?? 0) + 1;
      if (at < from || count > (roll.count ?? Infinity)) return;
      push(
        counts.map((own, index) => (index === at ? count : own)),
        at,
      );
    });
  }
  return oneByOne(rolls, order, lengths);
}

/** Each time the roll that takes most for its money of what is left. */
function oneByOne(rolls: readonly Roll[], order: readonly number[], lengths: readonly number[]) {
  const on: { readonly roll: Roll; readonly of: readonly number[] }[] = [];
  const left = new Map(rolls.map((roll) => [roll, roll.count ?? Infinity]));
  let rest = order;
  while (rest.length > 0) {
    const [best] = rolls
      .filter((roll) => (left.get(roll) ?? 0) > 0)
      .map((roll) => ({ roll, ...filledUp(roll, rest, lengths) }))
      .filter(({ of }) => of.length > 0)
      .sort((a, b) => a.roll.cents / a.taken - b.roll.cents / b.taken);
    if (!best) return undefined;
    on.push(best);
    left.set(best.roll, (left.get(best.roll) ?? 1) - 1);
    rest = rest.filter((at) => !best.of.includes(at));
  }
  return on;
}

function filledUp(roll: Roll, rest: readonly number[], lengths: readonly number[]) {
  const of: number[] = [];
  let taken = 0;
  for (const at of rest) {
    const length = lengths[at] ?? 0;
    if (taken + length > roll.length) continue;
    taken += length;
    of.push(at);
  }
  return { of, taken };
}

function laidOn(set: readonly Roll[], order: readonly number[], lengths: readonly number[]) {
  const on = set.map((roll) => ({ roll, left: roll.length, of: [] as number[] }));
  for (const at of order) {
    const length = lengths[at] ?? 0;
    let best: (typeof on)[number] | undefined;
    for (const it of on) if (it.left >= length && it.left < (best?.left ?? Infinity)) best = it;
    if (!best) return undefined;
    best.left -= length;
    best.of.push(at);
  }
  return on.filter(({ of }) => of.length > 0);
}
