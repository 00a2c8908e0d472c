/** Lines for tests: so many bays alike in a row, of whose wires and leaks a test says what it needs. */
import type { Bay, Opening, Strand } from '../place/bay';
import type { Fence, FenceLine } from '../place/fence';
import { is } from '../place/possible';
import type { LineCase } from '../fence/line-case';
import type { LineBay, LinePath } from '../fence/line-path';
import type { Touching } from '../tables/shocking';

export interface Strung {
  readonly bays: number;
  /** Metres of all of it. */
  readonly round: number;
  readonly shape?: FenceLine['shape'];
  readonly feed?: number;
  /** Wires in every bay; one where nothing is said. */
  readonly wires?: number;
  /** What touches the lowest wire, by bay; nothing elsewhere. */
  readonly touched?: Readonly<Record<number, Touching>>;
  /** Volts read, by bay. */
  readonly read?: Readonly<Record<number, number>>;
  /** Opened between the bay before and these. */
  readonly cuts?: readonly number[];
  readonly openings?: Readonly<Record<number, Opening>>;
}

export function strungBay(index: number, width: number, strung: Strung): Bay {
  const { wires = 1, touched = {}, read = {}, openings = {} } = strung;
  const opening = openings[index];
  return {
    id: `b${index}`,
    name: `Bay ${index}`,
    width,
    height: 1800,
    top: { kind: 'open' },
    bands: [],
    openings: opening ? [opening] : [],
    strands: Array.from({ length: wires }, (_, wire): Strand => ({
      id: `b${index}-${wire}`,
      height: is(150 + 150 * wire),
      standOff: is(150),
      touching: is(wire === 0 ? (touched[index] ?? 'nothing') : 'nothing'),
      ...(wire === 0 && read[index] !== undefined && { volts: is(read[index]) }),
    })),
  };
}

/** In the open, so that a path can be told without a lap. */
export function pathOf(strung: Strung): LinePath {
  const { bays: count, round, shape = 'open', feed = 0, cuts = [] } = strung;
  const width = (round * 1000) / count;
  const all = Array.from({ length: count }, (_, index): LineBay => {
    const bay = strungBay(index, width, strung);
    return {
      bay,
      wires: bay.strands,
      at: (index + 0.5) * width,
      fromBefore: index === 0 && shape === 'open' ? 0 : width,
      isCut: cuts.includes(index),
      isLive: true,
    };
  });
  const far =
    shape === 'ring'
      ? (feed + Math.floor(count / 2)) % count
      : feed > count - 1 - feed
        ? 0
        : count - 1;
  return { bays: all, shape, feed, far };
}

/** 7 kV behind 200 Ω, one rod of 1 m and 12.7 mm: 87 Ω in moist ground. */
export const seven: FenceLine = {
  energizer: { feed: 'mains', open: 7, loaded: 5 },
  wire: 'steel-2',
  shape: 'open',
  rods: { count: 1, length: 1000, diameter: 12.7, apart: 0 },
  back: 'ground',
};

export const describedFence = (more: Partial<FenceLine> = {}): Fence & { line: FenceLine } => ({
  id: 'fence',
  on: 'always',
  line: { ...seven, ...more },
});

export const moistCase: LineCase = { ground: 'moist', surface: 'dry', bound: 'best' };
