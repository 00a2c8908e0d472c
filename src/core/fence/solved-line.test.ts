import fc from 'fast-check';
import { lusolve, zeros, type Matrix } from 'mathjs';
import '../tests/setup';
import { describedFence, moistCase, pathOf, seven, type Strung } from '../tests/fenced';
import { grounds } from '../tables/fence-ground';
import { fenceWires } from '../tables/fence-wires';
import { touching } from '../tables/shocking';
import { networkOf } from './line-network';
import { solve, withLeak, type Network } from './network';
import { solveLine } from './solved-line';
import { sourceOf } from './source';
import { believedLine } from './reaching';

const source = { open: 7, within: 200 };

/** The line with one leak of 300 Ω, as the network itself has it. */
function withOneLeak(wire: 'steel-2' | 'polywire-3', bay: number) {
  const path = pathOf({ bays: 14, round: 19.4 });
  const { network, earth } = networkOf(path, { ...seven, wire }, source, moistCase);
  const { volts } = solve({
    ...network,
    leaks: [...network.leaks, { node: bay, ohms: 300 }],
  });
  return { volts: volts.slice(0, 14), stake: volts[earth] ?? 0 };
}

test('by hand: 300 Ω on a steel line of 7 kV behind 200 Ω and 87 Ω of earth', () => {
  // I = 7000 / (200 + 300 + 87) = 11.9 A; 11.9 · 300 = 3.58 kV; 11.9 · 87 = 1.03 kV. Written out in docs/worked-example-fence.md.
  const { volts, stake } = withOneLeak('steel-2', 8);
  for (const it of volts) expect(it).toBeCloseTo(3.58, 1);
  expect(-stake).toBeCloseTo(1.03, 1);
});

test('by hand: the same on polywire of three filaments falls along the wire, and stays level beyond the leak', () => {
  const { volts } = withOneLeak('polywire-3', 8);
  expect(volts[0]).toBeCloseTo(4.0, 1);
  expect(volts[8]).toBeCloseTo(3.1, 1);
  expect(volts[13]).toBeCloseTo(3.1, 1);
  expect(volts[4]).toBeLessThan(volts[0] ?? 0);
});

/** The whole circuit another way: mesh of unknown volts and branch currents (modified nodal analysis), by another package. */
function independently({ nodes, pieces, leaks, source: fed }: Network): number[] {
  const size = nodes + 1;
  const matrix = zeros(size, size) as Matrix;
  const right = Array.from({ length: size }, () => 0);
  const add = (row: number, column: number, by: number) =>
    matrix.set([row, column], Number(matrix.get([row, column])) + by);
  for (const { from, to, ohms } of pieces) {
    add(from, from, 1 / ohms);
    add(to, to, 1 / ohms);
    add(from, to, -1 / ohms);
    add(to, from, -1 / ohms);
  }
  for (const { node, ohms } of leaks) add(node, node, 1 / ohms);
  // The source as a branch of its own: v(feed) − v(earth) + within · i = open.
  add(nodes, fed.feed, 1);
  add(nodes, fed.earth, -1);
  add(nodes, nodes, fed.within);
  add(fed.feed, nodes, -1);
  add(fed.earth, nodes, 1);
  right[nodes] = fed.open;
  const found = lusolve(matrix, right) as Matrix;
  return Array.from({ length: nodes }, (_, node) => Number(found.get([node, 0])));
}

const strung: fc.Arbitrary<Strung> = fc
  .record({
    bays: fc.integer({ min: 3, max: 20 }),
    round: fc.integer({ min: 5, max: 120 }),
    shape: fc.constantFrom('open' as const, 'ring' as const),
    wires: fc.integer({ min: 1, max: 3 }),
    touched: fc.dictionary(
      fc.integer({ min: 0, max: 19 }).map(String),
      fc.constantFrom(...touching),
    ),
    feed: fc.nat(19),
  })
  .map(({ feed, ...rest }) => ({ ...rest, feed: rest.shape === 'ring' ? 0 : feed % rest.bays }));

const line = fc.record({
  wire: fc.constantFrom(...fenceWires),
  back: fc.constantFrom('ground' as const, 'earth-wire' as const, 'mesh' as const),
  count: fc.integer({ min: 1, max: 6 }),
});

test('ladders and rings agree with the whole circuit solved another way', () => {
  fc.assert(
    fc.property(strung, line, fc.constantFrom(...grounds), (it, { wire }, ground) => {
      const { network } = networkOf(pathOf(it), { ...seven, wire }, source, {
        ...moistCase,
        ground,
      });
      const expected = independently(network);
      solve(network).volts.forEach((volts, node) => {
        expect(volts).toBeCloseTo(expected[node] ?? NaN, 6);
      });
    }),
    { numRuns: 60 },
  );
});

test('one more leak by the solved matrix is the network solved with it', () => {
  fc.assert(
    fc.property(
      strung,
      fc.nat(19),
      fc.nat(19),
      fc.constantFrom(50, 300, 5000),
      (it, a, b, ohms) => {
        const { network } = networkOf(pathOf(it), seven, source, moistCase);
        const [at, node] = [a % it.bays, b % it.bays];
        const anew = solve({ ...network, leaks: [...network.leaks, { node, ohms }] });
        expect(withLeak(solve(network), at, { node, ohms })).toBeCloseTo(anew.volts[at] ?? NaN, 6);
      },
    ),
    { numRuns: 60 },
  );
});

test('what touches more never raises the volts anywhere', () => {
  fc.assert(
    fc.property(
      strung,
      line,
      fc.nat(19),
      fc.constantFrom('dry' as const, 'wet' as const),
      fc.constantFrom(...touching),
      (it, { wire }, bay, surface, worse) => {
        const at = String(bay % it.bays);
        const before = it.touched?.[Number(at)] ?? 'nothing';
        fc.pre(touching.indexOf(worse) > touching.indexOf(before));
        const solved = (touched: Strung['touched']) =>
          solveLine(pathOf({ ...it, touched: touched ?? {} }), { ...seven, wire }, source, {
            ...moistCase,
            surface,
          });
        const [less, more] = [solved(it.touched), solved({ ...it.touched, [at]: worse })];
        more.bays.forEach(({ volts, bay: { id } }, index) => {
          // A wire down in its own bay is met by nobody there; the others of that bay may stand higher.
          if (id === `b${at}`) return;
          expect(volts).toBeLessThanOrEqual((less.bays[index]?.volts ?? 0) + 1e-9);
        });
      },
    ),
    { numRuns: 150 },
  );
});

test('more rods, and wetter ground, never lower what reaches an animal', () => {
  fc.assert(
    fc.property(strung, line, fc.boolean(), (it, { count, ...made }, plate) => {
      const reaching = (rods: number, ground: (typeof grounds)[number]) =>
        believedLine(
          pathOf(it),
          {
            ...describedFence({
              ...made,
              rods: { count: rods, length: 1200, diameter: 14, apart: 1200 },
              ...(plate ? {} : { energizer: { feed: 'battery-12', joules: 0.5 } }),
            }),
          },
          { ...moistCase, surface: 'wet', ground },
        ).map((bay) => bay.reaching);
      const best = reaching(count, 'moist');
      reaching(count + 1, 'moist').forEach((more, index) =>
        expect(more).toBeGreaterThanOrEqual((best[index] ?? 0) - 1e-9),
      );
      grounds.slice(1).forEach((drier, index) => {
        const wetter = reaching(count, grounds[index] ?? 'wet');
        reaching(count, drier).forEach((less, bay) =>
          expect(less).toBeLessThanOrEqual((wetter[bay] ?? 0) + 1e-9),
        );
      });
    }),
    { numRuns: 60 },
  );
});

test('a ring with one cut is a line', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 3, max: 15 }),
      fc.nat(14),
      fc.constantFrom(...touching),
      (bays, b, it) => {
        const cut = b % bays;
        const touched = { [Math.floor(bays / 2)]: it };
        const ring = pathOf({ bays, round: 30, shape: 'ring', cuts: [cut], touched });
        const turned = [...ring.bays.slice(cut), ...ring.bays.slice(0, cut)];
        const open = {
          ...ring,
          shape: 'open' as const,
          bays: turned.map((bay) => ({ ...bay, isCut: false })),
          feed: (bays - cut) % bays,
        };
        const poly = { ...seven, wire: 'polywire-3' as const };
        const byId = (path: typeof ring) =>
          new Map(
            solveLine(path, poly, source, moistCase).bays.map(({ bay, volts }) => [bay.id, volts]),
          );
        const [one, other] = [byId(ring), byId(open)];
        for (const [id, volts] of one) expect(volts).toBeCloseTo(other.get(id) ?? NaN, 6);
      },
    ),
    { numRuns: 60 },
  );
});

test('what is beyond a cut is dead', () => {
  const solved = solveLine(pathOf({ bays: 6, round: 12, cuts: [3] }), seven, source, moistCase);
  expect(solved.bays.map(({ volts }) => volts > 1)).toEqual([
    true,
    true,
    true,
    false,
    false,
    false,
  ]);
});

test('an earthed wire beside the live one bites on dry ground, where paws alone do not', () => {
  const worth = (back: 'ground' | 'earth-wire') =>
    solveLine(pathOf({ bays: 6, round: 12 }), { ...seven, back }, source, {
      ...moistCase,
      ground: 'dry',
    }).bays[0]?.worth ?? 0;
  expect(worth('ground')).toBeLessThan(0.4);
  expect(worth('earth-wire')).toBeGreaterThan(0.7);
});

test('what was read of the energizer by itself beats its plate', () => {
  expect(sourceOf({ ...describedFence(), open: { is: 5 } })).toEqual({
    open: 5,
    within: expect.closeTo(200, 6),
  });
  expect(sourceOf(describedFence())?.within).toBeCloseTo(200, 6);
});
