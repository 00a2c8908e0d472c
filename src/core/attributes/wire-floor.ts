/** Mesh laid as a floor right across, joined to the wall. */
import { coverIds } from '../place/bay';
import { choice, never } from './attribute';
import { ofGround } from './paths';

/** Mesh of the floor under a pen. */
export const wireFloor = choice('bay', {
  // Bare earth is what most runs have.
  choices: ['none', ...coverIds.filter((it) => it !== 'none')],
  better: 'none',
  usual: 'none',
  asked: {
    when: ({ ground }, { matters, floorSection }) =>
      matters.digging && floorSection !== undefined && ground?.floor !== undefined,
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
