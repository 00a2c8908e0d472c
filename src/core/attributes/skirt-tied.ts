/** Whether an apron’s inner edge is tied to the wall; asked only where one is laid. */
import { yesNo } from '../place/bay';
import { choice } from './attribute';
import { canBeDug, hasApron } from './digging';
import { ofSkirt } from './paths';

/** Whether the apron is tied to the wall’s mesh. */
export const skirtTied = choice('bay', {
  choices: yesNo,
  better: ['yes', 'no'],
  asked: {
    when: ({ ground }, { matters }) => matters.digging && canBeDug(ground) && hasApron(ground),
    before: 'mesh',
  },
  shortWalks: [],
  wears: true,
  isAlike: true,
  looksAt: ['wire-in-ground'],
  spots: ['dig'],
  isUnreadWithout: ({ ground }) => ground !== undefined,

  path: ofSkirt('tied'),
});
