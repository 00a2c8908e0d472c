import { samphireYard } from '../../../demo/samphire-yard';
import { penPlace } from '../tests/one-pen';
import { howSure } from './how-sure';
import { trend } from './trend';

const { place, walks } = samphireYard;

describe('how sure', () => {
  test('same seed, same answer; another seed draws others', () => {
    const draw = (seed: number) => howSure(place, walks, {}, { draws: 40, seed });
    expect(draw(1)).toEqual(draw(1));
    expect(draw(1).draws).toBe(40);
  });

  test('a hole that is plain stays the weakest in every draw', () => {
    const { weakest, counts } = howSure(
      penPlace(['red-fox'], { gap: 300 }),
      [],
      {},
      { draws: 50, seed: 7 },
    );
    expect(counts).toEqual([{ item: weakest, count: 50 }]);
  });

  test('a hole within the band (75 to 100 mm for a fox) is in doubt: some draws let it by, some do not', () => {
    const { counts, weakest } = howSure(
      penPlace(['red-fox'], { hole: 88 }),
      [],
      {},
      { draws: 100, seed: 7 },
    );
    // By the figure used it passes.
    expect(weakest).toBe(counts[0]?.item);
    const times = counts[0]?.count ?? 0;
    expect(times).toBeGreaterThan(10);
    expect(times).toBeLessThan(90);
  });

  test('it tells how far it is, and stops when asked', () => {
    const told: number[] = [];
    const { draws } = howSure(
      place,
      walks,
      {},
      {
        draws: 100,
        seed: 3,
        progress: (done) => {
          told.push(done);
          return done < 5;
        },
      },
    );
    expect(draws).toBe(5);
    expect(told).toEqual([1, 2, 3, 4, 5]);
  });
});

describe('trend', () => {
  const [walk] = walks;
  if (!walk) throw new Error('no walk');
  const mended = {
    ...walk,
    id: 'later',
    date: '2026-11-20',
    readings: (['ground.gap', 'ground.gapLifted'] as const).map((attribute, index) => ({
      id: `later-${index}`,
      item: 'n2',
      attribute,
      at: `2026-11-20T10:0${index}:00Z`,
      how: 'measured' as const,
      value: { is: 5 },
    })),
  };

  test('every day walked, as it was known then, on today’s threats', () => {
    const points = trend(place, [...walks, mended], {});
    expect(points.map(({ date, waysIn }) => [date, waysIn])).toEqual([
      ['2026-10-18', 2],
      ['2026-11-20', 1],
    ]);
    const [before, after] = points;
    expect(after?.hold.best).toBeGreaterThan(before?.hold.best ?? 100);
  });

  test('threats are fixed: the first point is judged for the last day’s season', () => {
    const [alone] = trend(place, walks, { date: '2026-07-01' });
    const [first] = trend(place, [...walks, mended], { date: '2026-07-01' });
    expect(first?.hold).toEqual(alone?.hold);
  });
});
