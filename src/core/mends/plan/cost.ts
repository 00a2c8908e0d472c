/** What the things for a mend cost, mesh by the piece that is cut, not by the roll. */
import type { Amount } from '../catalogue';
import { prices } from '../catalogue/prices';

/** Hundredths of the keeper's money, each kind of thing rounded up. */
export function costOf(amounts: readonly Amount[]): number {
  return amounts.reduce((sum, amount) => sum + Math.ceil(centsOf(amount) - 1e-9), 0);
}

function centsOf(amount: Amount): number {
  const { by, cents } = prices[amount.material];
  if ('count' in amount) return cents.value * amount.count;
  const metres = amount.length / 1000;
  return by === 'square-metre'
    ? (cents.value * metres * (amount.height ?? 1000)) / 1000
    : cents.value * metres;
}
