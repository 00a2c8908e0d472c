import fc from 'fast-check';
import { jStat } from 'jstat';
import { samphireYard } from '../../../demo/samphire-yard';
import { planning } from '../mends/plan/best-plan';
import { buildProblem } from '../mends/plan/build-problem';
import { applyReadings } from '../records/apply-readings';
import type { Loss } from '../records/sighting';
import { atOnce } from '../steps';
import { animalIds, type AnimalId } from '../tables/animals';
import { lossRankOf, priorLosses } from '../tables/losing';
import {
  livedThrough,
  nothingLived,
  scalesAfter,
  timesOf,
  type Expected,
  type Lived,
  type Scales,
} from './experience';
import { judgeAll } from './judge-all';
import { lossesOfYear } from './losses';
import { bandAbout } from './scale-band';
import { scenarios } from './scenario';

const loss = (date: string, animal?: AnimalId): Loss => ({
  ...{ id: `l-${date}`, placeId: 'p', what: 'loss', date, birds: 1 },
  ...(animal && { animal }),
});
const expected = (animal: AnimalId, times: number, birds = times): Expected => ({
  animal,
  times,
  birds,
});
const lived = (years: number, losses: readonly Loss[] = [], lost = 0): Lived => ({
  years,
  lost,
  losses,
});

describe('gamma updates', () => {
  test('one animal: the mean of a gamma of shape k + n and rate k + E, prior mean 1', () => {
    // Closed form of the conjugate pair gamma and Poisson.
    const scales = scalesAfter(lived(4, [loss('2026-01-01'), loss('2026-02-01')]), [
      expected('red-fox', 0.5),
    ]);
    expect(scales['red-fox']).toBeCloseTo((priorLosses + 2) / (priorLosses + 0.5 * 4), 12);
  });

  test('several animals: independent gammas of shape k·p, all of the same rate', () => {
    const [fox, rat] = [0.9, 0.1];
    const losses = [loss('2026-01-01', 'red-fox'), loss('2026-02-01')];
    const scales = scalesAfter(lived(2, losses), [
      expected('red-fox', fox),
      expected('norway-rat', rat),
    ]);
    const rate = priorLosses + (fox + rat) * 2;
    // The loss without a name falls to each by its share of what is expected.
    expect(scales['red-fox']).toBeCloseTo((priorLosses * 0.9 + 0.9 + 1) / (0.9 * rate), 12);
    expect(scales['norway-rat']).toBeCloseTo((priorLosses * 0.1 + 0.1) / (0.1 * rate), 12);
    // Together they are the one gamma of the whole.
    const together = scales['red-fox'] * fox + scales['norway-rat'] * rat;
    expect(together).toBeCloseTo((priorLosses + 2) / rate, 12);
  });

  test('the band is the gamma’s own; of shape 1 the exponential’s closed form', () => {
    expect(jStat.gamma.inv(0.95, 1, 1)).toBeCloseTo(-Math.log(0.05), 9);
    const [low, high] = bandAbout(nothingLived, []);
    expect(low).toBeCloseTo(jStat.gamma.inv(0.05, priorLosses, 1 / priorLosses), 12);
    expect(low).toBeLessThan(0.15);
    expect(high).toBeGreaterThan(2);
    // Four losses seen: half as wide as none, and still about 1.
    const after = bandAbout(
      lived(
        2,
        ['1', '2', '3', '4'].map((day) => loss(`2026-01-0${day}`)),
      ),
      [],
    );
    expect(after[1] - after[0]).toBeLessThan((high - low) * 0.6);
    expect(after[0]).toBeLessThan(1);
    expect(after[1]).toBeGreaterThan(1);
  });

  test('birds told as a sum are as many times as such a place loses them in', () => {
    const each = [expected('red-fox', 1, 4)];
    expect(timesOf(0, each)).toBe(0);
    expect(timesOf(8, each)).toBe(2);
    expect(timesOf(1, each)).toBe(1);
  });
});

describe('what was lived through', () => {
  const walks = [{ date: '2025-06-01' }, { date: '2026-01-01' }];

  test('from the first walk on, until the keeper says since when', () => {
    expect(livedThrough({}, walks, [], '2026-06-01').years).toBeCloseTo(1, 2);
    const experience = { since: '2016-06-01', lost: 2, asOf: '2026-01-01' };
    const told = livedThrough({ experience }, walks, [], '2026-06-01');
    expect(told.years).toBeCloseTo(10, 1);
    expect(told.lost).toBe(2);
  });

  test('a loss counts once: not before its time, not where it was told already, not before it happened', () => {
    const log = [loss('2025-01-01'), loss('2025-12-01'), loss('2026-03-01')];
    const days = (it: Lived) => it.losses.map(({ date }) => date);
    expect(days(livedThrough({}, walks, log, '2026-01-15'))).toEqual(['2025-12-01']);
    const experience = { since: '2020-01-01', lost: 1, asOf: '2026-01-01' };
    expect(days(livedThrough({ experience }, walks, log, '2026-06-01'))).toEqual(['2026-03-01']);
  });

  test('nothing lived through moves nothing', () => {
    const scales = scalesAfter(nothingLived, [expected('red-fox', 2)]);
    expect(animalIds.every((id) => scales[id] === 1)).toBe(true);
    expect(livedThrough({}, [], [], '2026-06-01')).toEqual(nothingLived);
  });
});

describe('properties', () => {
  const rates = fc.array(
    fc.record({
      animal: fc.constantFrom(...animalIds),
      times: fc.double({ min: 0, max: 5, noNaN: true }),
    }),
    { minLength: 1, maxLength: 6 },
  );
  const unique = (all: readonly { animal: AnimalId; times: number }[]): Expected[] =>
    [...new Map(all.map((it) => [it.animal, it])).values()].map(({ animal, times }) =>
      expected(animal, times),
    );
  const logged = fc.array(
    fc
      .option(fc.constantFrom(...animalIds), { nil: undefined })
      .map((it) => loss('2026-01-01', it)),
    { maxLength: 5 },
  );

  test('a quiet year more raises no animal’s losses, a loss more lowers none', () => {
    fc.assert(
      fc.property(
        rates,
        logged,
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.option(fc.constantFrom(...animalIds), { nil: undefined }),
        (all, losses, years, animal) => {
          const each = unique(all);
          const now = scalesAfter(lived(years + 0.01, losses), each);
          const later = scalesAfter(lived(years + 1.01, losses), each);
          const worse = scalesAfter(
            lived(years + 0.01, [...losses, loss('2026-02-01', animal)]),
            each,
          );
          for (const id of animalIds) {
            expect(later[id]).toBeLessThanOrEqual(now[id] * (1 + 1e-9));
            expect(worse[id]).toBeGreaterThanOrEqual(now[id] * (1 - 1e-9));
          }
        },
      ),
    );
  });
});

test('ranks change at the published share of free-range flocks and round it', () => {
  expect([0, 0.005, 0.03, 0.1, 0.3, 0.9].map(lossRankOf)).toEqual([
    'next-to-none',
    'next-to-none',
    'ordinary',
    'more-than-most',
    'many',
    'most',
  ]);
});

test('the hold never moves by how it has gone, and losses do', () => {
  const { place, walks } = samphireYard;
  const date = '2026-11-26';
  const quiet = { ...place, experience: { since: '2016-01-01', lost: 0, asOf: date } };
  const nameless = [loss('2026-11-26'), loss('2026-11-26')];
  const before = judgeAll(place, walks, { date });
  const after = judgeAll(quiet, walks, { date });
  for (const scenario of scenarios) expect(after[scenario].hold).toEqual(before[scenario].hold);
  const year = (log: readonly Loss[]) => lossesOfYear(quiet, walks, { date, log }, 2026).birds.low;
  expect(year([])).toBeLessThan(lossesOfYear(place, walks, { date }, 2026).birds.low);
  expect(year(nameless)).toBeGreaterThan(year([]));
});

test('plans rank the same when only the scale changes', () => {
  const found = applyReadings(samphireYard.place, samphireYard.walks).place;
  const chosen = (scale: number) => {
    const scales = Object.fromEntries(animalIds.map((id) => [id, scale])) as Scales;
    const { problem, candidates } = buildProblem(found, { year: 2026, scales });
    return [2500, 5000, 100_000].map((cents) =>
      atOnce(planning(problem, { cents })).chosen.map((at) => candidates[at]?.id),
    );
  };
  const plain = chosen(1);
  expect(plain.some((ids) => ids.length > 0)).toBe(true);
  expect(chosen(0.2)).toEqual(plain);
  expect(chosen(5)).toEqual(plain);
});
