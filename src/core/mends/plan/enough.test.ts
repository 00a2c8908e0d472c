/** A far cheaper plan that is nearly as good: found where there is one, and no cheaper one is as good. */
import { samphireYard } from '../../../../demo/samphire-yard';
import { applyReadings } from '../../records/apply-readings';
import { atOnce } from '../../steps';
import { planning } from './best-plan';
import { buildProblem } from './build-problem';
import { curving } from './curve';
import { enoughInstead, farCheaper, unnoticed } from './enough';
import { byTheMetre } from './till';

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
});
