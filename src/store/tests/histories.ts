/** What several keepers do to one place on phones of their own, for tests of joining: walks, mends, the log, prices, the place itself. */
import fc from 'fast-check';
import { firstShop } from '@/core/mends/shopping/shop';
import type { Mend, MendState } from '@/core/records/mend';
import type { LogEntry } from '@/core/records/sighting';
import type { Walk } from '@/core/records/walk';
import { aMend } from '@/core/tests/a-mend';
import { laid, type Changes } from '../changes';
import { joinedChanges } from '../join-file';
import type { Yard } from '../records';
import { stamped } from '../stamped';

/** One thing done: by which phone, how many minutes its clock is off, what, and to which of those there are. */
export interface Deed {
  readonly phone: number;
  readonly skew: number;
  readonly what: (typeof deeds)[number];
  readonly which: number;
}

const deeds = [
  'walk',
  'reading',
  'reading-undone',
  'walk-ended',
  'walk-removed',
  'mend',
  'mend-moved',
  'mend-move-undone',
  'mend-dropped',
  'entry',
  'entry-changed',
  'entry-removed',
  'name',
  'flock',
  'height',
  'price',
  'price-removed',
  'tick',
  'join',
] as const;

/** Deeds of `phones` keepers, in the order in which they are done. */
export const histories = (phones: number, longest = 40): fc.Arbitrary<readonly Deed[]> =>
  fc.array(
    fc.record({
      phone: fc.nat(phones - 1),
      skew: fc.integer({ min: -2000, max: 2000 }),
      what: fc.constantFrom(...deeds),
      which: fc.nat(1000),
    }),
    { minLength: 5, maxLength: longest },
  );

/** Every phone's state of the place after all of it. */
export function afterAll(start: Yard, phones: number, done: readonly Deed[]): readonly Yard[] {
  const yards = Array.from({ length: phones }, () => start);
  for (const [index, deed] of done.entries()) {
    const minute = Date.UTC(2026, 4, 1) / 60_000 + index * 10 + deed.skew;
    const stamp = { now: new Date(minute * 60_000).toISOString(), phone: `phone-${deed.phone}` };
    const yard = yards[deed.phone] as Yard;
    const other = yards[deed.which % phones] as Yard;
    yards[deed.phone] =
      deed.what === 'join'
        ? laid(yard, joinedChanges(yard, other, {}, stamp).changes)
        : laid(
            yard,
            stamped(yard, changeOf(yard, deed, `${deed.phone}-${index}`, stamp.now), stamp),
          );
  }
  return yards;
}

const of = <T>(all: readonly T[], which: number): T | undefined => all[which % all.length];

const withLast = <T>(all: readonly T[], change: (it: T) => T): T[] =>
  all.map((it, index) => (index === all.length - 1 ? change(it) : it));

function changeOf(yard: Yard, { what, which }: Deed, id: string, at: string): Changes {
  const { place, walks, mends, sightings } = yard;
  const shop = yard.shop ?? firstShop(place);
  const [walk, mend, entry] = [of(walks, which), of(mends, which), of(sightings, which)];
  switch (what) {
    case 'walk':
      return { walks: [{ ...newWalk, id: `walk-${id}`, placeId: place.id }] };
    case 'reading':
      return walk
        ? { walks: [{ ...walk, readings: [...walk.readings, reading(id, at, which)] }] }
        : {};
    case 'reading-undone':
      return walk ? { walks: [{ ...walk, readings: walk.readings.slice(0, -1) }] } : {};
    case 'walk-ended':
      return walk ? { walks: [{ ...walk, ended: true }] } : {};
    case 'walk-removed':
      return walk ? { removedWalks: [walk] } : {};
    case 'mend':
      return { mends: [{ ...aMend('sill-board', 'n1'), id: `mend-${id}`, placeId: place.id }] };
    case 'mend-moved':
      return mend
        ? { mends: [moved(mend, (['bought', 'planned'] as const)[which % 2] ?? 'open', at)] }
        : {};
    case 'mend-move-undone':
      return mend && mend.history.length > 1 ? { mends: [unmoved(mend)] } : {};
    case 'mend-dropped':
      return mend ? { removedMends: [mend] } : {};
    case 'entry':
      return { sightings: [{ ...quiet, id: `log-${id}`, placeId: place.id, nights: 1 + which }] };
    case 'entry-changed':
      return entry ? { sightings: [{ ...entry, date: day(which) }] } : {};
    case 'entry-removed':
      return entry ? { removedSightings: [entry] } : {};
    case 'name':
      return { place: { ...place, name: `Name ${which}` } };
    case 'flock':
      return { place: { ...place, flock: place.flock.map((it) => ({ ...it, count: which })) } };
    case 'height':
      return {
        place: {
          ...place,
          zones: withLast(place.zones, (it) => ({ ...it, height: 1000 + which })),
        },
      };
    case 'price':
      return {
        shop: {
          ...shop,
          prices: [...shop.prices.filter((it) => it.id !== priceId(which)), price(which)],
        },
      };
    case 'price-removed':
      return { shop: { ...shop, prices: shop.prices.filter((it) => it.id !== priceId(which)) } };
    case 'tick':
      return {
        shop: {
          ...shop,
          ticked: shop.ticked.includes(priceId(which))
            ? shop.ticked.filter((it) => it !== priceId(which))
            : [...shop.ticked, priceId(which)],
        },
      };
    case 'join':
      return {};
  }
}

const newWalk: Omit<Walk, 'id' | 'placeId'> = {
  date: '2026-05-01',
  kind: 'lap',
  ended: false,
  readings: [],
};
const quiet = { date: '2026-05-01', what: 'quiet-camera' } as const satisfies Partial<LogEntry>;

const day = (which: number): string => `2026-04-${String(1 + (which % 28)).padStart(2, '0')}`;
const priceId = (which: number): string => `roll-${which % 4}`;

const price = (which: number) => ({
  id: priceId(which),
  material: 'welded-13' as const,
  size: { form: 'sheet' as const, width: 600, length: 5000 },
  cents: 100 + which,
  seen: day(which),
});

const reading = (id: string, at: string, which: number): Walk['readings'][number] => ({
  id: `r-${id}`,
  item: 'n2',
  attribute: 'ground.gap',
  at,
  how: 'measured',
  value: { is: which % 60 },
});

const moved = (mend: Mend, state: MendState, at: string): Mend => ({
  ...mend,
  state,
  history: [...mend.history, { state, at }],
});

function unmoved(mend: Mend): Mend {
  const history = mend.history.slice(0, -1);
  return { ...mend, history, state: history.at(-1)?.state ?? mend.state };
}
