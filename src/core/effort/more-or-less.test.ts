/** Properties over random bays: more of what keeps out never makes it easier, less of it or a wider opening never harder. */
import fc from 'fast-check';
import { allBays } from '../place/find';
import type { Bay, GroundLine, Layer, Opening } from '../place/place';
import { animals, animalIds, type Animal } from '../tables/animals';
import { latchIds } from '../tables/latches';
import { meshIds } from '../tables/meshes';
import { randomPlace } from '../tests/random-place';
import { partWeight, passableParts } from './bay-effort';
import type { Bound } from './bound';
import { doorwayOf } from './doors';
import { openingEffort } from './opening-effort';
import { minutesOfOpening, openingReason } from './pass';
import type { Doors, When } from './when';
import { often } from '../tests/often';

const doors: readonly Doors[] = ['as-habit', 'round-forgotten', 'by-day', 'ranging'];

interface Case {
  readonly bay: Bay;
  readonly animal: Animal;
  readonly bound: Bound;
  readonly when: When;
}

const cases: fc.Arbitrary<Case> = fc
  .record({
    place: randomPlace('some'),
    pick: fc.nat(),
    animal: fc.constantFrom(...animalIds).map((id) => animals[id]),
    bound: fc.constantFrom<Bound>('best', 'worst'),
    doors: fc.constantFrom(...doors),
    volts: fc.constantFrom(0, 3, 6),
  })
  .map(({ place, pick, animal, bound, doors: stand, volts }) => {
    const all = allBays(place);
    const bay = all[pick % all.length]?.bay;
    if (!bay) throw new Error('a place without bays');
    const line = { volts: { is: volts }, hoursOn: 1 };
    return { bay, animal, bound, when: { doors: stand, birds: 'about', line } };
  });

/** Of the easiest part, or of the easiest that goes all the way through; no part at all is heavier than any. */
function weight({ bay, animal, bound, when }: Case): number {
  const parts = passableParts(bay, animal, bound, when);
  return Math.min(Infinity, ...parts.map((part) => partWeight(part, animal)));
}

type Change = (bay: Bay, choice: number) => Bay;

const onOpenings =
  (change: (opening: Opening, choice: number) => Opening): Change =>
  (bay, choice) => ({ ...bay, openings: bay.openings.map((it) => change(it, choice)) });

const pick = <T>(all: readonly T[], choice: number): T => {
  const it = all[choice % all.length];
  if (it === undefined) throw new Error('nothing to pick from');
  return it;
};

/** Never easier. */
const more: Readonly<Record<string, Change>> = {
  'a latch on every door': onOpenings((it, choice) => ({
    ...it,
    latches: [...it.latches, { id: 'more', kind: { is: pick(latchIds, choice) } }],
  })),
  'one more layer in every opening': onOpenings((it, choice) => ({
    ...it,
    cover: [
      ...(it.cover ?? []),
      {
        id: 'more',
        mesh: { is: pick(meshIds, choice) },
        fixing: { is: 'staples' },
        condition: { is: 'worn' },
      },
    ],
  })),
  'one more layer on the wall': (bay, choice) => ({
    ...bay,
    bands: bay.bands.map((band) => ({
      ...band,
      layers: [...band.layers, { id: 'more', mesh: { is: pick(meshIds, choice) } }],
    })),
  }),
  'pegs and weight': (bay) => ({
    ...bay,
    ...(bay.ground?.weight && {
      ground: { ...bay.ground, weight: { is: 1000 }, pegs: { is: 1000 } },
    }),
  }),
  'mesh in the ground where there was none, of any kind': (bay, choice) => ({
    ...bay,
    ...(bay.ground && {
      ground: {
        ...bay.ground,
        skirt: {
          mesh: { is: pick(meshIds, choice) },
          depth: { is: pick([0, 150, 450], choice) },
          outward: { is: pick([150, 305, 610], choice) },
          tied: { is: 'yes' },
        },
      },
    }),
  }),
  'one more strand that touches nothing': (bay, choice) => ({
    ...bay,
    strands: [
      ...bay.strands,
      {
        id: 'more',
        height: { is: pick([90, 120, 152, 305, 457], choice) },
        standOff: { is: pick([0, 203], choice) },
        touching: { is: 'nothing' },
      },
    ],
  }),
};

/** Never harder. */
const less: Readonly<Record<string, Change>> = {
  'a wider gap round every door': onOpenings((it, choice) => ({
    ...it,
    gap: { is: 1000 },
    gapPulled: { is: 990 - (choice % 2) },
  })),
  'every opening larger': onOpenings((it, choice) => ({
    ...it,
    width: it.width + (choice % 3) * 40,
    height: it.height + (choice % 2) * 60,
  })),
  'every door standing open': onOpenings((it) => ({ ...it, habit: 'never' })),
  'nothing in any opening': onOpenings((it) => ({ ...it, cover: [] })),
  'no latch on any door': onOpenings((it) => ({ ...it, latches: [] })),
  'the cover of every opening failing': onOpenings((it) => ({
    ...it,
    ...(it.cover && {
      cover: it.cover.map((layer) => ({ ...layer, condition: { is: 'failing' as const } })),
    }),
  })),
  'a wider gap under the wall': (bay) => ({
    ...bay,
    ...(bay.ground && { ground: { ...bay.ground, gap: { is: 1000 }, gapLifted: { is: 1000 } } }),
  }),
  'a hole anyone gets through': (bay) => ({ ...bay, largestHole: { is: 1000 } }),
  'all mesh of thinner wire than it is sold with': (bay, choice) => {
    const thin = (layer: Layer): Layer => ({ ...layer, wire: { is: 0.1 + (choice % 4) * 0.1 } });
    return {
      ...bay,
      bands: bay.bands.map((band) => ({ ...band, layers: band.layers.map(thin) })),
      openings: bay.openings.map((it) => (it.cover ? { ...it, cover: it.cover.map(thin) } : it)),
    };
  },
  'no strands': (bay) => ({ ...bay, strands: [] }),
};

const nothing: NonNullable<GroundLine['skirt']> = {
  mesh: { is: 'none' },
  depth: { is: 0 },
  outward: { is: 0 },
  tied: { is: 'yes' },
};

/** What a change starts from, where it adds what may be there already. */
const without: Readonly<Record<string, (bay: Bay) => Bay>> = {
  'mesh in the ground where there was none, of any kind': (bay) => ({
    ...bay,
    ...(bay.ground && {
      ground: {
        ...bay.ground,
        skirt: nothing,
      },
    }),
  }),
};

test.each(Object.keys(more))('%s never makes it easier', (name) => {
  const change = more[name];
  const from = without[name] ?? ((bay: Bay) => bay);
  fc.assert(
    fc.property(cases, fc.nat(), (some, choice) => {
      const it = { ...some, bay: from(some.bay) };
      const after = { ...it, bay: change?.(it.bay, choice) ?? it.bay };
      expect(weight(after)).toBeGreaterThanOrEqual(weight(it) - 1e-9);
    }),
    { numRuns: often(150) },
  );
});

test.each(Object.keys(less))('%s never makes it harder', (name) => {
  const change = less[name];
  fc.assert(
    fc.property(cases, fc.nat(), (it, choice) => {
      const after = { ...it, bay: change?.(it.bay, choice) ?? it.bay };
      expect(weight(after)).toBeLessThanOrEqual(weight(it) + 1e-9);
    }),
    { numRuns: often(150) },
  );
});

test('a cover of nothing never holds: whatever fits the doorway, and gets to it, is through', () => {
  fc.assert(
    fc.property(cases, (it) => {
      const bay: Bay = {
        ...it.bay,
        strands: [],
        openings: it.bay.openings.map((opening) => ({
          ...opening,
          up: 0,
          width: 900,
          height: 900,
          cover: [{ id: 'nothing', mesh: { is: 'none' } }],
        })),
      };
      if (bay.openings.length === 0) return;
      expect(weight({ ...it, bay })).toBe(0);
    }),
    { numRuns: often(100) },
  );
});

test('no opening is got through quicker than its doorway would be with nothing in it', () => {
  fc.assert(
    fc.property(cases, fc.integer({ min: 10, max: 200 }), (it, width) => {
      for (const opening of it.bay.openings) {
        const narrow = { ...opening, width };
        const bare = minutesOfOpening(openingReason(it.animal, doorwayOf(narrow))) ?? Infinity;
        for (const { minutes } of openingEffort(narrow, it.bay, it.animal, it.bound, it.when)) {
          expect(minutes ?? Infinity).toBeGreaterThanOrEqual(bare);
        }
      }
    }),
    { numRuns: often(150) },
  );
});

test('what is left out of a file never narrows what is possible', () => {
  fc.assert(
    fc.property(
      cases,
      fc.constantFrom<keyof Bay>('panelPulled', 'largestHole', 'fixing', 'condition', 'roost'),
      (it, gone) => {
        const { [gone]: _gone, ...rest } = it.bay;
        const bay = rest as Bay;
        const at = (one: Bay, bound: Bound) => weight({ ...it, bay: one, bound });
        expect(at(bay, 'best')).toBeGreaterThanOrEqual(at(it.bay, 'best') - 1e-9);
        expect(at(bay, 'worst')).toBeLessThanOrEqual(at(it.bay, 'worst') + 1e-9);
      },
    ),
    { numRuns: often(200) },
  );
});
