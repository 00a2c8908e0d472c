/** What the screens of `yard` say. */
import { spoken } from '../language';
import { minutesWords } from '../minutes-words';
import type { AnimalId } from '@/core/tables/animals';
import { dayWords, timeWords } from '../day-words';
import type { MovedByLog } from '@/core/score/moved-by-log';
import { holdWords } from '../headline';
import { animalList, animalNames, capital, count } from '../names';

const timesAYear = (visits: number): string =>
  visits >= 10 ? String(Math.round(visits)) : String(Math.round(visits * 10) / 10);

export const yardText = spoken('yard', {
  whatLivesHere: 'What lives here',
  howOftenEachComesAnd: 'How often each comes, and the log of what was seen',
  howOftenEachComesAndWhat: 'How often each comes, and what was seen',
  walked: (date: string) => `walked ${dayWords(date)}`,
  notWalkedYet: 'not walked yet',
  holdIs: 'Hold is how much of all that threatens the place turns away.',
  walkItToKnow: (readings: number, minutes: number) =>
    `Walk it now: ${minutesWords(minutes)}, ${count(readings, 'reading')}`,
  doneMeasureAgainToSee: (toMeasure: number) =>
    `${count(toMeasure, 'mend')} done: measure again to see whether it holds.`,
  darkBy: (dark: Parameters<typeof timeWords>[0]) => ` · dark by ${timeWords(dark)}`,
  letsBy: (letsBy: readonly AnimalId[], spot: string | undefined, nextWallStops: boolean) => {
    const where = spot === undefined ? '' : ` ${spot}`;
    return `Lets by ${animalList(letsBy)}${where}.${nextWallStops ? ' The next wall stops them.' : ''}`;
  },
  nothingThatLivesHereGets: 'Nothing that lives here gets by it.',
  nothingReadSoFarLets: (unread: number) =>
    `Nothing read so far lets anything by; ${count(unread, 'reading')} not taken.`,
  whoGetsByAndWhy: (name: string) => `Who gets by ${name}, and why`,
  walk: (name: string) => `Walk ${name}`,
  bayBeforeBayAfter: 'bay before, bay after',
  whoGetsByTheBay: 'who gets by the bay that is marked',
  esc: 'Esc',
  noBayMarked: 'no bay marked',
  ctrlZ: 'Ctrl Z',
  whatWasChangedLastIs: 'what was changed last is taken back',
  byKeyboard: 'By keyboard',
  today: (today: string) => `today, ${dayWords(today)}`,
  judgedFor: 'Judged for',
  walkItOnceAndIt: 'Walk it once, and it is known how it stands.',
  oneDayWalkedSoFar:
    'One day walked so far. From the second on, this shows how the hold came along.',
  waysIn: (many: number) => count(many, 'way in', 'ways in'),
  howItCameAlong: 'How it came along',
  lineHoldWithEverythingUnread:
    'Line: hold, with everything unread shut; dotted: with all of it open. Below: ways in. All on what threatens now.',
  inFigures: 'In figures',
  ofHundred: 'of 100',
  whatThePlaceTurnsAway: 'What the place turns away',
  tonightWithARoundMissed: (round: number, hold: string) =>
    ` Tonight, with a round missed ${round} in 100: ${hold}.`,
  movedByLog: ({ before, animal, visits }: MovedByLog) =>
    `${capital(holdWords(before).toLowerCase())} before anything was logged: it moved because ${animalNames[animal][1]} are now reckoned with ${timesAYear(visits.now)} a year, not ${timesAYear(visits.before)}. No wall has changed by that.`,
  itsShareOfAllThat: (scenarioName: string, night: undefined | string) =>
    `${scenarioName}: its share of all that threatens.${night}`,
  aYear: 'a year',
  birdsLostInAYear: 'Birds lost in a year, as it stands',
  theFence: 'The electric line',
  howItHasGoneHere: 'How it has gone here',
  lookingWhatCouldChangeThis: 'Looking which readings could still change this.',
  nothingCouldChangeThis: 'No reading left to take could change this.',
  couldStillChangeThis: (many: number, minutes: number) =>
    `${count(many, 'reading')} left that could change this: ${minutesWords(minutes)}`,
  lossesCouldNotBeReckoned: 'Losses could not be reckoned in this browser.',
  ofAllFourScenariosAnd: (birds: number, eggs: string) =>
    `Of ${birds}, all hours and seasons together; eggs besides: ${eggs}. No forecast.`,
  compareTwoWalksOrBefore: 'Compare two walks, or before and after the mends',
  howSureIsThis: 'How sure is this?',
  scenario: 'Scenario',
  noBirdsAreThere: 'no birds are there',
  waysInHeading: 'Ways in',
  slowWaysIn: 'Slow ways in',
  yourBirdsGetOut: 'Your own birds get out',
  waysToEggs: 'To the eggs alone: no bird is taken',
  slowWaysAnHourAnd: 'Slow ways, an hour and more',
  slowWay: 'Slow way',
  wayInNumber: (number: number) => `Way in ${number}`,
  whatThisCounts: 'What this counts',
  judged: (names: string) => `Judged: ${names}.`,
  aWayInTakesLess:
    'A way in takes less than an hour; a slow way an hour to a night. What comes less than once a year is not counted.',
  rookleRanksAndExplainsIt: 'Rookle ranks and explains; it promises nothing.',
  howItIsJudged: 'How it is judged',
  everyFigureAndItsSource: 'Every figure and its source',
  thePlace: 'The place',
  waysInAndAnimals: 'Ways in and animals',
  theLap: 'The lap',
  theOuterWallUnrolledFrom:
    'The outer wall unrolled from the gate. Slide it; touch a bay, the stretch from post to post.',
  lookedAtFor: (day: string) => `Looked at for ${dayWords(day)}.`,
  change: (name: string) => `Change ${name}`,
  holdWalkByWalk: (says: string) => `Hold, walk by walk. ${says}.`,
});
