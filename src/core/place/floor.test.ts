/** What the floor is made of is asked once in each zone, from inside, and is that of all walls round it. */
import { applyReadings, attributeKey } from '../records/apply-readings';
import { setAttribute } from '../records/set-attribute';
import type { Walk } from '../records/walk';
import { begun } from '../tests/begun';
import { questionsOf } from '../walk/questions';
import { allBays } from './find';
import { floorsOf } from './floor';
import type { Place } from './place';
import type { ShapeId } from './shapes';

/** Where a fox lives, whatever else does. */
function withFox(shape: ShapeId): Place {
  const place = begun(shape);
  return { ...place, setting: { ...place.setting, lives: ['red-fox'] } };
}

const asked = (place: Place) =>
  questionsOf(place).filter(({ attribute }) => attribute === 'ground.floor');
const askedOfRun = (place: Place) =>
  asked(place).flatMap(({ item }) => (item.startsWith('run') ? [item] : []));
const floorsAt = (place: Place) => allBays(place).flatMap(({ bay }) => bay.ground?.floor ?? []);

test('once in each run, pen, house and sleeping end on the ground, where one stands inside', () => {
  const where = (shape: ShapeId) =>
    asked(withFox(shape)).map(({ section, from, item }) => [section, from, item]);
  expect(where('run-round')).toEqual([
    ['inside', 'run', 'run-front-1'],
    ['house', undefined, 'house-front-1'],
  ]);
  expect(where('a-frame')).toEqual([
    ['inside', 'run', 'run-front-1'],
    ['house', 'house', 'house-front-1'],
  ]);
  // Under a house that is open to its run one looks in from there, at a floor of its own.
  expect(where('raised')).toEqual([
    ['inside', 'run', 'run-front-1'],
    ['inside', 'run', 'under-front-1'],
  ]);
  expect(where('shed')).toEqual([['house', 'house', 'house-front-1']]);
});

test('where the first wall stands on what nothing digs through it is asked at the next', () => {
  const place = setAttribute(withFox('run-round'), 'run-front-1', 'ground.soil', {
    is: 'hard-surface',
  });
  expect(askedOfRun(place)).toEqual(['run-front-2']);
});

test('a wall of which it is half known what it stands on is asked by itself once the others are read', () => {
  const half = setAttribute(withFox('run-round'), 'run-front-2', 'ground.floor', {
    oneOf: ['none', 'hex-25'],
  });
  const place = setAttribute(half, 'run-front-1', 'ground.floor', { is: 'none' });
  expect(askedOfRun(place)).toEqual(['run-front-2']);
});

test('nothing that digs, nothing asked of a run', () => {
  const place = withFox('run-round');
  const lives = { ...place, setting: { ...place.setting, lives: ['goshawk' as const] } };
  expect(askedOfRun(lives)).toEqual([]);
});

test('read at one wall, on whichever, it is the floor of all; later readings go before earlier ones', () => {
  const place = withFox('a-frame');
  const read = (date: string, item: string, is: string): Walk => ({
    ...{ id: date, placeId: place.id, date, kind: 'lap', ended: true },
    readings: [
      {
        ...{ id: `${date}-floor`, item, attribute: 'ground.floor', value: { is } },
        ...{ how: 'looked', at: `${date}T10:00:00Z` },
      },
    ],
  });
  const earth = read('2026-05-01', 'run-front-1', 'none');
  const mesh = read('2026-06-01', 'run-back-1', 'welded-13');
  const found = applyReadings(place, [earth, mesh]);
  const pen =
    floorsOf(place)
      .get('run-front-1')
      ?.bays.map(({ id }) => id) ?? [];
  expect(pen.length).toBeGreaterThan(2);
  for (const { bay } of allBays(found.place)) {
    if (!bay.ground) continue;
    const isOfPen = pen.includes(bay.id);
    expect([bay.id, bay.ground.floor]).toEqual([
      bay.id,
      isOfPen ? { is: 'welded-13' } : { any: true },
    ]);
    if (!isOfPen) continue;
    const from = found.provenance.get(attributeKey(bay.id, 'ground.floor'));
    expect(from?.walk.date).toBe('2026-06-01');
  }
  expect(floorsAt(applyReadings(place, [mesh]).place)).toContainEqual({ is: 'welded-13' });
});
