/** What the screens of `sure` say. */
import { spoken } from '../language';

export const sureText = spoken('sure', {
  yard: 'Yard',
  howSure: 'How sure?',
  whereItIs: 'Where it is',
  figuresThatAreBandsAre: (scenarioName: string) =>
    `${scenarioName}. Figures that are bands are drawn again within them, patience between half and twice, the share of visits that become tries between a third and three times, two hundred times; each time it is asked what is weakest.`,
  drawing: 'Drawing',
  drawsMade: 'Draws made',
  stop: 'Stop',
  stopped: 'Stopped',
  beginAgain: 'Begin again',
  notReckoned: 'Not reckoned',
  thisBrowserDidNotRun: 'This browser did not run it. Nothing else depends on it.',
  whatCameOutWeakest: 'What came out weakest',
  inHundred: (name: string, share: number) => `${name}: ${share} in 100`,
  nothingGotInInAny: 'Nothing got in, in any draw.',
  ofDrawsAlwaysTheSame: (draws: number) =>
    `Of ${draws} draws, always the same ones for the same place. How far patience, shares and bands reach is an assumption of ours.`,
  nothingGetsInAsIt: 'Nothing gets in as it is judged',
  staysTheWeakestTimesIn: (name: string, share: number) =>
    `${name} stays the weakest ${share} times in 100`,
});
