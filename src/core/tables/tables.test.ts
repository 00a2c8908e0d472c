import { animalIds, animals, animalsOf, usualThreats } from './animals';
import { countingFigures } from './counting';
import { coverClass } from './strength';
import { bandOf, type Figure } from './figure';
import { fixingClass, fixings, weakened } from './fixings';
import { latches } from './latches';
import { meshes } from './meshes';
import { regions } from './regions';
import { sources } from './sources';
import { soilFigures } from './soils';
import { visitsOf } from './visiting';

/** Every figure anywhere in the tables, with the path to it. */
function figuresIn(value: unknown, path: string): [path: string, figure: Figure][] {
  if (typeof value !== 'object' || value === null) return [];
  if ('mark' in value) return [[path, value as Figure]];
  return Object.entries(value).flatMap(([key, it]) => figuresIn(it, `${path}.${key}`));
}

const all = figuresIn(
  { animals, meshes, latches, fixingClass, soilFigures, coverClass, visitsOf, countingFigures },
  'tables',
);

test.each(all)('%s stands beside a source and a mark', (_path, figure) => {
  expect(sources[figure.source]).toBeTruthy();
  expect(['published', 'common-practice', 'assumption']).toContain(figure.mark);
  expect(figure.source === 'rookle').toBe(figure.mark === 'assumption');
  expect(Number.isFinite(figure.value)).toBe(true);
  const [low, high] = bandOf(figure);
  expect(low).toBeLessThanOrEqual(figure.value);
  expect(high).toBeGreaterThanOrEqual(figure.value);
});

test.each(animalIds)('%s: the stricter exclusion is never looser than the one used', (id) => {
  const { used, strict } = animals[id].exclusion;
  expect(strict.value).toBeLessThanOrEqual(used.value);
});

test('there are no raccoons or mink where none live', () => {
  expect(animalsOf('ie')).not.toContain('raccoon');
  expect(animalsOf('gb')).not.toContain('raccoon');
  expect(animalsOf('au')).not.toContain('american-mink');
  expect(animalsOf('na')).toContain('raccoon');
});

test('every region has its animals; a flock without chicks begins without those that take only chicks or feed', () => {
  for (const region of regions) {
    expect(animalsOf(region).length).toBeGreaterThan(3);
    const [grown, chicks] = [
      usualThreats(region, undefined, false),
      usualThreats(region, undefined, true),
    ];
    expect(chicks).toEqual(expect.arrayContaining(grown));
    expect(chicks).not.toContain('house-mouse');
  }
  expect(usualThreats('gb', undefined, false)).not.toContain('least-weasel');
  expect(usualThreats('gb', undefined, true)).toContain('least-weasel');
  // No snakes that matter and no least weasel in Ireland.
  expect(animalsOf('ie')).not.toContain('least-weasel');
});

test.each(animalIds)('%s: what shuts a slot is never looser than what shuts a hole', (id) => {
  const { used, slot } = animals[id].exclusion;
  expect(slot?.value ?? used.value).toBeLessThanOrEqual(used.value);
});

test('fixings stand from the strongest to the weakest, and age never strengthens them', () => {
  const classes = fixings.map((id) => fixingClass[id].value);
  expect(classes).toEqual([...classes].sort((a, b) => b - a));
  for (const strength of [1, 2, 3, 4, 5]) {
    const states = [
      weakened(strength, 'sound'),
      weakened(strength, 'worn'),
      weakened(strength, 'failing'),
    ];
    expect(states).toEqual([...states].sort((a, b) => b - a));
  }
});

test('nothing goes through sheet steel, and only bears break heavy mesh (common practice)', () => {
  for (const id of animalIds) {
    expect(animals[id].tears.breaks.value).toBeLessThan(coverClass.sheet.value);
    expect(animals[id].tears.breaks.value >= coverClass.heavyMesh.value).toBe(id === 'black-bear');
  }
});

test('birds of prey fly, and nothing that flies is counted on to climb or dig', () => {
  const flying = animalIds.filter((id) => animals[id].flies);
  expect(flying.sort()).toEqual([
    'bald-eagle',
    'coopers-hawk',
    'crow',
    'goshawk',
    'great-horned-owl',
    'red-tailed-hawk',
  ]);
  for (const id of flying) expect(animals[id].digs).toBeUndefined();
});
