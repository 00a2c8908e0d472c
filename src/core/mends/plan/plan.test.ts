/** Plans against brute force: every set of candidates there is, on places small enough to try them all. */
import fc from 'fast-check';
import { withUndescribed } from '../../place/undescribed';
import { samphireYard } from '../../../../demo/samphire-yard';
import { applyReadings } from '../../records/apply-readings';
import { atOnce } from '../../steps';
import { randomPlace } from '../../tests/random-place';
import { everySet, sumOf } from '../../tests/random-problem';
import { judge } from '../../score/judge';
import { lossesOfYear } from '../../score/losses';
import { scenarios } from '../../score/scenario';
import { valueOf } from '../../records/value-of';
import type { Walk } from '../../records/walk';
import { asMeant } from '../as-meant';
import { buildProblem, type Planning } from './build-problem';
import { planning } from './best-plan';
import { curving, leastOf } from './curve';
import { byTheMetre } from './till';
import { leastCost } from './least-cost';
import { distanceWith, lossWith } from './loss';
import { making, noChoice } from './choice';
import type { PlanProblem } from './problem';
import { withMends } from './with-mends';
import { often } from '../../tests/often';

const year = 2026;
const demo = applyReadings(samphireYard.place, samphireYard.walks).place;

function bruteForce(problem: PlanProblem, cents: number, minutes: number) {
  const all = everySet(problem)
    .filter(
      (set) => sumOf(problem, set, 'cents') <= cents && sumOf(problem, set, 'minutes') <= minutes,
    )
    .map((set) => ({
      loss: lossWith(problem, set),
      minutes: sumOf(problem, set, 'minutes'),
    }));
  const least = Math.min(...all.map(({ loss }) => loss));
  const work = Math.min(...all.filter(({ loss }) => loss <= least + 1e-9).map((it) => it.minutes));
  return { least, work };
}

/** The first candidates only, so that there are not too many sets. */
function reduced({ problem }: Planning, most: number): PlanProblem {
  const { candidates } = problem;
  const wont = candidates.slice(most).map((_, index) => index + most);
  return {
    ...problem,
    candidates: candidates.slice(0, most).map((it) => ({
      ...it,
      excludes: it.excludes.filter((other) => other < most),
    })),
    terms: problem.terms.map((term) => ({
      ...term,
      links: term.links.map((link) => {
        const kept = link.mends.filter((it) => !wont.includes(it));
        const gone = link.mends.reduce(
          (mask, it, bit) => (wont.includes(it) ? mask | (1 << bit) : mask),
          0,
        );
        // Candidates stand ascending in a link, so that those kept are its lowest bits.
        return {
          ...link,
          mends: kept,
          states: link.states.filter(({ mask }) => (mask & gone) === 0),
        };
      }),
    })),
  };
}

/** Mends that can be made together; of an odd draw all of one bay, where one may hide what another does. */
function someSet({ problem, candidates }: Planning, seeds: readonly number[]): number[] {
  const all = problem.candidates.map((_, index) => index);
  const [first = 0] = seeds;
  const bay = candidates[first % Math.max(1, all.length)]?.mend.bay;
  const pool = first % 2 === 0 ? all : all.filter((it) => candidates[it]?.mend.bay === bay);
  return seeds.reduce<number[]>((set, seed) => {
    const index = pool[seed % Math.max(1, pool.length)];
    const option = index === undefined ? undefined : problem.candidates[index];
    if (index === undefined || !option || set.includes(index)) return set;
    return set.some((it) => option.excludes.includes(it)) ? set : [...set, index];
  }, []);
}

const at = '2026-05-01T09:00:00Z';

const seeds = fc.array(fc.nat(), { minLength: 1, maxLength: 6 });

describe('what a set of mends leaves', () => {
  test('nothing made: the losses of the year, as the score has them', () => {
    const { problem } = buildProblem(demo, { log: samphireYard.sightings, year });
    const losses = lossesOfYear(
      samphireYard.place,
      samphireYard.walks,
      { log: samphireYard.sightings },
      year,
    );
    expect(lossWith(problem, [])).toBeCloseTo(losses.birds.low, 9);
  });

  test('any set made, where not all is read: the losses of the year of the place as it would be found', () => {
    fc.assert(
      fc.property(randomPlace('some'), seeds, (place, chosen) => {
        const planning = buildProblem(place, { year });
        const { problem, candidates, ready } = planning;
        const set = someSet(planning, chosen);
        const mends = set.flatMap((index) => candidates[index]?.mend ?? []);
        const { birds } = lossesOfYear(withMends(ready, mends), [], {}, year);
        expect(lossWith(problem, set)).toBeCloseTo(birds.low, 6);
      }),
      { numRuns: often(7) },
    );
  });

  test('made exactly as asked, as it would be found and as it is then measured: the losses are the plan’s', () => {
    fc.assert(
      fc.property(randomPlace('all'), seeds, (place, chosen) => {
        const planning = buildProblem(place, { year });
        const { problem, candidates, ready } = planning;
        const set = someSet(planning, chosen);
        const mends = set.flatMap((index) => candidates[index]?.mend ?? []);
        const made = withMends(ready, mends);
        const readings = mends
          .flatMap(({ targets }) => targets)
          .map(({ item, attribute, value }, index) => {
            const found = valueOf(made, item, attribute);
            const is = found && 'is' in found ? { is: found.is } : asMeant(value);
            const said = typeof is.is === 'number' ? { is: is.is, entered: `${is.is} mm` } : is;
            return { id: `r${index}`, item, attribute, at, how: 'measured', value: said };
          }) as Walk['readings'];
        const walk: Walk = {
          ...{ id: 'w', placeId: place.id, date: at.slice(0, 10), ended: true },
          ...{ kind: 'measure-again', readings },
        };
        const planned = lossWith(problem, set);
        expect(planned).toBeCloseTo(lossesOfYear(made, [], {}, year).birds.low, 6);
        expect(planned).toBeCloseTo(lossesOfYear(ready, [walk], {}, year).birds.low, 6);
      }),
      { numRuns: often(10) },
    );
  });

  test('no mend raises any animal’s chance, in any scenario, whichever is made first, and one not yet made changes nothing', () => {
    fc.assert(
      // As a file is read: a wall joined to a roof that is not there would be climbed by way of a net alone.
      fc.property(randomPlace('some').map(withUndescribed), seeds, (place, chosen) => {
        const planning = buildProblem(place, { year });
        const { candidates, ready } = planning;
        const mends = someSet(planning, chosen).flatMap((index) => candidates[index]?.mend ?? []);
        const after = withMends(ready, mends);
        const one = (it: typeof ready, mend: (typeof mends)[number]) => withMends(it, [mend]);
        expect([...mends].reverse().reduce(one, ready)).toEqual(mends.reduce(one, ready));
        for (const scenario of scenarios) {
          const [before, standing, then] = [place, ready, after].map((it) =>
            judge(it, [], { scenario }).animals.map(({ chance }) => chance.best),
          );
          standing?.forEach((chance, index) => {
            expect(chance).toBeCloseTo(before?.[index] ?? NaN, 12);
            expect(then?.[index]).toBeLessThanOrEqual(chance + 1e-12);
          });
        }
      }),
      { numRuns: often(14) },
    );
  });
});

describe('the best plan', () => {
  test('is that of brute force, in birds and in work, on random places and limits', () => {
    fc.assert(
      fc.property(
        randomPlace('some'),
        fc.integer({ min: 0, max: 15_000 }),
        fc.integer({ min: 0, max: 600 }),
        (place, cents, minutes) => {
          const problem = reduced(buildProblem(place, { year }), 11);
          const plan = atOnce(planning(problem, { cents, minutes }));
          const { least, work } = bruteForce(problem, cents, minutes);
          expect(plan.after).toBeCloseTo(least, 8);
          expect(plan.bound).toBeCloseTo(least, 8);
          expect(plan.minutes).toBe(work);
          expect(lossWith(problem, plan.chosen)).toBeCloseTo(plan.after, 8);
          expect(plan.cents).toBeLessThanOrEqual(cents);
        },
      ),
      { numRuns: often(7) },
    );
  });

  test('on the demo place, at every sum', () => {
    const { problem } = buildProblem(demo, { log: samphireYard.sightings, year });
    const sets = everySet(problem).map((set) => ({
      cents: sumOf(problem, set, 'cents'),
      loss: lossWith(problem, set),
    }));
    for (let cents = 0; cents <= 8000; cents += 400) {
      const least = Math.min(...sets.filter((it) => it.cents <= cents).map(({ loss }) => loss));
      expect(atOnce(planning(problem, { cents })).after).toBeCloseTo(least, 8);
    }
  });

  test('what must be made is in it, what will not be made is not; more money never does worse', () => {
    const { problem } = buildProblem(demo, { log: samphireYard.sightings, year });
    const [must, wont] = ['door-stop edges nest-lid', 'sill-board ground n2'];
    const plan = atOnce(planning(problem, { cents: 3000, must: [must ?? ''], wont: [wont ?? ''] }));
    const ids = plan.chosen.map((it) => problem.candidates[it]?.id);
    expect(ids).toContain(must);
    expect(ids).not.toContain(wont);
    const losses = [0, 500, 1000, 2000, 4000, 8000].map(
      (cents) => atOnce(planning(problem, { cents })).after,
    );
    expect(losses).toEqual([...losses].sort((a, b) => b - a));
  });

  test('must-dos beyond the budget are said to be so', () => {
    const { problem } = buildProblem(demo, { log: samphireYard.sightings, year });
    const plan = atOnce(planning(problem, { cents: 100, must: ['sill-board ground n2'] }));
    expect(plan.overspent).toBe(true);
    expect(plan.chosen).toHaveLength(1);
  });

  test('stopped early it gives what it has, and a bound that the true best keeps to', () => {
    const { problem } = buildProblem(demo, { log: samphireYard.sightings, year });
    const whole = atOnce(planning(problem, {}));
    const stopped = atOnce(planning(problem, {}, () => false));
    expect(stopped.after).toBeGreaterThanOrEqual(whole.after);
    expect(stopped.bound).toBeLessThanOrEqual(whole.after + 1e-9);
  });
});

describe('the cheapest set', () => {
  test('that makes ways as long as asked is brute force’s, on random places', () => {
    fc.assert(
      fc.property(randomPlace('some'), fc.nat(), (place, pick) => {
        const problem = reduced(buildProblem(place, { year }), 10);
        const { animal } = problem.terms[pick % Math.max(1, problem.terms.length)] ?? {};
        if (!animal) return;
        const levels = new Map(
          problem.terms.flatMap((term, index) =>
            term.animal === animal ? [[index, term.shutFrom] as const] : [],
          ),
        );
        const enough = everySet(problem).filter((set) => {
          const choice = set.reduce((it, mend) => making(problem, it, mend), noChoice(problem));
          return [...levels].every(([index, level]) => {
            const term = problem.terms[index];
            return term && distanceWith(term, choice, 'minutes') >= level;
          });
        });
        const found = atOnce(leastCost(problem, levels, 'minutes'));
        if (enough.length === 0) expect(found).toBeUndefined();
        else
          expect(found?.cents).toBe(Math.min(...enough.map((it) => sumOf(problem, it, 'cents'))));
      }),
      { numRuns: 8 },
    );
  });

  test('that changes anything: for a cent less the plan is empty', () => {
    const session = buildProblem(demo, { log: samphireYard.sightings, year });
    const { problem } = session;
    const least = leastOf(atOnce(curving(problem, {}, byTheMetre(session))));
    expect(least?.cents).toBeGreaterThan(0);
    const cents = least?.cents ?? 0;
    expect(atOnce(planning(problem, { cents: cents - 1 })).chosen).toEqual([]);
    expect(atOnce(planning(problem, { cents })).chosen).not.toEqual([]);
  });
});
