import { animalIds, animals, animalsOf, usualThreats, type AnimalId } from './animals';
import { allBut, allOf, isPartUnknown, landOf, lands, partsOf, regions } from './regions';
import { surroundings } from './surroundings';

const leaves = allOf(...lands);
/** Every region there is to choose, in every kind of surroundings. */
const everywhere = leaves.flatMap((region) =>
  surroundings.map((where) => [region, where] as const),
);

test('the large lands are told apart: North America in eight parts at least, Europe in five, Australia in four', () => {
  expect(partsOf('na').length).toBeGreaterThanOrEqual(8);
  expect(partsOf('eu').length).toBeGreaterThanOrEqual(5);
  expect(partsOf('au').length).toBeGreaterThanOrEqual(4);
  expect(leaves.filter(isPartUnknown)).toEqual([]);
  expect(regions.filter(isPartUnknown)).toEqual(['eu', 'na', 'au']);
  expect(allBut('au', 'au-tasmania')).not.toContain('au-tasmania');
  for (const region of regions) expect(lands).toContain(landOf[region]);
});

test.each(everywhere)(
  '%s, %s: nobody is named whom the table does not place there',
  (region, where) => {
    for (const withChicks of [false, true]) {
      const lives = usualThreats(region, where, withChicks);
      expect(lives.length).toBeGreaterThan(1);
      for (const id of lives) {
        expect(animals[id].regions).toContain(region);
        expect(animals[id].foundIn[where]).toBeDefined();
      }
      expect(animalsOf(region)).toEqual(expect.arrayContaining(lives));
    }
  },
);

/** What lives in towns at all: common practice. */
const townsfolk: readonly AnimalId[] = [
  'red-fox',
  'raccoon',
  'virginia-opossum',
  'striped-skunk',
  'stone-marten',
  'domestic-dog',
  'domestic-cat',
  'norway-rat',
  'roof-rat',
  'crow',
  'coopers-hawk',
  'red-tailed-hawk',
  'house-mouse',
];

test.each(leaves)('%s: in a street in town only what lives in towns', (region) => {
  for (const id of usualThreats(region, 'street', true)) expect(townsfolk).toContain(id);
});

test('a bear or a big cat only where woods begin, and only in its own country', () => {
  for (const [region, where] of everywhere) {
    const lives = usualThreats(region, where, true);
    const large = lives.filter((id) => id === 'black-bear' || id === 'cougar');
    if (where !== 'woods-edge' || landOf[region] !== 'na') expect(large).toEqual([]);
  }
  expect(usualThreats('na-appalachia', 'woods-edge', false)).toContain('black-bear');
  expect(usualThreats('na-appalachia', 'woods-edge', false)).not.toContain('cougar');
  expect(usualThreats('na-rockies', 'woods-edge', false)).toContain('cougar');
  // Where it lives here and there, the keeper may say so.
  expect(animalsOf('na-south-east')).toContain('cougar');
});

// Facts of where they live, from the predator table (recalled from memory).
test.each([
  ['red-fox', 'au-tasmania', false],
  ['red-fox', 'au-south-east', true],
  ['quoll', 'au-tasmania', true],
  ['goanna', 'au-tasmania', false],
  ['carpet-python', 'au-tasmania', false],
  ['raccoon', 'na-north', false],
  ['raccoon', 'eu-central', true],
  ['raccoon', 'eu-south-west', false],
  ['stone-marten', 'gb', false],
  ['stone-marten', 'eu-west', true],
  ['least-weasel', 'ie', false],
  ['least-weasel', 'gb', true],
  ['american-mink', 'na-south-west', false],
  ['fisher', 'na-north-east', true],
  ['fisher', 'na-california', false],
  ['stoat', 'nz', true],
  ['polecat', 'ie', false],
  ['american-badger', 'na-plains', true],
  ['american-badger', 'na-north-east', false],
] as const)('%s in %s: %s', (animal, region, isThere) => {
  expect(animalsOf(region).includes(animal)).toBe(isThere);
});

test('no region is both one of all over and one of here and there', () => {
  for (const id of animalIds) {
    const { regions: own, localIn = [] } = animals[id];
    expect(new Set(own).size).toBe(own.length);
    expect(own.filter((it) => localIn.includes(it))).toEqual([]);
    expect(own.filter(isPartUnknown)).toEqual([]);
  }
});
