/** A far cheaper plan that is nearly as good: found where there is one, and no cheaper one is as good. */
import fc from 'fast-check';
import { samphireYard } from '../../../../demo/samphire-yard';
import { applyReadings } from '../../records/apply-readings';
import { atOnce } from '../../steps';
import { everySet, randomProblem } from '../../tests/random-problem';
import { planning } from './best-plan';
import { buildProblem } from './build-problem';
import { curving } from './curve';
import { enoughInstead, farCheaper, lookingForEnough, unnoticed } from './enough';
import { lossWith } from './loss';
import { planningAtTill } from './plan-at-till';
import { byTheMetre } from './till';
import { worthwhile } from './worthwhile';

const point = (cents: number, after: number) => ({ cents, after, bound: after, chosen: [] });

test('a floor of mesh for a hundredth of a bird is not asked of anybody', () => {
  const points = [point(0, 3), point(1200, 1.14), point(1600, 1.1), point(20_000, 1.07)];
  expect(enoughInstead({ points }, { cents: 20_000, after: 1.07 })).toBe(points[1]);
});

test('nothing is said where less money loses birds, or spares little of it', () => {
  const points = [point(0, 3), point(1200, 1.2), point(1600, 1.05)];
  expect(enoughInstead({ points }, { cents: 1600, after: 1.05 })).toBeUndefined();
  const near = [point(0, 3), point(1500, 1.1), point(1600, 1.05)];
  expect(enoughInstead({ points: near }, { cents: 1600, after: 1.05 })).toBeUndefined();
});

test('on the demo it is the least sum whose best plan is nearly as good, by planning anew', () => {
  const { place, walks, sightings } = samphireYard;
  const session = buildProblem(applyReadings(place, walks).place, { log: sightings, year: 2026 });
  const curve = atOnce(curving(session.problem, {}, byTheMetre(session)));
  const best = atOnce(planning(session.problem, {}));
  const dear = { cents: best.cents, after: best.after };
  const enough = enoughInstead(curve, dear);
  const afterFor = (cents: number) => atOnce(planning(session.problem, { cents })).after;
  const isNearly = (cents: number) => afterFor(cents) - dear.after < unnoticed.value;
  const sums = curve.points.map(({ cents }) => cents);
  const least = sums.find(isNearly);
  expect(least).toBeDefined();
  expect(enough?.cents).toBe((least ?? 0) <= dear.cents * farCheaper.value ? least : undefined);
  // A hundredth less would be told.
  expect(isNearly((least ?? 0) - 1)).toBe(false);
  // Without the curve it is found as well, or next to it.
  const halved = atOnce(lookingForEnough(session.problem, {}, byTheMetre(session), dear));
  expect(halved && halved.after - dear.after).toBeLessThan(unnoticed.value);
  expect(halved && enough && halved.cents - enough.cents).toBeLessThanOrEqual(dear.cents / 20);
});

test('without the curve: nearly as good, and no set a twentieth cheaper is, against every set there is', () => {
  fc.assert(
    fc.property(randomProblem, fc.integer({ min: 0, max: 100 }), (problem, of100) => {
      const till = byTheMetre({ problem });
      const best = atOnce(planningAtTill(problem, {}, till));
      // As if the dear plan left so many: what is enough lies anywhere then.
      const after = best.after + (of100 / 100) * (lossWith(problem, []) - best.after);
      const enough = atOnce(lookingForEnough(problem, {}, till, { cents: best.paid, after }));
      const most = best.paid * farCheaper.value;
      if (enough) {
        expect(enough.cents).toBeLessThanOrEqual(most);
        expect(enough.after - after).toBeLessThan(unnoticed.value);
      }
      const cheaper = everySet(problem)
        .filter((set) => till.cost(set) < (enough ? enough.cents - best.paid / 20 : most))
        .map((set) => lossWith(problem, set));
      // Plans leave out what spares nobody a bird to speak of.
      const nearly = cheaper.filter((it) => it - after < unnoticed.value - worthwhile.value);
      expect(nearly).toEqual([]);
    }),
    { numRuns: 200 },
  );
});
