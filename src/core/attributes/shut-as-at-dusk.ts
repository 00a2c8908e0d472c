/** Everything closed as at dusk, and each door pulled. */
import { yesNo } from '../place/bay';
import { always, choiceCheck } from './attribute';

/** Whether all stands as it should at dusk. */
export const shutAsAtDusk = choiceCheck('flock', {
  choices: yesNo,
  better: yesNo,
  toSeeTo: 'no',
  asked: { section: () => 'shut', when: always },
  shortWalks: ['weak', 'storm', 'loss', 'moved'],
});
