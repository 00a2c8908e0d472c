import fc from 'fast-check';
import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import type { Place } from '../place/place';
import { applyReadings } from '../records/apply-readings';
import { judgeAll } from '../score/judge-all';
import { scenarios } from '../score/scenario';
import { randomPlace } from '../tests/random-place';
import { answersOn } from './answers';

const date = '2026-11-26';

function expectAsJudged(place: Place): void {
  const told = answersOn({ date }, place)(place);
  const judged = judgeAll(place, [], { date });
  for (const scenario of scenarios) {
    const { waysIn, slowWays, hold } = judged[scenario];
    const named = (ways: typeof waysIn, pace: string) =>
      ways.flatMap(({ bays, by }) =>
        bays.flatMap((bay) => by.map(({ animal }) => `${bay} ${animal} ${pace}`)),
      );
    expect([...told(scenario).ways].sort()).toEqual(
      [...new Set([...named(waysIn, 'way-in'), ...named(slowWays, 'slow-way')])].sort(),
    );
    expect(told(scenario).holds).toEqual([hold.best, hold.worst]);
  }
}

test('the answers are those of the judgement: bays, animals, pace and holds, in every scenario', () => {
  for (const { place, walks } of [samphireYard, tamarackBank]) {
    expectAsJudged(applyReadings(place, walks).place);
    expectAsJudged(applyReadings(place, []).place);
  }
});

test('so they are of any place', () => {
  // As found: told what its line gives, as every place is that is asked about.
  const found = (place: Place) => expectAsJudged(applyReadings(place, []).place);
  fc.assert(fc.property(randomPlace('some'), found), { numRuns: 40 });
}, 120_000);
