/** What the mesh in the ground is; asked only where there is any. */
import { coverIds } from '../place/bay';
import { choice } from './attribute';
import { canBeDug, hasSkirt } from './digging';
import { ofSkirt } from './paths';

/** Mesh of the skirt or apron. */
export const skirtMesh = choice('bay', {
  choices: coverIds,
  better: 'none',
  asked: {
    when: ({ ground }, { matters }) => matters.digging && canBeDug(ground) && hasSkirt(ground),
    before: 'mesh',
  },
  shortWalks: [],
  wears: false,
  isAlike: true,
  looksAt: ['wire-in-ground'],
  spots: ['dig'],
  isUnreadWithout: ({ ground }) => ground !== undefined,

  path: ofSkirt('mesh'),
});
