/** Snow, leaves or branches on the cover of a run. */
import { choiceCheck } from './attribute';
import { noIsBest } from './answers';

/** Whether snow, leaves or water weigh on the roof of a run. */
export const roofLoad = choiceCheck('zone', {
  choices: noIsBest,
  better: noIsBest,
  toSeeTo: 'yes',
  asked: {
    section: () => 'overhead',
    when: ({ kind }, { zone }) => kind === 'run' && zone?.isRoofed === true,
  },
  shortWalks: ['storm'],
});
