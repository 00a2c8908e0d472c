/** What the reference says of evenings and of what is found after a loss. */
import type { SignAnswer, SignColumn, SignQuestion } from '@/core/tables/signs';
import { spoken } from '../language';
import { listOf } from '../names';
import { answerWords } from '../sign-words';

const columnNames: Readonly<Record<SignColumn, string>> = {
  raccoon: 'raccoon',
  fox: 'foxes',
  coyote: 'coyote',
  dog: 'dog',
  cat: 'cat',
  opossum: 'opossum',
  skunk: 'skunk',
  weasel: 'weasels and mink',
  marten: 'martens',
  rat: 'rats',
  snake: 'snakes',
  hawk: 'hawks',
  owl: 'owls',
  crow: 'crows',
  badger: 'badgers',
  bear: 'bears',
  disease: 'illness',
  'own-flock': 'its own flock',
  strayed: 'straying',
  person: 'a person',
};

export const nightFiguresText = spoken('night-figures', {
  aMissedRound: 'A missed evening round',
  eveningDoorShut: 'evening door shut night round beta',
  byHand: 'Share of evenings missed, by hand:',
  byCord: 'By a cord from outside:',
  byItself: 'By a door that shuts itself:',
  ofThatStaysOpen: 'Of that, it stays open:',
  weighsAs: 'The starting figure weighs as evenings:',
  birdsToLookFor: 'Birds to look for at dusk',
  newYoungMoved: 'new young moved pen evening learning',
  signsFound: 'loss found signs who took killed',
  leftBy: (
    question: SignQuestion,
    answer: SignAnswer,
    weights: readonly (readonly [SignColumn, number])[],
  ) => {
    const named = [3, 2, 1].flatMap((weight) => {
      const own = weights.filter(([, it]) => it === weight).map(([it]) => columnNames[it]);
      return own.length > 0 ? [`${weight}: ${listOf(own)}`] : [];
    });
    return `${answerWords(question, answer)[0]}. ${named.join('; ')}.`;
  },
  whatDevicesSay: 'What devices say',
  devices: 'device monitor door camera sure night morning news silent',
  morningFrom: 'A door that opens opens for the day from',
  noonFrom: 'A night ends, and the next begins, at',
  sureEnough: 'A camera’s word for an animal is taken from',
  newsFor: 'Said on the yard for',
  whatFallsDue: 'What falls due',
  rounds: 'due rounds weekly monthly calendar put off walk pull test battery',
  lineEvery: 'The line and its battery are read every',
  pullEvery: 'Edges, doors and corners are pulled every',
  awayAhead: 'Nights away that nobody covers are named ahead by',
  countsBefore: 'A whole walk counts for its season from this long before',
  lookedTogether: 'What grows old is looked at together within',
  letsInFrom: 'What is not done is said to let an animal in from a rise of its chance by',
  growingFrom: 'Mowing is due while grass grows in a day at least',
  panelsAhead: 'Panels count as put on or off for their season when it was done ahead by at most',
  panelsAskedFor:
    'Panels not put on or taken off are asked for until the other season, at most for',
  snowAskedFor: 'Snow that nobody says is dug out is asked about for',
  remindedAfter: 'The calendar reminds of what has no hour, after midnight,',
  wholeWalks: (days: readonly string[]) =>
    `The whole place is walked by ${listOf(days)} (common practice: spring and autumn; the days are ours).`,
  fromKeys: (mark: string, source: string) =>
    `${mark}: weights 0 to 3, a synthesis of our own from keys to kills (${source}), recalled from memory; rows the keys have not, and the last four columns, are ours alone.`,
  whatAWeightMeans: 'What a weight means',
  weight: (weight: number) => `Weight ${weight}, before answers are made to add up to one:`,
  unlikeItsWay: 'Of a sign that does not fit the way:',
  byNoKnownWay: 'By a way nobody knows of:',
  noAnimalFromOutside: 'No animal from outside',
  illnessStrayed: 'illness disease strayed person flock',
  atOneTime: 'Birds at one time, on the average:',
  aBirdAYear: (name: string) => `${name}, a bird a year:`,
});
