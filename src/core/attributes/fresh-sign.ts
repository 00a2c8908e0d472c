/** Fresh tracks, droppings, smell, digging, hair on wire. */
import { always, choiceCheck } from './attribute';
import { noIsBest } from './answers';

/** Whether tracks, droppings or hair were found. */
export const freshSign = choiceCheck('place', {
  choices: noIsBest,
  better: noIsBest,
  toSeeTo: 'yes',
  asked: { section: () => 'distance', when: always },
  shortWalks: ['loss'],
});
