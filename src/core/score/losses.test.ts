import fc from 'fast-check';
import { samphireYard } from '../../../demo/samphire-yard';
import type { Place } from '../place/place';
import { randomPlace } from '../tests/random-place';
import { judgePen, penPlace } from '../tests/one-pen';
import { judgeAll } from './judge-all';
import { lossesOfMonth, lossesOfYear, ofFlock } from './losses';
import { usualRound } from '../nights/round-cases';
import { whereabouts } from './scenario';
import { often } from '../tests/often';

const { place, walks } = samphireYard;

test('of a flock: nobody loses more birds than there are, and few takings are all losses', () => {
  expect(ofFlock(0, 12)).toBe(0);
  expect(ofFlock(1e9, 12)).toBeCloseTo(12);
  expect(ofFlock(0.01, 12)).toBeCloseTo(0.01, 4);
  expect(ofFlock(5, 0)).toBe(0);
});

test('by hand: one stoat at an open pen takes chicks by night and by day', () => {
  // 1/60 visits a day, 15 in a thousand of them a try, at 8 chicks, six there are: 6 by night (two thirds of visits) and 6 by day (a third).
  const pen: Place = {
    ...penPlace(['stoat'], { gap: 40 }),
    setting: { region: 'eu', lives: ['stoat'], near: [] },
  };
  const { lambda, birds } = lossesOfMonth(pen, [], { date: '2026-01-10' });
  const expected = 30 * (1 / 60) * 0.015 * 6;
  expect(lambda.low).toBeCloseTo(expected, 9);
  expect(lambda.high).toBeCloseTo(expected, 9);
  expect(birds.low).toBeCloseTo(6 * (1 - Math.exp(-expected / 6)), 9);
});

test('what holds against everything loses nothing', () => {
  const { lambda, eggs, feedVisits } = lossesOfMonth(penPlace(['red-fox', 'stoat'], {}), [], {});
  expect([lambda, eggs, feedVisits]).toEqual(Array(3).fill({ low: 0, high: 0 }));
});

test('a year is its months: seasons and winter boards count as they come', () => {
  const open = penPlace(['stoat'], { mesh: 'welded-25' });
  const year = lossesOfYear(open, [], {}, 2026);
  expect(year.days).toBe(365);
  // May to August half as many visits again; with young (May to July) half as many of them tries again; February and March lean.
  const plain = 31 + 30 + 30 + 31 + 30 + 31;
  const days = plain + 1.3 * (28 + 31) + 1.5 * 1.5 * (31 + 30 + 31) + 1.5 * 31;
  expect(year.lambda.low).toBeCloseTo(days * (1 / 60) * 0.015 * 6, 6);
  const boarded: Place = {
    ...open,
    faces: open.faces.map((face) => ({
      ...face,
      bays: face.bays.map((bay) => ({
        ...bay,
        bands: bay.bands.map((band) => ({
          ...band,
          layers: [
            ...band.layers,
            {
              id: `${band.id}-board`,
              mesh: { is: 'solid-board' },
              on: { from: '10-01', to: '03-31' },
            } as const,
          ],
        })),
      })),
    })),
  };
  const winter = lossesOfYear(boarded, [], {}, 2026);
  const summer = 30 + 1.5 * 1.5 * (31 + 30 + 31) + 1.5 * 31 + 30;
  expect(winter.lambda.low).toBeCloseTo(summer * (1 / 60) * 0.015 * 6, 6);
});

test('eggs and feed stand apart from birds: rats at the demo place take more eggs than bantams', () => {
  const month = lossesOfMonth(place, walks, {});
  const rat = month.animals.find(({ animal }) => animal === 'norway-rat');
  expect(rat?.eggs.low).toBeGreaterThan(10 * (rat?.birds.low ?? 0));
  expect(rat?.feedVisits.low).toBeGreaterThan(0);
  const mink = month.animals.find(({ animal }) => animal === 'american-mink');
  expect(mink?.feedVisits).toEqual({ low: 0, high: 0 });
});

test('losses add up over animals, and their range has two ends the right way round', () => {
  fc.assert(
    fc.property(randomPlace('some'), (it) => {
      const { lambda, birds, animals } = lossesOfMonth(it, [], { date: '2026-05-10' });
      for (const end of ['low', 'high'] as const) {
        const sum = animals.reduce((total, animal) => total + animal.birds[end], 0);
        expect(lambda[end]).toBeCloseTo(sum, 9);
        expect(birds[end]).toBeLessThanOrEqual(lambda[end] + 1e-9);
      }
      expect(lambda.low).toBeLessThanOrEqual(lambda.high + 1e-9);
      const count = it.flock.reduce((total, group) => total + group.count, 0);
      expect(birds.high).toBeLessThanOrEqual(count + 1e-9);
    }),
    { numRuns: often(20) },
  );
});

test('a flock told as two groups in one zone is threatened as it would be as one', () => {
  const one = penPlace(['red-fox', 'stoat'], { gap: 100 });
  const [group] = one.flock;
  if (!group) throw new Error('no birds');
  const two: Place = {
    ...one,
    flock: [
      { ...group, count: 2 },
      { ...group, id: 'rest', count: 4 },
    ],
  };
  expect(lossesOfMonth(two, [], {}).lambda.low).toBeCloseTo(
    lossesOfMonth(one, [], {}).lambda.low,
    9,
  );
});

describe('eggs and feed alone', () => {
  const [group] = penPlace([], {}).flock;
  if (!group) throw new Error('no birds');
  const hens = (lives: ('rat-snake' | 'house-mouse')[]): Place => ({
    ...penPlace(lives, { mesh: 'welded-25' }),
    flock: [{ ...group, kind: 'grown' }],
  });

  test('a snake takes hens’ eggs and no hen: eggs are lost, no bird, and it is no way in', () => {
    const place = hens(['rat-snake']);
    const { eggs, birds } = lossesOfMonth(place, [], { date: '2026-05-10' });
    expect(eggs.low).toBeGreaterThan(0);
    expect(birds).toEqual({ low: 0, high: 0 });
    const { waysIn, hold } = judgeAll(place, [])['night-shut'];
    expect(waysIn).toEqual([]);
    expect(hold.best).toBeNull();
  });

  test('mice come for feed', () => {
    const { feedVisits, eggs } = lossesOfMonth(hens(['house-mouse']), [], {});
    expect(feedVisits.low).toBeGreaterThan(0);
    expect(eggs.low).toBe(0);
  });

  test('two groups in one zone lay and eat as one', () => {
    const one = hens(['rat-snake', 'house-mouse']);
    const flock = [2, 4].map((count, index) => ({
      ...group,
      kind: 'grown' as const,
      id: `g${index}`,
      count,
    }));
    const [a, b] = [one, { ...one, flock }].map((it) =>
      lossesOfMonth(it, [], { date: '2026-05-10' }),
    );
    expect(b?.eggs.low).toBeCloseTo(a?.eggs.low ?? 0, 9);
    expect(b?.feedVisits.low).toBeCloseTo(a?.feedVisits.low ?? 0, 9);
  });

  test('chicks among hens are what a snake takes, however many hens there are', () => {
    const place: Place = {
      ...hens(['rat-snake']),
      flock: [
        { ...group, id: 'chicks' },
        { ...group, id: 'hens', kind: 'grown', count: 30 },
      ],
    };
    const [snake] = judgeAll(place, [])['night-shut'].animals;
    expect(snake?.groups.find((it) => it.group === 'chicks')?.damage).toBe(2);
  });
});

const missedBy = (it: Place): number => usualRound(it, []).missed;

describe('the evening round', () => {
  test('nobody shuts anything, nothing is missed', () => {
    expect(missedBy(penPlace([], {}))).toBe(0);
    expect(missedBy(penPlace([], { door: { latches: ['padlock'] } }))).toBe(0);
  });

  test('rounds on record move it', () => {
    expect(missedBy(place)).toBe(0.02);
    const kept = { ...place, routine: { rounds: { made: 150, missed: 0 } } };
    expect(missedBy(kept)).toBeCloseTo(0.02 / 4);
    const missed = { ...place, routine: { rounds: { made: 50, missed: 5 } } };
    expect(missedBy(missed)).toBeCloseTo((0.02 * 50 + 5) / 100);
  });
});

describe('where birds are', () => {
  test('by night where they sleep, by day in the run their pop door opens on', () => {
    expect(whereabouts(place, 'night-shut')).toMatchObject([{ zone: 'house', exposure: 1 }]);
    expect(whereabouts(place, 'day-run')).toMatchObject([{ zone: 'run', exposure: 1 }]);
    expect(whereabouts(place, 'ranging')).toEqual([]);
  });

  test('let out for six hours of twelve they are half the day in the run; somebody about keeps most away', () => {
    const flock = place.flock.map((group) => ({
      ...group,
      ranging: { zone: 'outside', hours: 6, watched: true },
    }));
    const out = { ...place, flock };
    expect(whereabouts(out, 'day-run')[0]?.exposure).toBeCloseTo(0.5);
    expect(whereabouts(out, 'ranging')[0]?.exposure).toBeCloseTo(0.5 * 0.3);
    // In the open nothing turns anything away.
    expect(judgeAll(out, walks).ranging.hold).toEqual({ best: 0, worst: 0 });
  });

  test('a zone out of use holds no birds', () => {
    const zones = place.zones.map((zone) =>
      zone.id === 'house' ? { ...zone, inUse: [{ from: '11-01', to: '02-28' }] } : zone,
    );
    const winter = { ...place, zones };
    expect(whereabouts(winter, 'night-shut', '2026-12-24')).toHaveLength(1);
    expect(whereabouts(winter, 'night-shut', '2026-06-24')).toEqual([]);
  });

  test('one that sleeps in a tree is had by what climbs or flies, though no bay lets it in; a duck by all', () => {
    const [group] = place.flock;
    if (!group) throw new Error('no birds');
    const tree = {
      ...place,
      flock: [...place.flock, { ...group, id: 'tree', count: 1, sleeps: 'outside' }],
    };
    const at = (it: typeof tree, id: string) =>
      judgeAll(it, walks)['night-shut'].animals.find(({ animal }) => animal === id);
    const cat = at(tree, 'domestic-cat');
    expect(cat?.chance).toEqual({ best: 1, worst: 1 });
    expect(cat?.groups.map(({ group: id, chance }) => [id, chance.best])).toEqual([
      ['bantams', 0],
      ['tree', 1],
    ]);
    expect(cat?.route).toBeUndefined();
    expect(at(tree, 'red-fox')?.chance).toEqual({ best: 0, worst: 0 });
    const pond = {
      ...place,
      flock: [...place.flock, { ...group, id: 'ducks', kind: 'ducks' as const, sleeps: 'outside' }],
    };
    expect(at(pond, 'red-fox')?.chance).toEqual({ best: 1, worst: 1 });
  });
});

test('an owl walks into a coop whose pop door habit leaves open (common practice)', () => {
  const { waysIn } = judgePen(['great-horned-owl'], { pipe: { bore: 300, plugged: false } });
  expect(waysIn[0]?.by[0]?.route.steps[0].by.attack).toBe('wait');
});
