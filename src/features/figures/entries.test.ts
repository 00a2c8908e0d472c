import { animalIds } from '@/core/tables/animals';
import { latchIds } from '@/core/tables/latches';
import { meshIds } from '@/core/tables/meshes';
import { entries, foundEntries } from './entries';
import { entryKinds } from './entry';

it('holds every animal, mesh and latch of the tables once', () => {
  const of = (kind: string) => entries.filter((it) => it.kind === kind).map(({ id }) => id);
  expect(of('animals')).toEqual(animalIds);
  expect(of('meshes')).toEqual([...meshIds, 'wire-classes']);
  expect(of('latches')).toEqual([...latchIds, 'unlatched', 'loose-hinges']);
  for (const kind of entryKinds) expect(of(kind).length).toBeGreaterThan(0);
});

it('finds by every word, in any order, in any case', () => {
  const names = (text: string) => foundEntries(text, 'animals').map(({ id }) => id);
  expect(names('WELDED 13')).toEqual(['welded-13']);
  expect(names('fox')).toEqual(['red-fox', 'grey-fox']);
  expect(names('padlock')).toEqual(['padlock']);
  expect(names('new zealand stoat')).toEqual(['stoat']);
  expect(names('zebra')).toEqual([]);
});

it('shows one kind where nothing is looked for', () => {
  expect(foundEntries('  ', 'fixings').every(({ kind }) => kind === 'fixings')).toBe(true);
});
