/** Volts as they were read on a line, and what they say of the bays between: what is read beats what is worked out. */
import type { Bay } from '../place/bay';
import type { Fence } from '../place/fence';
import { bounds, type PossibleAmount } from '../place/possible';
import type { LinePath } from './line-path';

/** Lowest and highest that was read there, kV. */
export type ReadVolts = readonly [low: number, high: number];

/** Readings by place on the line: each bay's own, near the energizer, at the far end. */
export function readVolts(path: LinePath, { near, volts }: Fence): ReadonlyMap<number, ReadVolts> {
  const read = new Map<number, ReadVolts>();
  const put = (index: number, possible: PossibleAmount | undefined) => {
    if (possible !== undefined && !('any' in possible) && !read.has(index)) {
      read.set(index, bounds(possible, [0, 0]));
    }
  };
  path.bays.forEach(({ bay }, index) => leastRead(bay).forEach((it) => put(index, it)));
  put(path.far, volts);
  put(path.feed, near);
  return read;
}

/** Of several wires that were read in a bay, the one with the least first. */
function leastRead({ strands }: Bay): PossibleAmount[] {
  const known = strands.flatMap(({ volts }) =>
    volts === undefined || 'any' in volts ? [] : [volts],
  );
  return known.sort((a, b) => bounds(a, [0, 0])[0] - bounds(b, [0, 0])[0]);
}

/**
 * What the readings leave room for in a bay, kV. A line only loses on its way: on an open one no bay has more than was read nearer
 * to the feed, nor less than was read beyond; on a ring none has more than both of those to its sides. Where readings of different
 * days cannot both be so, the one beyond stands: what arrives there has passed here.
 */
export function roomBetween(
  path: LinePath,
  read: ReadonlyMap<number, ReadVolts>,
  index: number,
): ReadVolts {
  const own = read.get(index);
  if (path.shape === 'ring') {
    if (own) return own;
    const sides = [-1, 1]
      .map((step) => nearestRead(path, read, index, step))
      .filter((it) => it !== undefined);
    return [0, sides.length > 0 ? Math.max(...sides.map(([, high]) => high)) : Infinity];
  }
  const away = index === path.feed ? [-1, 1] : [Math.sign(index - path.feed)];
  const beyond = away
    .map((step) => nearestRead(path, read, index, step))
    .filter((it) => it !== undefined);
  const least = Math.max(0, ...beyond.map(([low]) => low));
  const nearer =
    index === path.feed ? undefined : nearestRead(path, read, index, Math.sign(path.feed - index));
  const [low, high] = own ?? [0, nearer?.[1] ?? Infinity];
  return [Math.max(low, least), Math.max(high, least)];
}

/** The first reading that way; on an open line not past the feed, where another branch begins. */
function nearestRead(
  { bays, shape, feed }: LinePath,
  read: ReadonlyMap<number, ReadVolts>,
  from: number,
  step: number,
): ReadVolts | undefined {
  for (let gone = 1; gone < bays.length; gone += 1) {
    const at = from + step * gone;
    const found = read.get(shape === 'ring' ? (at + bays.length) % bays.length : at);
    if (found) return found;
    if (shape === 'open' && at === feed) return undefined;
  }
  return undefined;
}
