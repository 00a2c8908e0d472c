/** Fresh digging along the edge, from either side. */
import { yesNo } from '../place/bay';
import { choice } from './attribute';
import { canBeDug } from './digging';
import { ofGround } from './paths';

/** Whether something has dug here lately. */
export const freshDigging = choice('bay', {
  choices: yesNo,
  better: ['no', 'yes'],
  asked: {
    when: ({ ground }, { matters }) => matters.digging && canBeDug(ground),
    before: 'mesh',
  },
  shortWalks: ['loss'],
  wears: true,
  isAlike: true,
  looksAt: [],
  spots: [],
  isUnreadWithout: ({ ground }) => ground !== undefined,

  path: ofGround('digging'),
});
