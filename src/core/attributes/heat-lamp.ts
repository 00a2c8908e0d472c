/** A heat lamp or cords in a house. */
import { choiceCheck } from './attribute';

/** Whether a heat lamp or its cord is at risk. A check: kept, never judged. */
export const heatLamp = choiceCheck('zone', {
  choices: ['none', 'safe', 'at-risk'],
  better: ['none', 'safe', 'at-risk'],
  toSeeTo: 'at-risk',
  asked: { section: () => 'house', when: ({ kind }) => kind === 'house' },
  shortWalks: [],
});
