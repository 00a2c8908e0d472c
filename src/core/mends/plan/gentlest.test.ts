/** Board and mesh over the same opening: either shuts it; mesh leaves the air. */
import { atOnce } from '../../steps';
import { planningAtTill } from './plan-at-till';
import { outsideEnd, birdsEnd, type Option, type PlanProblem } from './problem';
import { byTheMetre } from './till';

const board: Option = { id: 'board', cents: 500, minutes: 20, harm: 2, excludes: [1] };
const mesh: Option = { id: 'mesh', cents: 500, minutes: 20, harm: 0.3, excludes: [0] };

function problemOf(...candidates: Option[]): PlanProblem {
  return {
    candidates,
    fixedOf: {},
    flock: { hens: 6 },
    terms: [
      {
        animal: 'stoat',
        zone: 'hut',
        scenarios: ['night-shut'],
        weight: 2,
        weightOf: { hens: 2 },
        shutFrom: 60,
        zones: ['hut'],
        links: [
          {
            bay: 'front',
            by: { spot: { kind: 'opening', item: 'vent' } } as never,
            from: outsideEnd,
            to: birdsEnd,
            mends: [0, 1],
            states: [
              { mask: 0, weight: 0.1, minutes: 0 },
              { mask: 1, weight: null, minutes: null },
              { mask: 2, weight: null, minutes: null },
            ],
          },
        ],
      },
    ],
  };
}

const chosenFrom = (...options: Option[]): string[] => {
  const problem = problemOf(...options);
  const { chosen } = atOnce(planningAtTill(problem, {}, byTheMetre({ problem })));
  return chosen.flatMap((it) => problem.candidates[it]?.id ?? []);
};

test('of two that shut it for the same, the one that harms less', () => {
  expect(chosenFrom(board, mesh)).toEqual(['mesh']);
  expect(chosenFrom({ ...mesh, excludes: [1] }, { ...board, excludes: [0] })).toEqual(['mesh']);
});

test('not for more money, nor for more work, nor where the keeper wants the other', () => {
  expect(chosenFrom(board, { ...mesh, cents: 501 })).toEqual(['board']);
  expect(chosenFrom(board, { ...mesh, minutes: 25 })).toEqual(['board']);
  const problem = problemOf(board, mesh);
  const { chosen } = atOnce(planningAtTill(problem, { must: ['board'] }, byTheMetre({ problem })));
  expect(chosen).toEqual([0]);
});
