/** The force that works a latch; asked where something lives that works latches. */
import { isKnown } from '../place/possible';
import { choiceCheck } from './attribute';

/** How hard a latch is to work. */
export const latchForce = choiceCheck('latch', {
  choices: ['two-hands', 'hand', 'finger'],
  better: ['two-hands', 'hand', 'finger'],
  toSeeTo: 'finger',
  asked: {
    section: () => 'lap',
    when: ({ kind }, { matters }) => matters.latches && isKnown<string>(kind) && kind.is !== 'none',
  },
  shortWalks: ['loss'],
});
