/** What the two lengths of a skirt have in common: how deep it goes, how far it is laid out. */
import { amount } from './attribute';
import { canBeDug } from './digging';
import { deepestSkirt, usualSkirts } from './limits';
import { ofSkirt } from './paths';

/** How far a skirt goes, down or outward. */
export const skirtLength = (name: 'depth' | 'outward') =>
  amount('bay', {
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
    path: ofSkirt(name),
  });
