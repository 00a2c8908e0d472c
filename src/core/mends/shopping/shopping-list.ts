/** What has to be bought for mends, and how it is cut: whole rolls, boards and packs, for the least money, then the least waste. */
import type { Mend } from '../../records/mend';
import type { Place } from '../../place/place';
import { materials } from '../catalogue/prices';
import type { Material } from '../catalogue';
import { cheapestCutting, quick, type CuttingLimits } from '../cutting/cheapest-cutting';
import type { Cutting, Roll } from '../cutting/cutting';
import { barWidth, kerf } from './bars';
import { cheapestCover, type Taken } from './covering';
import { bestDivision, type Divided } from './best-division';
import { dividedLengths, type CutPiece } from './divide';
import { soldOf, type Offcut, type Shop } from './shop';
import type { Sold } from './sold';
import { takeOff, type Count, type Length, type TakeOff } from './take-off';

/** One line of the list. */
export interface Line extends Taken {
  readonly cents: number;
  readonly mends: readonly string[];
}

/** A material with its pieces and how they are cut. */
export interface CutMaterial {
  readonly material: Material;
  readonly pieces: readonly CutPiece[];
  readonly cutting: Cutting;
}

/** Everything that is to be bought, in hundredths of money. */
export interface ShoppingList {
  readonly lines: readonly Line[];
  readonly cut: readonly CutMaterial[];
  /** What the keeper's own mends cost, by their own word. */
  readonly own: readonly { readonly mend: string; readonly cents: number }[];
  /** To be had in no size that does. */
  readonly notSold: readonly { readonly material: Material; readonly mends: readonly string[] }[];
  readonly cents: number;
  /** No way of cutting these pieces comes to less than this in all: the same as `cents` where each is proved to be the cheapest. */
  readonly lowestCents: number;
  /** Added for what nobody foresaw, by the keeper's share. */
  readonly allowance: number;
  readonly total: number;
}

/** `found`: with readings laid over it; lengths are as they were measured. `limits`: of the search, where it has to be quick. */
export function shoppingList(
  found: Place,
  mends: readonly Mend[],
  shop: Shop,
  limits?: CuttingLimits,
): ShoppingList {
  const taken = takeOff(found, mends);
  const bought = materials.map((material) => buy(material, taken, found, shop, limits));
  const lines = bought.flatMap((it) => it.lines);
  const own = mends.flatMap(({ id, own: it }) => (it ? [{ mend: id, cents: it.cents }] : []));
  const cents = [...lines, ...own].reduce((sum, it) => sum + it.cents, 0);
  const allowance = Math.round((cents * shop.allowance) / 100);
  return {
    lines,
    cut: bought.flatMap(({ cut }) => cut ?? []),
    own,
    notSold: bought.flatMap(({ notSold }) => notSold ?? []),
    cents,
    lowestCents: bought.reduce(
      (sum, { cut }) => sum - (cut ? cut.cutting.cents - cut.cutting.lowestCents : 0),
      cents,
    ),
    allowance,
    total: cents + allowance,
  };
}

/** What is bought of one material. */
export interface Bought {
  readonly lines: readonly Line[];
  readonly cut?: CutMaterial;
  readonly notSold?: ShoppingList['notSold'][number];
}

/** One material's part of the list: it hangs on no other. */
export function buy(
  material: Material,
  taken: TakeOff,
  place: Place,
  shop: Shop,
  limits: CuttingLimits | undefined,
): Bought {
  const isOwn = (it: { readonly material: Material }): boolean => it.material === material;
  const stretches = taken.stretches.filter(isOwn);
  const lengths = taken.lengths.filter(isOwn);
  const counts = taken.counts.filter(isOwn);
  const mends = [
    ...new Set([
      ...stretches.flatMap((it) => it.mends),
      ...[...lengths, ...counts].map(({ mend }) => mend),
    ]),
  ];
  if (mends.length === 0) return { lines: [] };
  const sold = soldOf(material, place, shop);
  if (counts.length > 0) {
    const lines = counted(counts, sold, mends);
    return lines ? { lines } : { lines: [], notSold: { material, mends } };
  }
  const saw = lengths.length > 0 ? kerf.value : 0;
  const rolls = [...sold.flatMap(rollOf), ...stockOf(material, shop.offcuts)].map((it) => ({
    ...it,
    length: it.length + saw,
  }));
  const best =
    rolls.length === 0
      ? undefined
      : lengths.length > 0
        ? sawn(lengths, rolls, saw)
        : bestDivision(stretches, rolls, limits === quick ? 'quick' : 'thorough');
  if (!best) return { lines: [], notSold: { material, mends } };
  const { pieces } = best;
  const again = limits === quick ? undefined : cheapestCutting(pieces, rolls);
  const cutting = again && 'cutting' in again ? again.cutting : best.cutting;
  return { lines: linesOf(cutting, sold, mends), cut: { material, pieces, cutting } };
}

/** Boards and battens, each a saw's cut longer than it is. */
function sawn(
  lengths: readonly Length[],
  rolls: readonly Roll[],
  saw: number,
): Divided | undefined {
  const pieces = dividedLengths(lengths, rolls.map(withoutSaw(saw))).map(withSaw(saw));
  const result = cheapestCutting(pieces, rolls, quick);
  return 'cutting' in result ? { pieces, cutting: result.cutting } : undefined;
}

const withSaw =
  (saw: number) =>
  (piece: CutPiece): CutPiece => ({ ...piece, length: piece.length + saw });
const withoutSaw =
  (saw: number) =>
  (roll: Roll): Roll => ({ ...roll, length: roll.length - saw });

function rollOf({ id, size, cents }: Sold): Roll[] {
  if (size.form === 'bar') return [{ id, length: size.length, width: barWidth, cents }];
  return size.form === 'sheet' ? [{ id, length: size.length, width: size.width, cents }] : [];
}

function stockOf(material: Material, offcuts: readonly Offcut[]): Roll[] {
  return offcuts
    .filter((it) => it.material === material)
    .map(({ id, length, width }) => ({ id, length, width, cents: 0, count: 1 }));
}

function linesOf(cutting: Cutting, sold: readonly Sold[], mends: readonly string[]): Line[] {
  return sold.flatMap((it) => {
    const count = cutting.rolls.filter(({ roll }) => roll.id === it.id).length;
    return count === 0 ? [] : [{ sold: it, count, cents: count * it.cents, mends }];
  });
}

function counted(
  counts: readonly Count[],
  sold: readonly Sold[],
  mends: readonly string[],
): Line[] | undefined {
  const [first] = sold;
  const covers =
    first?.size.form === 'slab'
      ? // Slabs of one size along one wall: the cheapest size for all of it.
        sold
          .map((it) => [{ sold: it, count: counts.reduce((sum, of) => sum + slabsFor(of, it), 0) }])
          .sort((a, b) => costOf(a) - costOf(b))[0]
      : cheapestCover(
          Math.ceil(counts.reduce((sum, { count }) => sum + inUnits(count, first), 0)),
          sold,
          ({ size }) => (size.form === 'pack' ? size.count : Math.floor(size.length / 1000)),
        );
  return covers?.map((it) => ({ ...it, cents: it.count * it.sold.cents, mends }));
}

const costOf = (all: readonly Taken[]): number =>
  all.reduce((sum, { sold, count }) => sum + sold.cents * count, 0);

/** Wire is reckoned in whole metres. */
const inUnits = (count: number, sold: Sold | undefined): number =>
  sold?.size.form === 'coil' ? count / 1000 : count;

function slabsFor({ count, depth = 0 }: Count, { size }: Sold): number {
  if (size.form !== 'slab') return 0;
  const rows = size.width === undefined ? 1 : Math.max(1, Math.ceil(depth / size.width - 1e-9));
  return Math.ceil(count / size.length - 1e-9) * rows;
}
