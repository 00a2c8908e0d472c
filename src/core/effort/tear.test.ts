import { animals } from '../tables/animals';
import { tearEffort } from './tear';

test('nothing tears a sound wall of brick or stone; what is weak in it is a hole (common practice)', () => {
  for (const animal of Object.values(animals)) {
    expect(tearEffort('masonry', 'staples', 'sound', animal)?.reason).toBeUndefined();
  }
});

test('a bear takes sheet steel off any fixing, and a rat gnaws board (common practice)', () => {
  expect(
    tearEffort('sheet', 'screws-washers', 'sound', animals['black-bear'])?.reason,
  ).toMatchObject({
    how: 'pulls',
  });
  expect(
    tearEffort('solid-board', 'screws-washers', 'sound', animals['norway-rat'])?.reason,
  ).toMatchObject({ how: 'gnaws' });
});
