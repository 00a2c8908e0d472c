/** What is said of a plan: why not, in which order, animal by animal, where the curve bends. */
import { samphireYard } from '../../../../demo/samphire-yard';
import { applyReadings } from '../../records/apply-readings';
import { setAttribute } from '../../records/set-attribute';
import { judge } from '../../score/judge';
import { atOnce } from '../../steps';
import { moveMend } from '../review';
import { ownMend } from '../own-mend';
import { answering, type NightLeft } from './answer';
import { buildProblem } from './build-problem';
import { curving, kneeOf } from './curve';
import { effortsBy } from './efforts';
import { stopgaps } from './for-tonight';
import type { Limits } from './limits';
import { lossAt, lossWith } from './loss';
import { choiceOf, orderOf } from './order';
import { noChoice } from './choice';
import { shuttingOut } from './shut-out';
import { byTheMetre } from './till';
import { worthwhile } from './worthwhile';

const found = applyReadings(samphireYard.place, samphireYard.walks).place;
const session = buildProblem(found, { log: samphireYard.sightings, year: 2026 });
const { problem } = session;
const answer = (limits: Limits, from = session) => atOnce(answering(from, limits));
const idOf = (index: number): string => problem.candidates[index]?.id ?? '';
const at = (id: string): number => problem.candidates.findIndex((it) => it.id === id);

const sill = 'sill-board ground n2';
const lid = 'door-stop edges nest-lid';
const pop = 'door-stop edges pop-door';

test('one more mend beside an open way changes nothing, and the way is named', () => {
  // A lock on a door next to a 40 mm gap changes nothing (common practice).
  const { chosen, others } = answer({ cents: 880 });
  expect(chosen).toEqual([sill]);
  // With all shut there is nothing left for a line to turn back.
  expect(answer({}).others['first-line fence line']?.kind).toBe('nothing');
  // Rats go on coming by the lid; with that shut, badgers by the other bay's short skirt.
  expect(others['slabs-along dig s3']).toMatchObject({
    kind: 'beside',
    animal: 'norway-rat',
    at: [{ bay: 'h1', spot: { kind: 'edges', item: 'nest-lid' } }],
  });
  const dig = answer({ cents: 2000 }).others['slabs-along dig s3'];
  expect(dig).toMatchObject({ kind: 'beside', animal: 'norway-rat' });
  // Rats would take most, and they gnaw through the hut’s boards in a night as well.
  expect(dig?.kind === 'beside' && dig.at[0]).toEqual({
    bay: 'h1',
    spot: { kind: 'mesh', item: 'h1-band' },
  });
});

test('every other reason there is', () => {
  const { others } = answer({ cents: 2000, longest: 100, wont: [pop] });
  const kinds = new Map(Object.entries(others).map(([id, { kind }]) => [id, kind]));
  expect(kinds.get(pop)).toBe('wont');
  expect(kinds.get('kerb-along ground n2')).toBe('too-long');
  expect(kinds.get('sill-apron ground n2')).toBe('instead');
  const short = answer({ minutes: 40 }).others;
  expect(Object.values(short).map(({ kind }) => kind)).toContain('time');
  expect(Object.values(answer({ cents: 900 }).others).map(({ kind }) => kind)).toContain('money');
});

test('the order of the work: taken one by one, nights never get worse, and what helps only together stays together', () => {
  const all = answer({}).chosen.map(at);
  const order = orderOf(problem, all);
  expect([...order].sort()).toEqual([...all].sort());
  const losses = order.map((_, index) => lossWith(problem, order.slice(0, index + 1)));
  expect(losses).toEqual([...losses].sort((a, b) => b - a));
  // The gap that three animals walk through comes before the skirts.
  expect(idOf(order[0] ?? -1)).toBe(sill);
  expect(order.slice(-2).map(idOf)).toEqual(
    expect.arrayContaining(['slabs-along dig s3', 'slabs-along dig s4']),
  );
});

test('before and after by animal are those of the judgement: shut out is neither way in nor slow way', () => {
  const { animals } = answer({ cents: 2000 });
  const ways = judge(samphireYard.place, samphireYard.walks, {
    log: samphireYard.sightings,
    date: '2026-11-26',
  });
  const comers = new Set(
    [...ways.waysIn, ...ways.slowWays].flatMap(({ by }) => by.map(({ animal }) => animal)),
  );
  const isShut = (left: NightLeft) => left !== 'way-in';
  for (const { animal, nightBefore, nightAfter, before, after } of animals) {
    if (animal === 'norway-rat' || animal === 'stoat') expect(nightBefore).toBe('way-in');
    if (!comers.has(animal)) expect(isShut(nightBefore)).toBe(true);
    expect(after).toBeLessThanOrEqual(before + 1e-9);
    if (isShut(nightBefore)) expect(isShut(nightAfter)).toBe(true);
    // Boards stay boards: given a night, a rat gnaws through them.
    if (animal === 'norway-rat') expect(nightAfter).toBe('whole-night');
  }
});

test('no flock is said to lose more than it has', () => {
  const birds = 12;
  expect(lossAt(problem, noChoice(problem))).toBeLessThanOrEqual(birds);
  expect(lossAt(problem, choiceOf(problem, answer({}).chosen.map(at)))).toBeLessThan(
    lossAt(problem, noChoice(problem)),
  );
});

test('the curve falls, its knee lies farthest from the straight line', () => {
  const { points, knee } = atOnce(curving(problem, {}, byTheMetre(session)));
  for (const [index, point] of points.slice(1).entries()) {
    expect(point.cents).toBeGreaterThan(points[index]?.cents ?? Infinity);
    expect(point.after).toBeLessThan(points[index]?.after ?? -1);
    expect(point.after - point.bound).toBeLessThan(worthwhile.value);
  }
  expect(points[knee]?.after).toBeLessThan(4);
  const straight = [0, 1, 2, 3].map((it) => ({
    cents: it * 100,
    after: it === 2 ? 1 : 9 - 3 * it,
    bound: 0,
    chosen: [],
  }));
  expect(kneeOf(straight)).toBe(2);
});

test('shutting out names what has no mend', () => {
  // A rat gnaws boards in a night: that counts as shut. Boards rotted through do not, and have no mend against teeth alone.
  const rats = atOnce(shuttingOut(problem, 'norway-rat', 'night-shut'));
  expect(rats).toMatchObject({ can: true, cents: 902 });
  const stuck = atOnce(
    shuttingOut(problem, 'norway-rat', 'night-shut', {
      wont: [lid, 'second-fastening edges nest-lid'],
    }),
  );
  expect(stuck).toEqual({
    can: false,
    stays: [{ bay: 'h1', spot: { kind: 'edges', item: 'nest-lid' } }],
  });
});

test('what is in hand is in the plan: planned at its price, bought for nothing, done without work', () => {
  const board = session.candidates[at(sill)];
  const planned = { ...(board?.mend as NonNullable<typeof board>['mend']), id: 'm1' };
  const of = (state: 'planned' | 'bought' | 'done') =>
    answer(
      { cents: 0 },
      buildProblem(found, {
        log: samphireYard.sightings,
        mends: [moveMend(planned, state, '2026-11-26')],
        year: 2026,
      }),
    );
  expect(of('planned')).toMatchObject({ overspent: true, cents: 880 });
  expect(of('bought')).toMatchObject({ overspent: false, cents: 0, minutes: 35, chosen: [sill] });
  expect(of('done')).toMatchObject({ cents: 0, minutes: 0 });
});

test('a mend of the keeper’s own is planned with by what it is said to leave', () => {
  const spot = session.spots.find((it) => it.spot.kind === 'ground' && it.spot.item === 'n2');
  const own = (leaves: number) => ({
    ...ownMend(found, spot as never, { name: 'Kerbstones', cents: 1, minutes: 1 }, leaves),
    id: 'own-1',
  });
  const chosen = (leaves: number) =>
    answer({ cents: 400 }, buildProblem(found, { mends: [own(leaves)], year: 2026 })).chosen;
  expect(chosen(10)).toContain('own-1');
  // Wide enough for a rat, a stoat and a mink all the same: of no use.
  expect(chosen(37)).not.toContain('own-1');
});

test('what a mend does to each animal’s level where it is made', () => {
  expect(effortsBy(problem, at(sill))).toEqual(
    expect.arrayContaining([
      { animal: 'american-mink', before: 0, after: null },
      { animal: 'stoat', before: 0, after: null },
      { animal: 'norway-rat', before: 0, after: null },
    ]),
  );
  const slabs = effortsBy(problem, at('slabs-along dig s3'));
  expect(slabs.find(({ animal }) => animal === 'norway-rat')).toEqual({
    animal: 'norway-rat',
    before: 60,
    after: null,
  });
});

test('for tonight: one stopgap a spot that lets something by at night', () => {
  const gaps = stopgaps(found, '2026-11-26');
  expect(gaps.map(({ mend }) => `${mend.kind} ${mend.spot.item}`)).toEqual(
    expect.arrayContaining(['sill-stones n2', 'wedge-shut nest-lid']),
  );
  const shut = setAttribute(
    setAttribute(found, 'n2', 'ground.gap', { is: 0 }),
    'n2',
    'ground.gapLifted',
    { is: 0 },
  );
  expect(stopgaps(shut, '2026-11-26').some(({ mend }) => mend.spot.item === 'n2')).toBe(false);
});
