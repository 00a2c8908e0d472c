/**
 * What a house stands on. Facts of the trade (common practice): under a house with an earth floor foxes and rats dig as under any wall;
 * under boards nothing digs in, though rats gnaw up through them; through slabs nothing comes.
 */
import { bayEffort } from '../effort/bay-effort';
import { begun } from '../tests/begun';
import { readPlace } from '../tests/read-place';
import { animals, type AnimalId } from '../tables/animals';
import { setAttribute } from '../records/set-attribute';
import { questionsOf } from '../walk/questions';
import { setStanding, standingOf } from './edit/ground';
import { findBay } from './find';
import type { Bay, Place } from './place';

const started = begun('shed');
const shed: Place = {
  ...started,
  setting: { ...started.setting, lives: ['red-fox', 'norway-rat'] },
};

const on = (floor: string) => setAttribute(shed, 'house-front-1', 'ground.floor', { is: floor });
const wallOf = (place: Place): Bay => {
  const at = findBay(place, 'house-back-1');
  if (!at) throw new Error('no back wall');
  return at.bay;
};
const askedOfEarth = (place: Place): string[] =>
  questionsOf(place).flatMap(({ item, attribute }) =>
    item === 'house-back-1' && /^(ground|skirt)/.test(attribute) ? [attribute] : [],
  );

/** A wall of brick without doors: which of its parts gives way soonest. */
function below(place: Place, animal: AnimalId): string {
  const read = readPlace(place, { run: {}, house: { 'skirt.outward': 0 } });
  const wall = wallOf(read);
  const bands = wall.bands.map((band) => ({
    ...band,
    layers: [{ id: 'bricks', mesh: { is: 'masonry' } as const }],
  }));
  const [soonest] = bayEffort({ ...wall, bands, openings: [] }, animals[animal], 'worst');
  return soonest?.minutes === null ? 'holds' : (soonest?.attack ?? 'nothing');
}

test('of the earth it is asked only once there is known to be no floor', () => {
  expect(askedOfEarth(shed)).toEqual([]);
  expect(askedOfEarth(on('solid-board'))).toEqual([]);
  expect(askedOfEarth(on('masonry'))).toEqual([]);
  for (const open of ['none', 'hex-25']) {
    expect(askedOfEarth(on(open))).toEqual(
      expect.arrayContaining(['ground.gap', 'ground.gapLifted', 'ground.soil', 'skirt.outward']),
    );
  }
});

test('an earth floor is dug into, boards are gnawed through by rats alone, slabs by nobody', () => {
  const who = ['red-fox', 'norway-rat'] as const;
  const each = (floor: string) => who.map((animal) => below(on(floor), animal));
  expect(each('none')).toEqual(['dig', 'dig']);
  expect(each('solid-board')).toEqual(['holds', 'tear']);
  expect(each('masonry')).toEqual(['holds', 'holds']);
});

test('unread or unsaid it may be any of them', () => {
  const { ground: _ground, ...rest } = wallOf(shed);
  const unsaid: Bay = { ...rest, ground: { onFloor: true } };
  const ways = (bay: Bay, bound: 'best' | 'worst') =>
    bayEffort({ ...bay, openings: [] }, animals['norway-rat'], bound)
      .filter(({ minutes, attribute }) => minutes !== null && /ground|skirt/.test(`${attribute}`))
      .map(({ attack }) => attack);
  for (const bay of [wallOf(shed), unsaid]) {
    expect(ways(bay, 'best')).toEqual([]);
    expect(ways(bay, 'worst')).toEqual(expect.arrayContaining(['pass', 'dig', 'tear']));
  }
});

test('on its own page it stands on a floor until it is known to have none', () => {
  expect(standingOf(wallOf(shed))).toBe('floor');
  expect(standingOf(wallOf(on('solid-board')))).toBe('floor');
  expect(standingOf(wallOf(on('none')))).toBe('earth');
  const set = setStanding(wallOf(shed), 'earth');
  expect([standingOf(set), set.ground?.onFloor]).toEqual(['earth', undefined]);
  expect(standingOf(setStanding(wallOf(shed), 'frame'))).toBe('frame');
});
