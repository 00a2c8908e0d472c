/** What is printed of a plan that should shut one animal out: the mends by id, or what stays open. */
import { samphireYard } from '../../../demo/samphire-yard';
import { answering } from '../mends/plan/answer';
import { buildProblem } from '../mends/plan/build-problem';
import { applyReadings } from '../records/apply-readings';
import { atOnce } from '../steps';
import { planJson, type PlanFindings } from './plan-json';

const found = applyReadings(samphireYard.place, samphireYard.walks).place;
const planning = buildProblem(found, { log: samphireYard.sightings, year: 2026 });
const limits = { cents: 2000 };
const answer = atOnce(answering(planning, limits));

type Result = NonNullable<PlanFindings['shutOut']>['result'];

const shutOut = (result: Result) =>
  planJson({
    ...{ place: found.name, date: undefined, planning, limits, answer },
    ...{ curve: { points: [], knee: 0 }, stopgaps: [] },
    shutOut: { animal: 'norway-rat', scenario: 'night-shut', result },
  }).shutOut;

const ids = planning.problem.candidates.map(({ id }) => id);

test('mends that do it, by id, with what they come to in whole packs where that is another sum', () => {
  const can = {
    can: true,
    chosen: [0, 2],
    cents: 902,
    paid: 1200,
    minutes: 35,
    nodes: 1,
  } as Result;
  expect(shutOut(can)).toEqual({
    ...{ animal: 'norway-rat', scenario: 'night-shut', can: true },
    ...{ chosen: [ids[0], ids[2]], cents: 902, wholeCents: 1200, minutes: 35, stays: [] },
  });
  expect(shutOut({ ...can, paid: 902 } as Result)).not.toHaveProperty('wholeCents');
});

test('where no mend does it nothing is bought or done, and what stays is named', () => {
  const stays = [{ bay: 'h1', spot: { kind: 'edges', item: 'nest-lid' } }] as const;
  expect(shutOut({ can: false, stays } as Result)).toEqual({
    ...{ animal: 'norway-rat', scenario: 'night-shut', can: false },
    ...{ chosen: [], cents: 0, minutes: 0, stays: [{ bay: 'h1', spot: 'edges nest-lid' }] },
  });
});
