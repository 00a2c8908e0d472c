import { animals } from '../tables/animals';
import type { Fixing } from '../tables/fixings';
import { meshes, type MeshId } from '../tables/meshes';
import { tearEffort } from './tear';

const of = (mesh: MeshId) => ({ mesh, strength: meshes[mesh].strength.value });
const tried = (fixing: Fixing) => ({ fixing, condition: 'sound', isTried: false }) as const;

test('nothing tears a sound wall of brick or stone; what is weak in it is a hole (common practice)', () => {
  for (const animal of Object.values(animals)) {
    expect(tearEffort(of('masonry'), tried('staples'), animal)?.reason).toBeUndefined();
  }
});

test('a bear takes sheet steel off any fixing, and a rat gnaws board (common practice)', () => {
  expect(
    tearEffort(of('sheet'), tried('screws-washers'), animals['black-bear'])?.reason,
  ).toMatchObject({
    how: 'pulls',
  });
  expect(
    tearEffort(of('solid-board'), tried('screws-washers'), animals['norway-rat'])?.reason,
  ).toMatchObject({ how: 'gnaws' });
});

test('staples that gave nothing to a hard pull by hand hold what pulls no harder; a bear pulls harder', () => {
  const stapled = (id: 'raccoon' | 'european-badger' | 'black-bear', isTried: boolean) =>
    tearEffort(of('welded-13'), { ...tried('staples'), isTried }, animals[id])?.reason.how;
  expect([stapled('raccoon', false), stapled('raccoon', true)]).toEqual(['pulls', undefined]);
  expect([stapled('european-badger', false), stapled('european-badger', true)]).toEqual([
    'pulls',
    undefined,
  ]);
  expect(stapled('black-bear', true)).toBe('breaks');
});
