/** Snow, leaves or branches on the cover of a run. */
import { choiceCheck } from './attribute';
import { noIsBest } from './answers';

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
