import { animalIds, animals, animalsOf, livesToBeginWith } from './animals';
import { attacksNotJudged } from './attacks';
import type { Figure } from './figure';
import { latches } from './latches';
import { meshes } from './meshes';
import { sources } from './sources';

/** Every figure anywhere in the tables, with the path to it. */
function figuresIn(value: unknown, path: string): [path: string, figure: Figure][] {
  if (typeof value !== 'object' || value === null) return [];
  if ('mark' in value) return [[path, value as Figure]];
  return Object.entries(value).flatMap(([key, it]) => figuresIn(it, `${path}.${key}`));
}

const all = figuresIn({ animals, meshes, latches }, 'tables');

test.each(all)('%s stands beside a source and a mark', (_path, figure) => {
  expect(sources[figure.source]).toBeTruthy();
  expect(['published', 'common-practice', 'assumption']).toContain(figure.mark);
  expect(figure.source === 'rookle').toBe(figure.mark === 'assumption');
  expect(Number.isFinite(figure.value)).toBe(true);
});

test.each(animalIds)('%s: the stricter closure is never looser than the one used', (id) => {
  const { used, strict } = animals[id].closure;
  expect(strict.value).toBeLessThanOrEqual(used.value);
});

test('there are no raccoons or mink where none live', () => {
  expect(animalsOf('ie')).not.toContain('raccoon');
  expect(animalsOf('gb')).not.toContain('raccoon');
  expect(animalsOf('au')).not.toContain('american-mink');
  expect(animalsOf('na')).toContain('raccoon');
});

test('every region has its animals; a flock without chicks begins without those that take only chicks or feed', () => {
  for (const region of ['gb', 'ie', 'eu', 'na', 'au', 'nz'] as const) {
    expect(animalsOf(region).length).toBeGreaterThan(3);
    const [grown, chicks] = [livesToBeginWith(region, false), livesToBeginWith(region, true)];
    expect(chicks).toEqual(expect.arrayContaining(grown));
    expect(chicks).not.toContain('house-mouse');
  }
  expect(livesToBeginWith('gb', false)).not.toContain('least-weasel');
  expect(livesToBeginWith('gb', true)).toContain('least-weasel');
  // No snakes that matter and no least weasel in Ireland.
  expect(animalsOf('ie')).not.toContain('least-weasel');
});

test('attacks that are not judged are named', () => {
  expect(attacksNotJudged).toEqual(['reach', 'tear', 'climb', 'jump', 'fly', 'lift', 'wait']);
});
