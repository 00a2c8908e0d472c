/** What a layer is: mesh, board, sheet, or nothing. */
import { coverIds } from '../place/bay';
import { always, choice } from './attribute';
import { field } from './paths';

/** What a layer is made of. */
export const cover = choice('layer', {
  choices: coverIds,
  better: 'none',
  asked: { when: always },
  shortWalks: [],
  wears: false,
  isAlike: true,
  looksAt: ['canvas-in-sun', 'netting-in-sun', 'wire-in-air'],
  spots: ['mesh', 'bare'],
  isUnreadWithout: always,
  bears: 'hole',
  path: field('mesh'),
});
