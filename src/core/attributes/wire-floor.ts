/** Mesh, boards or slabs laid as a floor right across, joined to the wall. */
import { coverIds } from '../place/bay';
import type { MeshId } from '../tables/meshes';
import { choice, never } from './attribute';
import { ofGround } from './paths';

/** What people floor a house with, before the rest. */
const floors: readonly MeshId[] = ['solid-board', 'masonry'];

/** What the floor of a house or a pen is. */
export const wireFloor = choice('bay', {
  choices: ['none', ...floors, ...coverIds.filter((it) => it !== 'none' && !floors.includes(it))],
  better: 'none',
  // Bare earth is what most runs have, boards what most houses.
  usualAt: ({ ground }) => (ground?.onFloor ? 'solid-board' : 'none'),
  asked: {
    when: ({ ground }, { floorSection }) => ground !== undefined && floorSection !== undefined,
    section: (_bay, { floorSection }) => floorSection,
  },
  shortWalks: [],
  ofFloor: true,
  wears: false,
  isAlike: false,
  looksAt: [],
  spots: [],
  isUnreadWithout: never,

  path: ofGround('floor'),
});
