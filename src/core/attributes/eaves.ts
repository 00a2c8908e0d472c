/** Whether eaves, ridge and sheets are firm. */
import { choiceCheck } from './attribute';

/** Whether the eaves of a house are firm. */
export const eaves = choiceCheck('zone', {
  choices: ['firm', 'loose'],
  better: ['firm', 'loose'],
  toSeeTo: 'loose',
  asked: { section: () => 'overhead', when: ({ kind }) => kind === 'house' },
  shortWalks: ['storm'],
});
