/** What a set of mends costs where it is paid for: whole rolls, boards and packs in a shop, or by the metre where no shop is asked. */
import type { Place } from '../../place/place';
import type { Mend } from '../../records/mend';
import type { Amount, Material } from '../catalogue';
import { quick } from '../cutting/cheapest-cutting';
import { buy } from '../shopping/shopping-list';
import { takeOff } from '../shopping/take-off';
import { costOf, quantityIn } from '../shopping/cost';
import { soldOf, unitPricesOf, type Shop } from '../shopping/shop';
import { quantityOf } from '../shopping/sold';
import { cheapestCover } from '../shopping/covering';
import type { Planning } from './build-problem';
import type { PlanProblem } from './problem';

/** Sets by the places of their candidates. */
export interface Till {
  /** Whether whole rolls and packs are paid for. */
  readonly isShop: boolean;
  /** Hundredths of money; never less with one mend more. */
  readonly cost: (chosen: readonly number[]) => number;
  /** Less than that no set costs, nor any that it is part of: quickly worked out. */
  readonly atLeast: (chosen: readonly number[]) => number;
  /** Whether one costs no more than another, beside whatever else is bought. */
  readonly isNoDearer: (rival: number, mend: number) => boolean;
  /** Whether a better way of cutting might come to less. */
  readonly mayBeLess: (chosen: readonly number[], cents: number) => boolean;
  /** Those of a set that are made of what no shop has in a size that does. */
  readonly notToBeHad: (chosen: readonly number[]) => readonly number[];
  /** The problem with prices that no set's sum comes below. */
  readonly least: PlanProblem;
  /** How many sets have been priced. */
  readonly priced: () => number;
  /** Plans that were found for other sums: what one search came upon no later one falls behind. */
  readonly remember: (chosen: readonly number[]) => void;
  readonly remembered: () => readonly (readonly number[])[];
}

/** By the metre: what each mend takes, added up. */
export function byTheMetre({ problem }: Pick<Planning, 'problem'>): Till {
  const cost = (chosen: readonly number[]): number =>
    chosen.reduce((sum, it) => sum + (problem.candidates[it]?.cents ?? 0), 0);
  const centsOf = (mend: number): number => problem.candidates[mend]?.cents ?? 0;
  return {
    isShop: false,
    cost,
    atLeast: cost,
    isNoDearer: (rival, mend) => centsOf(rival) <= centsOf(mend),
    mayBeLess: () => false,
    notToBeHad: () => [],
    least: problem,
    priced: () => 0,
    remember: () => undefined,
    remembered: () => [],
  };
}

/** In the keeper's shop, with what lies in the shed. What some mends take of one material is priced once. */
export function tillOf(session: Planning, shop: Shop): Till {
  const { candidates, problem } = session;
  const takers = new Map<Material, Set<number>>();
  candidates.forEach(({ takes, mend }, index) => {
    if (bought.includes(mend.state)) return;
    for (const { material } of takes) {
      takers.set(material, (takers.get(material) ?? new Set()).add(index));
    }
  });
  const bills = new Map<string, Bill>();
  // Proposals have no ids of their own yet.
  const mends = candidates.map(({ mend, id }): Mend => ({ ...mend, id }));
  const found: (readonly number[])[] = [];
  const billOf = (material: Material, chosen: readonly number[]): Bill => {
    const key = `${material} ${[...chosen].sort((a, b) => a - b).join()}`;
    const bill = bills.get(key) ?? billFor(session.ready, mends, material, chosen, shop);
    bills.set(key, bill);
    return bill;
  };
  const billsOf = (chosen: readonly number[]): Bill[] =>
    [...takers].flatMap(([material, by]) => {
      const own = chosen.filter((it) => by.has(it));
      return own.length === 0 ? [] : [billOf(material, own)];
    });
  // What nothing is told of costs what the keeper says.
  const ownOf = (chosen: readonly number[]): number =>
    chosen.reduce(
      (sum, it) =>
        sum + (candidates[it]?.takes.length === 0 ? (problem.candidates[it]?.cents ?? 0) : 0),
      0,
    );
  const summed = (chosen: readonly number[], of: (it: Bill) => number): number =>
    billsOf(chosen).reduce((sum, it) => sum + of(it), ownOf(chosen));
  return {
    isShop: true,
    cost: (chosen) => summed(chosen, ({ cents }) => cents),
    atLeast: quantitiesAtLeast(session, shop),
    isNoDearer: takesNoMore(session),
    mayBeLess: (chosen, cents) => summed(chosen, ({ lowest }) => lowest) <= cents,
    notToBeHad: (chosen) => {
      const without = new Set(billsOf(chosen).flatMap(({ notSold }) => notSold));
      return chosen.filter((it) => without.has(it));
    },
    least: { ...problem, candidates: leastOf(session, shop) },
    priced: () => bills.size,
    remember: (chosen) => found.push(chosen),
    remembered: () => found,
  };
}

/** Of one material for some mends; hundredths of money. */
interface Bill {
  readonly cents: number;
  /** No way of cutting comes to less. */
  readonly lowest: number;
  /** Places of the mends for which it is not to be had. */
  readonly notSold: readonly number[];
}

function billFor(
  ready: Place,
  all: readonly Mend[],
  material: Material,
  chosen: readonly number[],
  shop: Shop,
): Bill {
  const mends = chosen.flatMap((it) => all[it] ?? []);
  const { lines, cut, notSold } = buy(material, takeOff(ready, mends), ready, shop, quick);
  const cents = lines.reduce((sum, it) => sum + it.cents, 0);
  return {
    cents,
    lowest: cents - (cut ? cut.cutting.cents - cut.cutting.lowestCents : 0),
    notSold: notSold ? chosen.filter((it) => notSold.mends.includes(all[it]?.id ?? '')) : [],
  };
}

/** A roll costs no less than what is cut from it; what may come from the shed may cost nothing. */
function leastOf({ problem, candidates, ready }: Planning, shop: Shop): PlanProblem['candidates'] {
  const unitPrices = unitPricesOf(ready, shop);
  const inShed = new Set(shop.offcuts.map(({ material }) => material));
  return problem.candidates.map((it, index) => {
    const takes = candidates[index]?.takes.filter(({ material }) => inShed.has(material)) ?? [];
    return { ...it, cents: Math.max(0, it.cents - costOf(takes, unitPrices)) };
  });
}

const bought: readonly string[] = ['bought', 'done', 'held'];

/** Finer than this no area or length is reckoned for a bound, in what its material is reckoned by. */
const grain = 0.05;

/** By how much of each material a set takes: as many rolls, boards and packs as hold so much, however it is cut. */
function quantitiesAtLeast(
  { candidates, ready, problem }: Planning,
  shop: Shop,
): (chosen: readonly number[]) => number {
  const taken = candidates.map(({ takes, mend }) =>
    bought.includes(mend.state) ? [] : takes.map((it) => [it.material, quantityIn(it)] as const),
  );
  const covers = new Map<Material, (quantity: number) => number>();
  const coverOf = (material: Material): ((quantity: number) => number) => {
    const known = covers.get(material) ?? coverFor(material, ready, shop);
    covers.set(material, known);
    return known;
  };
  return (chosen) => {
    let cents = 0;
    const sums = new Map<Material, number>();
    for (const it of chosen) {
      if (candidates[it]?.takes.length === 0) cents += problem.candidates[it]?.cents ?? 0;
      for (const [material, quantity] of taken[it] ?? []) {
        sums.set(material, (sums.get(material) ?? 0) + quantity);
      }
    }
    for (const [material, quantity] of sums) cents += coverOf(material)(quantity);
    return cents;
  };
}

function coverFor(
  material: Material,
  place: Planning['ready'],
  shop: Shop,
): (quantity: number) => number {
  const sold = soldOf(material, place, shop);
  const inShed = shop.offcuts
    .filter((it) => it.material === material)
    .reduce((sum, { length, width }) => sum + (length * width) / 1e6, 0);
  // Laid stone by stone, in rows: not by what it holds.
  if (sold.length === 0 || inShed > 0 || sold.some(({ size }) => size.form === 'slab')) {
    return () => 0;
  }
  const isCounted = sold.every(({ size }) => size.form === 'pack');
  const unit = isCounted ? 1 : grain;
  const known = new Map<number, number>();
  return (quantity) => {
    const wanted = isCounted ? Math.ceil(quantity - 1e-9) : Math.floor(quantity / unit);
    const cents =
      known.get(wanted) ??
      (
        cheapestCover(wanted, sold, ({ size }) => Math.ceil(quantityOf(size) / unit - 1e-9)) ?? []
      ).reduce((sum, { sold: it, count }) => sum + it.cents * count, 0);
    known.set(wanted, cents);
    return cents;
  };
}

/** Of each material no more, and no piece of it longer or higher. */
const takesNoMore =
  ({ candidates, problem }: Planning) =>
  (rival: number, mend: number): boolean => {
    const [own, other] = [candidates[rival], candidates[mend]];
    if (!own || !other) return false;
    if ((problem.candidates[rival]?.cents ?? 0) > (problem.candidates[mend]?.cents ?? 0))
      return false;
    // Each piece has one of the other's that is no smaller, and none serves twice.
    const left = [...other.takes];
    return own.takes.every((it) => {
      const like = left.findIndex(
        (theirs) => theirs.material === it.material && isNoLarger(it, theirs),
      );
      if (like >= 0) left.splice(like, 1);
      return like >= 0;
    });
  };

function isNoLarger(a: Amount, b: Amount): boolean {
  if ('count' in a || 'count' in b) return 'count' in a && 'count' in b && a.count <= b.count;
  const isCutAlike = JSON.stringify(a.cut) === JSON.stringify(b.cut);
  return isCutAlike && a.length <= b.length && (a.height ?? 0) <= (b.height ?? 0);
}
