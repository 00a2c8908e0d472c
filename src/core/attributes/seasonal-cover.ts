/** Of a layer that is off at this time of year: whether it has come off. */
import { isWithin } from '../place/year-span';
import { choiceCheck } from './attribute';

/** Whether a panel is on outside its season. */
export const seasonalCover = choiceCheck('layer', {
  choices: ['off', 'on'],
  better: 'none',

  asked: {
    section: () => 'lap',
    when: ({ on }, { day }) => on !== undefined && day !== undefined && !isWithin(on, day),
  },
  shortWalks: [],
});
