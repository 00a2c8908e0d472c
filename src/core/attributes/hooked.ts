/** Whether the handle at a door is hooked on, so that the line goes on past it. */
import { yesNo } from '../place/bay';
import { choice, never } from './attribute';
import { field } from './paths';

/** Whether the handle of the line at a gate is hooked in. */
export const hooked = choice('opening', {
  choices: yesNo,
  better: yesNo,
  asked: { when: ({ lineBy }) => lineBy === 'handle' },
  shortWalks: ['fence', 'storm', 'moved'],
  wears: true,
  isAlike: false,
  looksAt: [],
  spots: ['fence'],
  isUnreadWithout: never,

  path: field('hooked'),
});
