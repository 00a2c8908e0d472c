/**
 * Kinds of places as there are many, all of our own invention, in four lands: what each is like, and what share of its flock such a
 * place is said to lose in a year. One band is published (free-range flocks, recalled from memory); the others are common practice or
 * assumptions of ours, and say so.
 */
import type { Beginning } from '../place/begin';
import type { Group, Place } from '../place/place';
import type { ShapeId } from '../place/shapes';
import type { LatchId } from '../tables/latches';
import { begun } from './begun';
import { readPlace, type States } from './read-place';

/** Share of the flock lost in a year that such a place is said to lose. */
export interface KindOfPlace {
  readonly what: string;
  readonly place: Place;
  readonly band: readonly [low: number, high: number];
  readonly source: 'published' | 'common-practice' | 'assumption';
}

interface Kind {
  readonly shape: ShapeId;
  readonly region: Beginning['region'];
  readonly where: NonNullable<Beginning['where']>;
  readonly birds: number;
  readonly kind?: Beginning['kind'];
  readonly states: States;
  /** Hours a day out of the run; where nothing is said they stay in. */
  readonly ranging?: number;
  readonly near?: Place['setting']['near'];
  readonly more?: (place: Place) => Place;
}

function built(id: string, it: Kind): Place {
  const kind = it.kind ?? 'grown';
  const { region, where, birds } = it;
  const started = begun(it.shape, { id, name: id, region, where, birds, kind });
  const read = withPopDoorsLatched(readPlace(started, it.states), it.states);
  const ranged: Place = {
    ...read,
    setting: { ...read.setting, near: it.near ?? [] },
    flock: read.flock.map((group): Group => ({
      ...group,
      ...(it.ranging && { ranging: { zone: 'outside', hours: it.ranging, watched: false } }),
    })),
  };
  return it.more?.(ranged) ?? ranged;
}

/** A slide that is latched where the house is kept well; elsewhere its own weight is all that holds it. */
function withPopDoorsLatched(place: Place, { house }: States): Place {
  const latch = house?.['latch.kind'];
  if (latch === undefined) return place;
  return {
    ...place,
    faces: place.faces.map((face) => ({
      ...face,
      bays: face.bays.map((bay) => ({
        ...bay,
        openings: bay.openings.map((opening) =>
          opening.kind === 'pop-door' && opening.latches.length === 0
            ? {
                ...opening,
                latches: [{ id: `${opening.id}-latch`, kind: { is: latch as LatchId } }],
              }
            : opening,
        ),
      })),
    })),
  };
}

/** Nothing but the house is worth the name: the run of light netting, the birds out of it all day. */
const lightRun = { 'layer.mesh': 'hex-50', 'skirt.outward': 0, 'bay.fixing': 'staples' } as const;
const soundHouse = {
  'layer.mesh': 'solid-board',
  'layer.clear': 0,
  'skirt.outward': 0,
  'ground.floor': 'solid-board',
  'latch.kind': 'clip',
} as const;

const tight: States = { run: { 'layer.mesh': 'welded-13' }, house: soundHouse };
const runOfLightNetting: States = {
  run: { ...lightRun, 'ground.gap': 30 },
  house: { ...soundHouse, 'bay.fixing': 'screws-washers' },
};

const kinds: Readonly<
  Record<
    string,
    Kind & { readonly band: KindOfPlace['band']; readonly source: KindOfPlace['source'] }
  >
> = {
  'tight run and house in a British suburb': {
    ...{ shape: 'side-by-side', region: 'gb', where: 'suburb', birds: 6, states: tight },
    band: [0, 0.01],
    source: 'common-practice',
  },
  'tight run and house in a suburb of the Great Lakes': {
    ...{ shape: 'side-by-side', region: 'na-lakes', where: 'suburb', birds: 6, states: tight },
    band: [0, 0.01],
    source: 'common-practice',
  },
  'house on legs, tight, in a French village': {
    ...{ shape: 'raised', region: 'eu-west', where: 'village', birds: 4, states: tight },
    band: [0, 0.01],
    source: 'common-practice',
  },
  'shut house, ranging all day, on a British farm': {
    ...{ shape: 'side-by-side', region: 'gb', where: 'farm', birds: 40, states: runOfLightNetting },
    ranging: 8,
    band: [0.01, 0.06],
    source: 'published',
  },
  'shut house, ranging all day, on a Dutch farm': {
    ...{
      shape: 'side-by-side',
      region: 'eu-west',
      where: 'farm',
      birds: 60,
      states: runOfLightNetting,
    },
    ranging: 8,
    band: [0.01, 0.06],
    source: 'published',
  },
  'shut house, ranging all day, at an Appalachian woods’ edge': {
    ...{
      shape: 'side-by-side',
      region: 'na-appalachia',
      where: 'woods-edge',
      birds: 20,
      states: runOfLightNetting,
    },
    ranging: 8,
    band: [0.03, 0.25],
    source: 'assumption',
  },
  'shut house, ranging, on a farm in eastern Australia': {
    ...{
      shape: 'side-by-side',
      region: 'au-east',
      where: 'farm',
      birds: 20,
      states: runOfLightNetting,
    },
    ranging: 8,
    band: [0.01, 0.1],
    source: 'assumption',
  },
  'fenced strip, open above, with a shut house, on an Irish farm': {
    ...{ shape: 'strip', region: 'ie', where: 'farm', birds: 20 },
    states: { run: { 'layer.mesh': 'hex-50', 'skirt.outward': 0 }, house: soundHouse },
    band: [0.01, 0.12],
    source: 'assumption',
  },
  'kennel run, open above, with a shut house, in a village of the Great Lakes': {
    ...{ shape: 'kennel', region: 'na-lakes', where: 'village', birds: 8 },
    states: { run: { 'layer.mesh': 'chain-link-50', 'skirt.outward': 450 }, house: soundHouse },
    band: [0.02, 0.2],
    source: 'assumption',
  },
  'light pen moved every day on a French farm': {
    ...{ shape: 'low-box', region: 'eu-west', where: 'farm', birds: 15 },
    states: {
      run: { 'layer.mesh': 'hex-25', 'skirt.outward': 0, 'ground.weight': 45, 'ground.gap': 25 },
    },
    band: [0.05, 0.6],
    source: 'assumption',
  },
  'heavy tractor moved every day on the plains': {
    ...{ shape: 'a-frame', region: 'na-plains', where: 'farm', birds: 10 },
    states: { run: { 'layer.mesh': 'welded-25', 'skirt.outward': 300, 'ground.weight': 110 } },
    band: [0.01, 0.2],
    source: 'assumption',
  },
  'run of light netting, pop door never shut, in a British suburb': {
    ...{ shape: 'side-by-side', region: 'gb', where: 'suburb', birds: 6 },
    states: {
      run: { ...lightRun, 'opening.habit': 'never' },
      house: { ...soundHouse, 'opening.habit': 'never' },
    },
    band: [0.1, 0.7],
    source: 'common-practice',
  },
  'run of light netting with hooks, pop door never shut, in a suburb of the south-east': {
    ...{ shape: 'side-by-side', region: 'na-south-east', where: 'suburb', birds: 6 },
    states: {
      run: { ...lightRun, 'latch.kind': 'hook-and-eye', 'opening.habit': 'never' },
      house: { ...soundHouse, 'opening.habit': 'never' },
    },
    band: [0.15, 0.9],
    source: 'common-practice',
  },
  'neglected shed with a run, gaps a hand wide, in a Polish village': {
    ...{ shape: 'shed', region: 'eu-central', where: 'village', birds: 12 },
    states: {
      run: {
        ...lightRun,
        'layer.mesh': 'hex-50',
        'ground.gap': 110,
        'bay.largestHole': 120,
        'bay.condition': 'failing',
        'layer.condition': 'failing',
        'latch.kind': 'hook-and-eye',
        'opening.gap': 60,
        'opening.gapPulled': 110,
        'opening.habit': 'never',
      },
      house: { 'layer.mesh': 'solid-board', 'ground.gap': 80 },
    },
    band: [0.3, 1],
    source: 'common-practice',
  },
  'shed with gaps of an inch on a farm in New Zealand': {
    ...{ shape: 'shed', region: 'nz', where: 'farm', birds: 12 },
    states: {
      run: {
        'layer.mesh': 'welded-25',
        'ground.gap': 26,
        'opening.gap': 26,
        'opening.gapPulled': 30,
      },
      house: { ...soundHouse, 'ground.gap': 26 },
    },
    band: [0.02, 0.4],
    source: 'assumption',
  },
};

export const kindsOfPlaces: readonly KindOfPlace[] = Object.entries(kinds).map(
  ([what, { band, source, ...kind }], index) => ({
    what,
    place: built(`kind-${index + 1}`, kind),
    band,
    source,
  }),
);
