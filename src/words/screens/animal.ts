/** What the screens of `animal` say. */
import { spoken } from '../language';
import { rateSentence } from '../animal-words';
import { levelLong } from '../minutes-words';
import { listOf } from '../names';

export const animalText = spoken('animal', {
  whenItIsAbout: 'When it is about',
  thatIsWhatIsReckoned: (visits: number) =>
    `${rateSentence(visits)} That is what is reckoned with here in these hours.`,
  notAmongWhatLivesHere: 'Not among what you say lives here: no loss is reckoned to it.',
  howOftenItComesAnd: 'How often it comes, and what was seen',
  whatItLeavesBehind: 'What it leaves behind',
  signsOverlapAndScavengersAlter: (assumption: string, source: string) =>
    `Signs overlap, and scavengers alter them. Put together by us (${assumption}) from keys in print, recalled from memory: ${source}.`,
  lawAndCaution: 'Law and caution',
  lawsAreNamedFromMemory: 'Laws are named from memory and change: look yours up before you act.',
  whatIsKnownOfIt: 'What is known of it',
  everyFigureForWithIts: (name: string) => `Every figure for ${name}, with its source`,
  everyFigureForItWith: 'Every figure for it, with its source',
  inAll: (minutes: number) => {
    const counted = minutes > 0 ? `, counted as ${Math.round(minutes)} min` : '';
    return `In all: ${levelLong(minutes)}${counted}.`;
  },
  strandsTurnBackTriesIn: (round: number) => `Strands turn back ${round} tries in 100.`,
  takesABirdThroughIt: 'takes a bird through it',
  intoThe: (into: string) => `into the ${into}`,
  whatWouldStopItHere: 'What would stop it here, each alone:',
  allOf: (name: string) => `All of ${name}`,
  nothingElseLetsItIn: 'Nothing else lets it in: mending that one spot shuts it out.',
  next: (where: undefined | string) => `Next: ${where}`,
  itTurnsTo: (where: Parameters<typeof listOf>[0]) => `It turns to ${listOf(where, 'then')}.`,
  planAndLap: 'Plan and lap',
  yard: 'Yard',
  howItGetsToThe: 'How it gets to the birds',
  onceThatIsMended: 'Once that is mended',
  notKnownYet: 'not known yet',
  findsThemInTheOpen: 'finds them in the open',
  keptOut: 'kept out',
  ofAHundredVisitsWould: (low: number) => `Of a hundred visits ${low} would get to the birds.`,
  ofAHundredVisitsTo: (low: number, high: number) =>
    `Of a hundred visits ${low} to ${high} would get to the birds: what is not read decides.`,
  birdsItTakesStandIn: 'Birds it takes stand in the open: nothing is in its way.',
  itTakesNoBirdsOf: 'It takes no birds of yours in these hours; eggs and feed are counted apart.',
  nothingReadLetsItBy: 'Nothing read lets it by, and nothing that is not read could.',
  nothingReadSoFarLets: 'Nothing read so far lets it by; what is not read yet could.',
  wayBesides: 'way besides',
  waysBesides: 'ways besides',
  howOftenComesAndWhat: (name: string) => `How often ${name} comes, and what was seen`,
});
