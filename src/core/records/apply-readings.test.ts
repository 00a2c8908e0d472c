import { samphireYard } from '../../../demo/samphire-yard';
import { applyReadings, attributeKey } from './apply-readings';
import { findBay } from '../place/find';
import type { Reading, Walk } from './walk';

const { place, walks } = samphireYard;

function walk(id: string, date: string, readings: Partial<Reading>[]): Walk {
  return {
    id,
    placeId: place.id,
    date,
    kind: 'lap',
    ended: true,
    readings: readings.map((reading, index) => ({
      id: `${id}-${index}`,
      item: 'n2',
      attribute: 'ground.gap',
      at: `${date}T10:00:0${index}Z`,
      how: 'measured',
      value: { is: 0 },
      ...reading,
    })),
  };
}

const gapOf = (all: readonly Walk[]) =>
  findBay(applyReadings(place, all).place, 'n2')?.bay.ground?.gap;

test('the latest reading stands', () => {
  expect(gapOf(walks)).toMatchObject({ is: 34 });
  expect(gapOf([...walks, walk('b', '2026-11-01', [{ value: { is: 8 } }])])).toMatchObject({
    is: 8,
  });
});

test('within one walk the later reading stands, and the earlier one is still there', () => {
  const twice = walk('b', '2026-11-01', [{ value: { is: 40 } }, { value: { is: 4 } }]);
  expect(gapOf([...walks, twice])).toMatchObject({ is: 4 });
  expect(twice.readings).toHaveLength(2);
});

test('“cannot tell” leaves what was known', () => {
  expect(gapOf([...walks, walk('b', '2026-11-01', [{ value: 'cannot-tell' }])])).toMatchObject({
    is: 34,
  });
});

test('walks count by their date, not by the order they are listed in', () => {
  const older = walk('a', '2026-01-01', [{ value: { is: 90 } }]);
  expect(gapOf([...walks, older])).toMatchObject({ is: 34 });
});

test('a reading of something that has been taken away changes nothing', () => {
  const stray = walk('b', '2026-11-01', [{ item: 'gone', value: { is: 90 } }]);
  expect(applyReadings(place, [...walks, stray]).place).toEqual(applyReadings(place, walks).place);
});

test('every found value knows the reading it comes from', () => {
  const { provenance } = applyReadings(place, walks);
  const from = provenance.get(attributeKey('n2', 'ground.gap'));
  expect(from?.reading.how).toBe('measured');
  expect(from?.walk.date).toBe('2026-10-18');
});
