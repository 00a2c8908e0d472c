/** What the screens of `compare` say. */
import { spoken } from '../language';
import { dayWords } from '../day-words';
import { animalName } from '../headline';
import { levelShort } from '../minutes-words';
import { count } from '../names';

export const compareText = spoken('compare', {
  onTheOneSide: 'On the one side',
  onTheOtherSide: 'On the other side',
  waysIn: (many: number) => count(many, 'way in', 'ways in'),
  andSlowWays: (many: number) => `, ${count(many, 'slow way')}`,
  yard: 'Yard',
  bothJudgedOnWhatThreatens: (scenarioName: string) =>
    `${scenarioName}. Both judged on what threatens now, so that they can be compared.`,
  asKnownOn: (day: string) => `as known on ${dayWords(day)}`,
  asItStandsNow: 'as it stands now',
  withInHandDoneAs: (inHand: number) => `with ${count(inHand, 'mend')} in hand done as meant`,
  eitherWay: (a: number) => `${count(a, 'way in', 'ways in')} either way`,
  fewer: (a: number) => `${a} fewer`,
  more: (b: number) => `${b} more`,
  lossesAYear: (sentence: string) => `Birds lost in a year. ${sentence}`,
  lossesBeingReckoned: 'Losses are being reckoned …',
  whatDiffers: 'What differs',
  nothingThatALineOr: 'Nothing that a line or an animal would show.',
  wallThen: (name: string, name2: string, name3: string) => `${name}: ${name2}, then ${name3}`,
  animalThen: (
    animal: Parameters<typeof animalName>[0],
    best: Parameters<typeof levelShort>[0],
    best2: Parameters<typeof levelShort>[0],
  ) => `${animalName(animal)}: ${levelShort(best)}, then ${levelShort(best2)}`,
});
