/** Expected losses as a figure: "0.4", "2 to 5". One decimal below ten, none above. */
import type { Span } from '@/core/score/losses';

export function lossWords({ low, high }: Span): string {
  const [a, b] = [figure(low), figure(high)];
  return a === b ? a : `${a} to ${b}`;
}

const figure = (birds: number): string =>
  birds < 10 ? String(Math.round(birds * 10) / 10) : String(Math.round(birds));
