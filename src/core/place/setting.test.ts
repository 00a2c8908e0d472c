import { samphireYard } from '../../../demo/samphire-yard';
import { animals } from '../tables/animals';
import { usualVisits, wordFor } from '../score/visits';
import { nextOften, oftenOf, setOften, toggleThreat, toggleNear } from './setting';

const { place } = samphireYard;

test('twice the same tap changes nothing', () => {
  expect(toggleThreat(toggleThreat(place, 'stoat'), 'stoat')).toEqual(place);
  expect(toggleNear(toggleNear(place, 'water'), 'water')).toEqual(place);
});

test('lists keep the tables’ order, whatever is tapped first', () => {
  const { lives } = toggleThreat(toggleThreat(place, 'house-mouse'), 'red-fox').setting;
  expect(lives).toEqual([
    'european-badger',
    'american-mink',
    'stoat',
    'norway-rat',
    'house-mouse',
    'domestic-cat',
    'goshawk',
  ]);
});

test('a word of the keeper’s stands until it is taken back', () => {
  const weekly = setOften(place, 'stoat', 'weekly');
  expect(oftenOf(weekly, 'stoat')).toBe('weekly');
  expect(usualVisits(weekly, animals.stoat)).toBeCloseTo(1 / 7);
  expect(usualVisits(setOften(weekly, 'stoat', undefined), animals.stoat)).toBe(
    usualVisits(place, animals.stoat),
  );
});

test('tapping goes through the words and back to the tables', () => {
  const words = [undefined, 'passes', 'weekly', 'most-nights'] as const;
  words.forEach((word, index) => {
    expect(nextOften(word)).toBe(words[(index + 1) % words.length]);
  });
});

test('the word nearest to a rate', () => {
  expect([0, 1 / 60, 1 / 50, 1 / 10, 1 / 7, 0.3, 0.6, 1].map(wordFor)).toEqual([
    'never',
    'passes',
    'passes',
    'weekly',
    'weekly',
    'most-nights',
    'most-nights',
    'most-nights',
  ]);
});
