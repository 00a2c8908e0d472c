import fc from 'fast-check';
import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import type { Place } from '../place/place';
import { applyReadings } from '../records/apply-readings';
import { judgeAll } from '../score/judge-all';
import { scenarios, type Scenario } from '../score/scenario';
import { randomPlace } from '../tests/random-place';
import { samePoint } from '../tables/counting';
import { questionsOf } from '../walk/questions';
import { answersOn, type Answers } from './answers';
import { endsOf } from './ends';
import { pacesBy } from './paces-by';
import { comparison } from './same-answers';
import { withAt } from './with-at';
import { often } from '../tests/often';

const date = '2026-11-26';

/** Bay, animal and pace of every way that the judgement names, and its holds. */
function judged(place: Place) {
  const all = judgeAll(place, [], { date });
  return (scenario: Scenario) => {
    const { waysIn, slowWays, hold } = all[scenario];
    const named = (ways: typeof waysIn, pace: string) =>
      ways.flatMap(({ bays, by }) =>
        bays.flatMap((bay) => by.map(({ animal }) => `${bay} ${animal} ${pace}`)),
      );
    const ways = new Set([...named(waysIn, 'way-in'), ...named(slowWays, 'slow-way')]);
    return { ways: [...ways].sort(), holds: [hold.best, hold.worst] };
  };
}

function waysIn(told: Answers, scenario: Scenario): string[] {
  const { counted, routes, openBays } = told(scenario);
  return counted
    .flatMap((one) =>
      [...pacesBy(routes(one).best)]
        .filter(([bay, pace]) => pace === 'way-in' || !openBays().has(bay))
        .map(([bay, pace]) => `${bay} ${one.animal.id} ${pace}`),
    )
    .sort();
}

function expectAsJudged(place: Place): void {
  const told = answersOn({ date }, place)(place);
  const says = judged(place);
  for (const scenario of scenarios) {
    const { ways, holds } = says(scenario);
    expect(waysIn(told, scenario)).toEqual(ways);
    expect(told(scenario).holds()).toEqual(holds);
  }
}

/** As found: told what its line gives, as every place is that is asked about. */
const found = (place: Place): Place => applyReadings(place, []).place;

test('the answers are those of the judgement: bays, animals, pace and holds, in every scenario', () => {
  for (const { place, walks } of [samphireYard, tamarackBank]) {
    expectAsJudged(applyReadings(place, walks).place);
    expectAsJudged(found(place));
  }
});

test('so they are of any place', () => {
  fc.assert(
    fc.property(randomPlace('some'), (place) => expectAsJudged(found(place))),
    { numRuns: often(20) },
  );
}, 120_000);

test('two places are told apart where the judgement tells them apart, and only there', () => {
  const seen = { same: 0, other: 0 };
  fc.assert(
    fc.property(
      randomPlace('some'),
      fc.array(fc.tuple(fc.nat(), fc.constantFrom('best', 'worst')), {
        minLength: 2,
        maxLength: 8,
      }),
      (place, changes) => {
        const base = found(place);
        const asked = questionsOf(base).filter(({ attribute }) => endsOf(attribute));
        fc.pre(asked.length > 0);
        const told = answersOn({ date }, base);
        // One comparison for all: what it remembers of the pair before must not tell of the next.
        const isSame = comparison();
        const places = changes.map(([at, end]) =>
          withAt(base, asked.slice(at % asked.length, (at % asked.length) + 1), end as 'best'),
        );
        for (const other of places) {
          const [mine, theirs] = [judged(base), judged(other)];
          const isAlike = scenarios.every((scenario) => {
            const [one, two] = [mine(scenario), theirs(scenario)];
            return (
              one.ways.join() === two.ways.join() &&
              one.holds.every((hold, index) => isNear(hold, two.holds[index] ?? null))
            );
          });
          expect(isSame(told(base), told(other))).toBe(isAlike);
          seen[isAlike ? 'same' : 'other'] += 1;
        }
      },
    ),
    { numRuns: often(30) },
  );
  expect(Math.min(seen.same, seen.other)).toBeGreaterThan(10);
}, 120_000);

const isNear = (a: number | null, b: number | null): boolean =>
  a === null || b === null ? a === b : Math.abs(a - b) <= samePoint.value / 4;
