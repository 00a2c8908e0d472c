/** A heat lamp or cords in a house. */
import { choiceCheck } from './attribute';

export const heatLamp = choiceCheck('zone', {
  choices: ['none', 'safe', 'at-risk'],
  better: ['none', 'safe', 'at-risk'],
  toSeeTo: 'at-risk',
  asked: { section: () => 'house', when: ({ kind }) => kind === 'house' },
  shortWalks: [],
});
