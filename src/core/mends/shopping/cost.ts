/** What the things for a mend cost, mesh by the piece that is cut, not by the roll. */
import type { Amount } from '../catalogue';
import { prices } from '../catalogue/prices';
import { defaultUnitPrices, type UnitPrices } from './shop';

/** Hundredths of the keeper's money, each kind of thing rounded up. */
export function costOf(
  amounts: readonly Amount[],
  unitPrices: UnitPrices = defaultUnitPrices,
): number {
  return amounts.reduce((sum, amount) => sum + Math.ceil(centsOf(amount, unitPrices) - 1e-9), 0);
}

const centsOf = (amount: Amount, unitPrices: UnitPrices): number =>
  unitPrices[amount.material] * quantityIn(amount);

/** In what its material is reckoned by: square metres, metres, pieces. */
export function quantityIn(amount: Amount): number {
  if ('count' in amount) return amount.count;
  const metres = amount.length / 1000;
  return prices[amount.material].by === 'square-metre'
    ? (metres * (amount.height ?? 1000)) / 1000
    : metres;
}
