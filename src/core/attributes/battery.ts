/** What feeds the energizer. */
import { feedStates } from '../place/fence';
import { choiceCheck } from './attribute';
import { field } from './paths';

/** What feeds the line: fresh, or low. */
export const battery = choiceCheck('fence', {
  choices: feedStates,
  better: feedStates,
  toSeeTo: 'low',
  asked: { section: () => 'fence', when: ({ line }) => line?.energizer.feed !== 'mains' },
  shortWalks: ['fence', 'battery'],
  path: field('battery'),
});
