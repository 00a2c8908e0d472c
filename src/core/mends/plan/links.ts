/** The links of one term: every spot that something gets by, with what it weighs under each set of its mends. */
import { outside, type BayId, type Face, type Place, type ZoneId } from '../../place/place';
import type { BayStates, Meeting } from './bay-states';
import { birdsEnd, outsideEnd, type Link, type LinkState } from './problem';
import { least, type BySpot, type SpotWeights } from './spot-weights';

/** Makes the links of a term, bay by bay. */
export interface LinkMaker {
  readonly states: BayStates;
  /** Whether two may change together what one of them leaves as it is: both of the line. */
  readonly areOfOne: (a: number, b: number) => boolean;
  /** Places of the candidates that bear on a bay, ascending. */
  readonly mendsOf: ReadonlyMap<BayId, readonly number[]>;
  readonly excludes: (a: number, b: number) => boolean;
  /** Whether a mend is made for the spot of that key. */
  readonly isFor: (mend: number, key: string) => boolean;
  /** Whether it is about how a door stands, by day or night. */
  readonly isOfHabit: (mend: number) => boolean;
}

/** Whose term it is, and the zone of the birds. */
export interface TermCase extends Meeting {
  readonly zone: ZoneId;
}

/** Every way through or reach into a bay as a link between zones, with what it weighs by each set of its mends. */
export function linksOf(
  place: Place,
  at: TermCase,
  zones: readonly ZoneId[],
  maker: LinkMaker,
): Link[] {
  const { zone } = at;
  const end = (id: ZoneId): number => (id === outside ? outsideEnd : zones.indexOf(id));
  return place.faces.flatMap((face) =>
    face.bays.flatMap((bay) =>
      spotTables(bay.id, at, maker).flatMap(({ by, mends, states }) =>
        endsOf(face, by.way, zone, end).map(([from, to]) => ({
          bay: bay.id,
          by,
          from,
          to,
          mends,
          states,
        })),
      ),
    ),
  );
}

/** A way through joins both sides; a reach takes birds that stand on either side from the other. */
function endsOf(
  { between: [a, b] }: Face,
  way: BySpot['way'],
  zone: ZoneId,
  end: (id: ZoneId) => number,
): [from: number, to: number][] {
  if (way === 'through') {
    return [a === outside || b !== outside ? [end(a), end(b)] : [end(b), end(a)]];
  }
  return [
    ...(b === zone ? [[end(a), birdsEnd] as [number, number]] : []),
    ...(a === zone ? [[end(b), birdsEnd] as [number, number]] : []),
  ];
}

interface SpotTable {
  readonly by: BySpot;
  readonly mends: readonly number[];
  readonly states: readonly LinkState[];
}

function spotTables(
  bay: BayId,
  at: Meeting,
  { states, mendsOf, excludes, areOfOne, isFor, isOfHabit }: LinkMaker,
): SpotTable[] {
  const weights = (made: readonly number[]) => states.weights(bay, made, at);
  const mends = mendsOf.get(bay) ?? [];
  const base = weights([]);
  const alone = new Map(mends.map((mend) => [mend, weights([mend])]));
  return blocksOf(base, alone).flatMap((spots): SpotTable[] => {
    const by = firstOf(spots, [base, ...alone.values()]);
    if (!by) return [];
    const telling = mends.filter((mend) =>
      spots.some((spot) => isOther(base.get(spot), alone.get(mend)?.get(spot))),
    );
    const changes = (made: readonly number[], by: number): boolean => {
      const both = weights([...made, by].sort((a, b) => a - b));
      const before = weights(made);
      return spots.some((spot) => isOther(before.get(spot), both.get(spot)));
    };
    // A latch tells nothing while its door stands open, or falls shut and is not fastened; it does once the door is shut by day.
    const along = mends.filter((it) => isOfHabit(it) && !telling.includes(it));
    const others = [...telling, ...along];
    const meant = mends.filter(
      (it) => telling.includes(it) || spots.some((spot) => isFor(it, spot)),
    );
    const tellsWith = (mend: number, of: readonly number[]): boolean =>
      of.some((it) => it !== mend && !excludes(it, mend) && changes([it], mend));
    const own = mends.filter(
      (mend) =>
        telling.includes(mend) ||
        telling.some((it) => areOfOne(it, mend)) ||
        (meant.includes(mend) && tellsWith(mend, others)) ||
        (along.includes(mend) && tellsWith(mend, meant)),
    );
    const subsets = setsOf(own, excludes);
    const table: SpotTable = {
      by: { way: by.way, spot: by.spot },
      mends: own,
      states: subsets.map((made): LinkState => {
        const weighed = made.length === 0 ? base : weights(made);
        const parts = spots.flatMap((spot) => weighed.get(spot) ?? []);
        return {
          mask: made.reduce((mask, mend) => mask | (1 << own.indexOf(mend)), 0),
          weight: parts.reduce<number | null>((sum, it) => least(sum, it.weight), null),
          minutes: parts.reduce<number | null>((sum, it) => least(sum, it.minutes), null),
        };
      }),
    };
    return [table];
  });
}

/** The first of a block, wherever something gets by it. */
const firstOf = (
  [first = '']: readonly string[],
  all: readonly SpotWeights[],
): BySpot | undefined => all.map((weights) => weights.get(first)).find((it) => it !== undefined);

/** Spots, each alone, save where a mend at one leaves something by at another that held: those are one. */
function blocksOf(base: SpotWeights, alone: ReadonlyMap<number, SpotWeights>): string[][] {
  let blocks = [...base.keys()].map((spot) => [spot]);
  for (const after of alone.values()) {
    const worse = [...after.keys()].filter(
      (spot) => (after.get(spot)?.weight ?? Infinity) < (base.get(spot)?.weight ?? Infinity),
    );
    if (worse.length === 0) continue;
    const way = (spot: string) => (base.get(spot) ?? after.get(spot))?.way;
    for (const spot of worse) {
      const raised = [...base.keys()].filter(
        (it) => way(it) === way(spot) && isOther(base.get(it), after.get(it)),
      );
      const joined = blocks.filter((block) =>
        block.some((it) => it === spot || raised.includes(it)),
      );
      const rest = blocks.filter((block) => !joined.includes(block));
      blocks = [...rest, [...new Set([...joined.flat(), spot])]];
    }
  }
  return blocks;
}

function isOther(
  a: { readonly weight: number; readonly minutes: number | null } | undefined,
  b: { readonly weight: number; readonly minutes: number | null } | undefined,
): boolean {
  return a?.weight !== b?.weight || a?.minutes !== b?.minutes;
}

/** Every set of these that can be made together, none of them first. */
function setsOf(mends: readonly number[], excludes: (a: number, b: number) => boolean): number[][] {
  return mends.reduce<number[][]>(
    (sets, mend) => [
      ...sets,
      ...sets
        .filter((set) => !set.some((other) => excludes(other, mend)))
        .map((set) => [...set, mend]),
    ],
    [[]],
  );
}
