import { samphireYard } from '../../demo/samphire-yard';
import { lossesOfYear } from '../core/score/losses';
import { livedWords } from './loss-words';

const { place, walks } = samphireYard;
const of = (date: string, more: Partial<typeof place> = {}) =>
  livedWords(lossesOfYear({ ...place, ...more }, walks, { date }, 2026));

test('it is said what the losses go by: the tables, quiet time since the first walk, what the keeper told', () => {
  const day = walks[0]?.date ?? '';
  expect(of(day)).toMatch(/^By the tables alone\. They may be out by several times/);
  expect(of('2026-11-29')).toMatch(
    /^By the tables, and that nothing was logged since the first walk\./,
  );
  const told = { experience: { since: '2021-11-29', lost: 2, asOf: '2026-11-29' } };
  expect(of('2026-11-29', told)).toMatch(
    /^2 birds lost in 5 years kept like this; by the tables alone/,
  );
});
