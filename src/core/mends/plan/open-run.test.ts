/** Runs open above: roofs, nets and overhangs as mends, and what measuring again asks of every mend there is. */
import { samphireYard } from '../../../../demo/samphire-yard';
import { tamarackBank } from '../../../../demo/tamarack-bank';
import { questionWords } from '../../../words/attributes';
import { applyReadings } from '../../records/apply-readings';
import { outside, type Place } from '../../place/place';
import { judge } from '../../score/judge';
import { lossesOfYear } from '../../score/losses';
import type { AnimalId } from '../../tables/animals';
import { valueOf } from '../../records/value-of';
import { questionsAgain } from '../readings-again';
import { buildProblem } from './build-problem';
import { lossWith } from './loss';
import { readyFor, withMends } from './with-mends';

const found = (file: typeof samphireYard) => applyReadings(file.place, file.walks).place;

/** Without a roof over the run; its outer walls end in nothing. */
function openAbove(place: Place, lives: readonly AnimalId[]): Place {
  const isOuter = (between: readonly string[]) =>
    between.includes(outside) && between.includes('run');
  return {
    ...place,
    setting: { ...place.setting, lives },
    faces: place.faces
      .filter(({ kind, between }) => !(kind === 'roof' && isOuter(between)))
      .map((face) => ({
        ...face,
        bays: face.bays.map((bay) =>
          face.kind === 'wall' && isOuter(face.between) ? { ...bay, top: { kind: 'open' } } : bay,
        ),
      })),
  };
}

const open = openAbove(found(samphireYard), ['goshawk', 'red-fox', 'raccoon', 'domestic-cat']);

test('a net or a roof over the run keeps the hawk out, by day; netting keeps out nothing with teeth', () => {
  const { candidates, ready } = buildProblem(open, { year: 2026 });
  const with_ = (kind: string) => {
    const mend = candidates.find(
      (it) => it.mend.kind === kind && it.mend.spot.item === 'run',
    )?.mend;
    if (!mend) throw new Error(`no ${kind}`);
    return judge(withMends(ready, [mend]), [], { scenario: 'day-run' });
  };
  const hawk = (judgement: ReturnType<typeof judge>) =>
    judgement.animals.find(({ animal }) => animal === 'goshawk')?.minutes.best;
  expect(hawk(judge(ready, [], { scenario: 'day-run' }))).toBe(0);
  expect(hawk(with_('net-over'))).toBeNull();
  expect(hawk(with_('roof-mesh'))).toBeNull();
  expect(candidates.find(({ mend }) => mend.kind === 'net-over')?.mend.stops).toEqual(['goshawk']);
});

test('roof and net exclude each other and every overhang under them', () => {
  const { candidates } = buildProblem(open, { year: 2026 });
  const roof = candidates.find(({ mend }) => mend.kind === 'roof-mesh' && mend.spot.item === 'run');
  expect(roof?.excludes).toContain('net-over top run');
  expect(roof?.excludes).toContain('overhang-out top n2');
});

test('every mend alone: the plan reckons what the judgement says of the place with it made', () => {
  const { problem, candidates, ready } = buildProblem(open, { year: 2026 });
  candidates.forEach(({ mend }, index) => {
    const { birds } = lossesOfYear(withMends(ready, [mend]), [], {}, 2026);
    expect(lossWith(problem, [index])).toBeCloseTo(birds.low, 6);
  });
});

test.each([
  ['Samphire Yard', found(samphireYard)],
  ['Tamarack Bank', found(tamarackBank)],
  ['open above', open],
])('%s: measuring again asks every reading that a mend was to change', (_name, place) => {
  for (const { mend } of buildProblem(place, { year: 2026 }).candidates) {
    const ready = readyFor(place, [mend]);
    const asked = questionsAgain(ready, mend);
    expect(asked.map(({ target }) => target)).toEqual(mend.targets);
    for (const { question, target } of asked) {
      // What it is to become is not what it was: one tap on the last reading would make it hold.
      expect(question.known).toEqual(valueOf(ready, target.item, target.attribute));
      expect(questionWords(question, ready).title.length).toBeGreaterThan(3);
    }
  }
});
