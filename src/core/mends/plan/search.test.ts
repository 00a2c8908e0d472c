/** The search on random numbers alone, where ties, free mends and odd exclusions are common: against every set there is. */
import fc from 'fast-check';
import { atOnce } from '../../steps';
import { everySet, randomProblem, sumOf } from '../../tests/random-problem';
import { planning } from './best-plan';
import { leastToReach, reachOf, servedBy, waysThatStay } from './bound';
import { chosenOf, making, noChoice, type Choice } from './choice';
import { dominated, without } from './dominance';
import { leastCost } from './least-cost';
import { distanceWith, lossWith } from './loss';
import type { PlanProblem, Term } from './problem';
import { startOf } from './start';

const cents = fc.constantFrom(0, 1, 100, 300, 500, 1200, Infinity);
const minutes = fc.constantFrom(0, 5, 30, 60, 200, Infinity);

const choiceOf = (problem: PlanProblem, set: readonly number[]): Choice =>
  set.reduce((choice, mend) => making(problem, choice, mend), noChoice(problem));

/** Sets that hold these mends and fit. */
function setsWith(problem: PlanProblem, made: readonly number[], money: number, time: number) {
  return everySet(problem).filter(
    (set) =>
      made.every((it) => set.includes(it)) &&
      sumOf(problem, set, 'cents') <= money &&
      sumOf(problem, set, 'minutes') <= time,
  );
}

test('the best plan: no set leaves fewer, and of those that leave as few none is less work', () => {
  fc.assert(
    fc.property(randomProblem, cents, minutes, (problem, money, time) => {
      const plan = atOnce(planning(problem, { cents: money, minutes: time }));
      const all = setsWith(problem, [], money, time).map((set) => ({
        loss: lossWith(problem, set),
        work: sumOf(problem, set, 'minutes'),
      }));
      const least = Math.min(...all.map(({ loss }) => loss));
      expect(plan.after).toBeCloseTo(least, 8);
      expect(plan.bound).toBeCloseTo(least, 8);
      expect(lossWith(problem, plan.chosen)).toBeCloseTo(plan.after, 8);
      expect(plan.minutes).toBe(
        Math.min(...all.filter(({ loss }) => loss <= least + 1e-9).map(({ work }) => work)),
      );
    }),
    { numRuns: 400 },
  );
});

test('a plan stopped at any moment never claims more than is true', () => {
  fc.assert(
    fc.property(randomProblem, cents, fc.integer({ min: 1, max: 200 }), (problem, money, turns) => {
      let left = turns;
      const plan = atOnce(
        planning(problem, { cents: money }, () => {
          left -= 1;
          return left > 0;
        }),
      );
      const least = Math.min(
        ...setsWith(problem, [], money, Infinity).map((set) => lossWith(problem, set)),
      );
      expect(plan.bound).toBeLessThanOrEqual(least + 1e-9);
      expect(plan.after).toBeGreaterThanOrEqual(least - 1e-9);
    }),
    { numRuns: 100 },
  );
});

test('musts are made, won’ts are not, nothing else is worse for it', () => {
  fc.assert(
    fc.property(randomProblem, cents, fc.nat(), fc.nat(), (problem, money, a, b) => {
      const count = problem.candidates.length;
      const [must, wont] = [a % count, b % count];
      if (must === wont) return;
      const limits = { cents: money, must: [`m${must}`], wont: [`m${wont}`] };
      const plan = atOnce(planning(problem, limits));
      expect(plan.chosen).toContain(must);
      expect(plan.chosen).not.toContain(wont);
      const fitting = setsWith(problem, [must], money, Infinity).filter(
        (set) => !set.includes(wont),
      );
      expect(plan.overspent).toBe(fitting.length === 0);
      if (plan.overspent) return;
      const least = Math.min(...fitting.map((set) => lossWith(problem, set)));
      expect(plan.after).toBeCloseTo(least, 8);
    }),
    { numRuns: 200 },
  );
});

test('nothing that takes longer than one mend may is made', () => {
  fc.assert(
    fc.property(randomProblem, (problem) => {
      const { chosen } = atOnce(planning(problem, { longest: 10 }));
      for (const it of chosen) expect(problem.candidates[it]?.minutes).toBeLessThanOrEqual(10);
    }),
    { numRuns: 60 },
  );
});

describe('bounds', () => {
  test('no affordable set raises a term further than is said', () => {
    fc.assert(
      fc.property(randomProblem, cents, minutes, fc.nat(), (problem, money, time, pick) => {
        const sets = setsWith(problem, [], money, time);
        const made = sets[pick % sets.length] ?? [];
        const choice = choiceOf(problem, made);
        const left = {
          cents: money - sumOf(problem, made, 'cents'),
          minutes: time - sumOf(problem, made, 'minutes'),
        };
        for (const term of problem.terms) {
          const { now, most } = reachOf(
            term,
            servedBy(term),
            { options: problem.candidates, choice, metric: 'weight' },
            left,
          );
          expect(now).toBe(distanceWith(term, choice));
          for (const set of setsWith(problem, made, money, time)) {
            expect(distanceWith(term, choiceOf(problem, set))).toBeLessThanOrEqual(most + 1e-9);
          }
        }
      }),
      { numRuns: 200 },
    );
  });

  test('no set that makes a term as long as asked is cheaper or quicker than is said', () => {
    fc.assert(
      fc.property(randomProblem, fc.constantFrom(0.02, 0.3, 1, 2, 3), (problem, level) => {
        const choice = noChoice(problem);
        for (const term of problem.terms) {
          const { least } = leastToReach(
            term,
            servedBy(term),
            { options: problem.candidates, choice, metric: 'weight' },
            level,
          );
          for (const set of everySet(problem)) {
            if (distanceWith(term, choiceOf(problem, set)) < level) continue;
            expect(sumOf(problem, set, 'cents')).toBeGreaterThanOrEqual(least.cents - 1e-6);
            expect(sumOf(problem, set, 'minutes')).toBeGreaterThanOrEqual(least.minutes - 1e-6);
          }
        }
      }),
      { numRuns: 200 },
    );
  });

  test('ways that stay are there with whatever is made', () => {
    fc.assert(
      fc.property(randomProblem, (problem) => {
        const choice = noChoice(problem);
        for (const term of problem.terms) {
          const stays = waysThatStay(
            term,
            { options: problem.candidates, choice, metric: 'weight' },
            1,
          );
          if (stays.length === 0) continue;
          for (const set of everySet(problem)) {
            expect(distanceWith(term, choiceOf(problem, set))).toBeLessThan(1);
          }
        }
      }),
      { numRuns: 150 },
    );
  });
});

test('what is left out is proved to be needed by no plan', () => {
  fc.assert(
    fc.property(randomProblem, cents, (problem, money) => {
      const dropped = dominated(problem, startOf(problem, {}));
      const smaller = without(problem, dropped);
      const least = (of: PlanProblem, sets: readonly number[][]) =>
        Math.min(...sets.map((set) => lossWith(of, set)));
      const all = setsWith(problem, [], money, Infinity);
      const kept = all.filter((set) => !set.some((it) => dropped.has(it)));
      expect(least(smaller, kept)).toBeCloseTo(least(problem, all), 9);
    }),
    { numRuns: 300 },
  );
});

test('the cheapest set that makes some terms as long as asked; undefined where none does', () => {
  fc.assert(
    fc.property(randomProblem, fc.constantFrom(0.1, 1, 1.5), fc.nat(), (problem, level, pick) => {
      const levels = new Map(
        problem.terms.flatMap((_, index) =>
          index === pick % problem.terms.length || index === 0 ? [[index, level] as const] : [],
        ),
      );
      const isEnough = (set: readonly number[]) => {
        const choice = choiceOf(problem, set);
        return [...levels].every(
          ([index, asked]) => distanceWith(problem.terms[index] as Term, choice) >= asked,
        );
      };
      const enough = everySet(problem).filter(isEnough);
      const found = atOnce(leastCost(problem, levels, 'weight'));
      if (enough.length === 0) {
        expect(found).toBeUndefined();
        return;
      }
      expect(found && isEnough(found.chosen)).toBe(true);
      expect(found?.cents).toBe(Math.min(...enough.map((set) => sumOf(problem, set, 'cents'))));
    }),
    { numRuns: 300 },
  );
});

test('making one bars what it excludes; what was made stays made', () => {
  fc.assert(
    fc.property(randomProblem, fc.nat(), (problem, pick) => {
      const mend = pick % problem.candidates.length;
      const choice = making(problem, noChoice(problem), mend);
      expect(chosenOf(choice)).toEqual([mend]);
      for (const other of problem.candidates[mend]?.excludes ?? []) expect(choice[other]).toBe(2);
    }),
    { numRuns: 60 },
  );
});
