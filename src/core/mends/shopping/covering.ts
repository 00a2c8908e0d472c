/** Packs, coils and single things: the cheapest of them that come to as many as are wanted, and of equally cheap ones the fewest left over. */
import type { Sold } from './sold';

/** So many of a size that is sold. */
export interface Taken {
  readonly sold: Sold;
  readonly count: number;
}

/** `holds`: how much is in one of each; whole numbers. `undefined` where nothing is sold. */
export function cheapestCover(
  wanted: number,
  sold: readonly Sold[],
  holds: (it: Sold) => number,
): Taken[] | undefined {
  if (wanted <= 0) return [];
  if (sold.length === 0) return undefined;
  // For every amount still wanted: what it costs, and which to take first.
  const best: { cents: number; over: number; take: number }[] = [{ cents: 0, over: 0, take: -1 }];
  for (let amount = 1; amount <= wanted; amount += 1) {
    let own = { cents: Infinity, over: Infinity, take: -1 };
    sold.forEach((it, take) => {
      const rest = best[Math.max(0, amount - holds(it))];
      if (!rest) return;
      const cents = rest.cents + it.cents;
      const over = rest.over + Math.max(0, holds(it) - amount);
      if (cents < own.cents || (cents === own.cents && over < own.over))
        own = { cents, over, take };
    });
    best.push(own);
  }
  const counts = new Map<Sold, number>();
  for (let left = wanted; left > 0;) {
    const it = sold[best[left]?.take ?? -1];
    if (!it) return undefined;
    counts.set(it, (counts.get(it) ?? 0) + 1);
    left -= holds(it);
  }
  return [...counts].map(([it, count]) => ({ sold: it, count }));
}
