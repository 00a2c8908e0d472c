/** Boards, battens and channel turned round (`of-lengths`), up to thirty pieces: exactly, but for cases that would take minutes. */
import { byGreed, type Found } from './by-greed';
import { sumBy, type Cutting, type Piece, type Roll, type Section } from './cutting';
import { dualBound } from './dual-bound';
import { fillingBars, fineness } from './fill-bars';
import { doNotTakeThem, type Packing } from './packing';
import { sectionOf } from './piece-sets';
import { throughSets, type CuttingLimits, type Measure, type PackRolls } from './roll-sets';
import { worthTable } from './worth-table';

/** What is left of a bar is no waste: only sets that cost less are of interest. */
export function cutByBars(
  pieces: readonly Piece[],
  stock: readonly Roll[],
  bought: readonly Roll[],
  limits: CuttingLimits,
): Cutting | undefined {
  const first = byGreed(pieces, stock, bought);
  if (!first) return undefined;
  const bars = packingBars(pieces, [...stock, ...bought]);
  const pack: PackRolls = (rolls, below, mostNodes) =>
    below < Infinity ? doNotTakeThem : bars(rolls, mostNodes);
  const measures =
    limits.withPrices && bought.length > 0
      ? [worthOf(pieces, [...stock, ...bought], bought, first)]
      : [];
  return throughSets({ pieces, stock, bought, first, atLeast: 0, measures, pack, limits });
}

/** Bars hold at the most so much by prices on the pieces: together as much as all pieces, or they do not take them. */
function worthOf(
  pieces: readonly Piece[],
  sold: readonly Roll[],
  bought: readonly Roll[],
  { cents: above }: Found,
): Measure {
  const strips = bought.map(({ width, cents }) => ({ width, costOf: () => cents }));
  const { prices } = dualBound(pieces, strips, above);
  const table = worthTable(
    pieces.map(({ width }) => width),
    sold.map(({ width }) => width),
    fineness,
  );
  table.price(prices);
  const worth = new Map(sold.map(({ width }) => [width, table.worth(0, width)]));
  return { needed: sumBy(prices, (it) => it), of: ({ width }) => worth.get(width) ?? 0 };
}

/** For these pieces, turned and the longest first: whether bars, turned, take them all. `sold`: all that there may be among the bars. */
function packingBars(
  pieces: readonly Piece[],
  sold: readonly Roll[],
): (rolls: readonly Roll[], mostNodes: number) => Packing {
  const lengths = [...new Set(sold.map(({ width }) => width))];
  const fill = fillingBars(
    pieces.map(({ width }) => width),
    lengths,
  );
  return (rolls, mostNodes) => {
    const counted = lengths.map((length) => ({
      length,
      count: rolls.filter(({ width }) => width === length).length,
    }));
    const { bars, proved, nodes } = fill(counted, mostNodes);
    if (!bars) return { packed: undefined, proved, nodes };
    const left = [...bars];
    const sections = rolls.map(({ width }): Section[] => {
      const at = left.findIndex(({ length }) => length === width);
      const [bar] = at < 0 ? [] : left.splice(at, 1);
      return bar
        ? [
            sectionOf(
              bar.pieces.flatMap((place) => pieces[place] ?? []),
              0,
            ),
          ]
        : [];
    });
    const area = bars.reduce((sum, { length }) => sum + length, 0);
    return { packed: { sections, area }, proved, nodes };
  };
}
