/** What the screens of `begin` say. */
import { spoken } from '../language';
import { turnWords } from '../pacing-words';

const stepNames = [
  'What it looks like',
  'How large, and who lives in it',
  'Where it stands',
  'What you call it',
] as const;

export const beginText = spoken('begin', {
  side: (index: number) => `Side ${index}`,
  isTooShortDidYou: (name: string, entered: string) =>
    `${name}: ${entered} is too short. Did you mean metres or feet?`,
  isNoTurnWriteDegrees: (name: string, angle: string) =>
    `${name}: “${angle}” is no turn. Write degrees to the right, like 45; to the left, like -45.`,
  ft: (feet: number) => `${feet} ft`,
  giveThePlaceAName: 'Give the place a name, up to 80 letters.',
  howManyBirdsAWhole: 'How many birds? A whole number from 1 up.',
  isTooShortDidYouMean: (named: string, entered: string) =>
    `${named}: ${entered} is too short. Did you mean metres or feet?`,
  whatItLooksLike: 'What it looks like',
  noneOfThesePaceIt: 'none of these: pace it, side by side',
  theHouseLeavesNoRun:
    'The house leaves no run: it must be at least a gate’s width smaller than the run, both ways.',
  theRunAsPacedSo: (many: number) => `The run as paced so far, ${many} sides from the gate`,
  beginAtTheGateAnd:
    'Begin at the gate and go once round. Pace each side, then say which way you turn at its end; after the last side, back into the direction you began in.',
  lengthOfSide: (index: number) => (index === 1 ? 'Side 1, from the gate' : `Side ${index}`),
  thenTurnAfterSide: (index: number) => `Then turn, after side ${index}`,
  byDegrees: 'by degrees',
  degreesToTheRightAfter: (index: number) =>
    `Degrees to the right after side ${index}; to the left below zero`,
  oneMoreSide: 'One more side',
  takeTheLastAway: 'Take the last away',
  yesAfterSide: (turn: number, side: number) => `Yes: ${turnWords(turn)} after side ${side}`,
  nameOfThePlace: 'Name of the place',
  sayWhatStandsRoundIt: 'Say what stands round it: it decides who is reckoned with.',
  sayWhichPart: 'Say which part of it, too: not everything lives everywhere.',
  units: 'Units',
  birds: 'Birds',
  howManyBirds: 'How many birds',
  theHouseStandsInThe: 'The house stands in the run, its back against',
  inSide: (index: number) => `side ${index}`,
  thereIsNoHouse: 'there is no house',
  begin: 'Begin',
  next: 'Next',
  back: 'Back',
  takeBack: 'Take the last back',
  asItWouldBe: 'As it would be',
  step: (at: number, of: number) => `${stepNames[at - 1] ?? ''} (${at} of ${of})`,
  proposedName: (shape: string | undefined) =>
    shape === undefined ? 'Our run' : `Our ${shape.charAt(0).toLowerCase()}${shape.slice(1)}`,
  beginAPlace: 'Begin a place',
  aCoopAndItsRun:
    'A coop and its run, as they stand. Roughly now; the walk measures what matters. Everything stays in this browser.',
  backTo: (name: string) => `Back to ${name}`,
  or: 'Or',
  openAFile: 'Open a file',
});
