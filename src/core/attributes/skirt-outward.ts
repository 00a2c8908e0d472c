/** How far mesh is laid out flat from the wall; 0: none. */
import { amount } from './attribute';
import { canBeDug } from './digging';
import { deepestSkirt, usualSkirts } from './limits';
import { ofSkirt } from './paths';

export const skirtOutward = amount('bay', {
  unit: 'mm',
  better: 'more',
  limits: [0, deepestSkirt],
  usual: usualSkirts,
  asked: {
    when: ({ ground }, { matters }) => matters.digging && canBeDug(ground),
    before: 'mesh',
  },
  shortWalks: [],
  wears: false,
  isAlike: true,
  looksAt: ['wire-in-ground'],
  spots: ['dig'],
  isUnreadWithout: ({ ground }) => ground !== undefined,
  bears: 'digging',
  path: ofSkirt('outward'),
});
