/**
 * Which way of laying each stretch, and of joining runs at which posts, costs least at the shop: a few that treat all alike are priced,
 * and the best of them is changed stretch by stretch for as long as that spares money (local search; a width that leaves a strip beside
 * it, a panel turned, two narrow rolls in the place of a wide one that is sold by the 25 m only).
 */
import { ours } from '../../tables/assumptions';
import { firstCutting, quick, cheapestCutting } from '../cutting/cheapest-cutting';
import type { Cutting, Roll } from '../cutting/cutting';
import { divided, type CutPiece, type Division } from './divide';
import { layingsOf, seamOf, sizedBy, type Laying } from './layings';
import type { Stretch } from './stretch';

/** What a seam has to spare at the till before it is worth the tying. */
export const seamWorth = ours(
  150,
  'cents',
  'A metre of it is tied every hand’s breadth, some ten minutes’ work; nobody does it for less.',
);

/** Pieces that are laid out anew for all changes together: as many as a plan that prices hundreds of lists has time for, or as one list. */
const mostLaidOut = { quick: 500, thorough: 5000 };
/** Changes tried, at most. */
const mostChanges = 120;
/** Of those priced roughly so many are looked at closely, of long lists one: the search takes its time with each piece. */
const lookedAt = (pieces: number): number => (pieces <= 30 ? 3 : 1);

/** Pieces with how they are cut. */
export interface Divided {
  readonly pieces: readonly CutPiece[];
  readonly cutting: Cutting;
}

interface Priced {
  readonly division: Division;
  readonly pieces: readonly CutPiece[];
  /** Money, with what seams are worth. */
  readonly worth: number;
  readonly area: number;
}

/** The cheapest that is found; `undefined` where something is larger than all that is sold. */
export function bestDivision(
  stretches: readonly Stretch[],
  rolls: readonly Roll[],
  pace: keyof typeof mostLaidOut = 'thorough',
): Divided | undefined {
  const ways = stretches.map((it) => layingsOf(it, rolls));
  const priced = (division: Division): Priced[] => {
    const pieces = divided(stretches, rolls, division);
    const found = firstCutting(pieces, rolls);
    if (!found) return [];
    return [{ division, pieces, worth: found.cents + seamsOf(division), area: found.area }];
  };
  const starts = startsOf(stretches, ways, rolls).flatMap(priced).sort(inOrder);
  const [first] = starts;
  if (!first) return undefined;
  const changed = changedForLess(first, ways, priced, mostLaidOut[pace]);
  const closely = [...new Set([changed, ...starts])]
    .slice(0, lookedAt(changed.pieces.length))
    .flatMap(({ division, pieces }) => {
      const result = cheapestCutting(pieces, rolls, quick);
      if (!('cutting' in result)) return [];
      const { cutting } = result;
      const worth = cutting.cents + seamsOf(division);
      return [{ pieces, cutting, worth, area: cutting.waste }];
    });
  return closely.sort(inOrder)[0];
}

const seamsOf = ({ layings }: Division): number =>
  layings.reduce((sum, it) => sum + (seamOf(it) * seamWorth.value) / 1000, 0);

/** The cheaper one; of equally cheap ones that of fewer pieces, then of less waste. */
const inOrder = (
  a: Pick<Priced, 'worth' | 'pieces' | 'area'>,
  b: Pick<Priced, 'worth' | 'pieces' | 'area'>,
): number => a.worth - b.worth || a.pieces.length - b.pieces.length || a.area - b.area;

type Ways = readonly (readonly Laying[])[];

/**
 * All alike: on rolls up to each width, so that no wide one is bought for one panel; with the fewest seams that leaves; lying, or the
 * short or the long side along the roll; as long as each roll.
 */
function startsOf(stretches: readonly Stretch[], ways: Ways, rolls: readonly Roll[]): Division[] {
  const sizes = sizedBy(rolls);
  const lengths = [...new Set(sizes.map(({ length }) => length)), 0];
  const widths = [...new Set(sizes.map(({ width }) => width))];
  const isJoined = stretches.some(({ joints }) => joints.length > 0);
  const known = new Set<string>();
  return widths
    .flatMap((widest) => {
      const fitting = ways.map((all) => fewestUpTo(widest, all));
      return [
        fitting.flatMap((all) => all[0] ?? []),
        fitting.flatMap((all) => [...all].sort((a, b) => a.along - b.along)[0] ?? []),
        fitting.flatMap((all) => [...all].sort((a, b) => b.along - a.along)[0] ?? []),
      ];
    })
    .filter((layings) => {
      const key = JSON.stringify(layings);
      return !known.has(key) && known.add(key);
    })
    .flatMap((layings) =>
      (isJoined ? lengths : [0]).map((longest): Division => ({ longest, layings })),
    );
}

/** Of the ways on rolls no wider than that, those with the fewest seams; all ways where there is none. */
function fewestUpTo(widest: number, all: readonly Laying[]): readonly Laying[] {
  const narrow = all.filter(({ across }) => Math.max(...across) <= widest);
  const from = narrow.length > 0 ? narrow : all;
  const fewest = Math.min(...from.map(({ across }) => across.length));
  return from.filter(({ across }) => across.length === fewest);
}

/** Stretch by stretch, those of one size together and each alone, until no change spares anything. */
function changedForLess(
  first: Priced,
  ways: Ways,
  priced: (division: Division) => Priced[],
  most: number,
): Priced {
  const alike = new Map<string, number[]>();
  ways.forEach((all, at) => {
    if (all.length < 2) return;
    const key = JSON.stringify(all);
    alike.set(key, [...(alike.get(key) ?? []), at]);
  });
  const groups = [...alike.values()];
  const moves = [
    ...groups,
    ...groups.filter((it) => it.length > 1).flatMap((it) => it.map((at) => [at])),
  ];
  let best = first;
  let left = Math.min(mostChanges, most / first.pieces.length);
  for (let isBetter = true; isBetter;) {
    isBetter = false;
    for (const group of moves) {
      for (const laying of ways[group[0] ?? 0] ?? []) {
        const { longest, layings } = best.division;
        if (group.every((at) => layings[at] === laying)) continue;
        if (left < 1) return best;
        left -= 1;
        const changed = layings.map((it, at) => (group.includes(at) ? laying : it));
        const [tried] = priced({ longest, layings: changed });
        if (!tried || inOrder(tried, best) >= 0) continue;
        best = tried;
        isBetter = true;
      }
    }
  }
  return best;
}
