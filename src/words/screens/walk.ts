/** What the screens of `walk` say. */
import { spoken } from '../language';
import type { Bearing } from '@/core/attributes/attribute';
import { lets } from '../bearing-words';
import type { AnimalId } from '@/core/tables/animals';
import type { Units, Place } from '@/core/place/place';
import type { AttributeId } from '@/core/attributes';
import type { Reading } from '@/core/records/walk';
import { dayWords } from '../day-words';
import { wayTitle } from '../headline';
import { amountWords, lengthWords } from '../length-words';
import { animalList, capital, count, listOf } from '../names';
import { readingTitle, readingWords } from '../reading-words';
import { minutesWords } from '../minutes-words';
import { stopName } from '../walk-words';

export const walkText = spoken('walk', {
  whereItGoes: 'Where it goes',
  typeWhatYouRead: 'Type what you read.',
  getBy: (bears: Bearing, who: readonly AnimalId[]) =>
    `${capital(animalList(who))} ${lets[bears][0]}`,
  nothingHere: (bears: Bearing) => `Nothing here ${lets[bears][1]}`,
  inDoubtOverTheStricter: (doubtful: Parameters<typeof animalList>[0]) =>
    `${capital(animalList(doubtful))} in doubt: over the stricter figure`,
  orLessStopsAndAll: (used: number, units: Units, it: Parameters<typeof animalList>[0]) =>
    `${lengthWords(used, units)} or less stops ${animalList(it)} and all the rest`,
  moreKinds: 'More kinds',
  lastWalk: 'last walk',
  betterThanLastTime: 'better than last time',
  worseThanLastTime: 'worse than last time',
  theReadingOfAList: 'the reading; of a list, the choice with that number',
  saveAndTheNextQuestion: 'save, and the next question',
  stillAsLastTime: 'still as last time',
  asTheBayBefore: 'as the bay before',
  cantTell: 'can’t tell',
  pgdnPgup: 'PgDn PgUp',
  nextAndLastQuestionNothing: 'next and last question, nothing saved',
  ctrlZ: 'Ctrl Z',
  undoTheLastReadingWhile: 'undo the last reading, while nothing is typed',
  esc: 'Esc',
  leaveByKey: 'leave the walk; it waits',
  thisList: 'this list',
  listsTheKeys: '? lists the keys.',
  keys: 'Keys',
  inch: (fraction: string) => `${fraction} inch`,
  deleteTheLastSign: 'Delete the last sign',
  usualSize: (size: string) => `A usual size: ${size} inch`,
  plusASixteenth: '+¹⁄₁₆',
  aSixteenthMore: 'A sixteenth of an inch more, or less where one is there',
  toInches: 'to inches',
  toMm: 'to mm',
  clear: 'clear',
  to: 'to',
  toFromThisToThat: 'to: from this to that',
  rangeFrom: (text: string) => `${text} to `,
  last: (
    last: number,
    attribute: AttributeId,
    units: Units,
    change: 'better' | 'worse' | 'same',
  ) => {
    const now = { better: ', now better', worse: ', now worse', same: '' }[change];
    return `Last: ${amountWords(last, attribute, units)}${now}`;
  },
  none: 'none',
  note: 'Note',
  photo: 'Photo',
  putOff: 'put off',
  putThisStopOff: 'Put this stop off',
  undo: 'undo',
  undoTheLastReading: 'Undo the last reading',
  noteToThisReading: 'Note to this reading',
  keptWithTheReading: 'Kept with the reading',
  laterOnThisWalk: 'Later on this walk',
  anotherDay: 'Another day',
  noTapeAsWideAs: 'No tape? As wide as … (an estimate, kept as a range)',
  rangeOf: (figure: string, figure2: string) => `${figure} to ${figure2}`,
  photoOf: (date: string) => `Photo of ${dayWords(date)}`,
  takeOrChooseAPhoto: 'Take or choose a photo',
  still: (words: string) => `Still ${words}`,
  stillThat: (words: string) => `Still as last time: ${words}`,
  theLastBay: 'the last bay',
  withItsNeighbours: (name: string) => `${name}, with its neighbours`,
  cantTellIt: 'Can’t tell',
  theRestOfThisBay: (name: string, many: number) =>
    `The rest of this bay as ${name} (${count(many, 'reading')})`,
  whatDoesNotWearHere: (many: number) =>
    `What does not wear here is as last time (${count(many, 'reading')})`,
  back: 'Back',
  leave: 'Leave',
  leaveIt: 'Leave the walk; it waits',
  next: (nextName: string) => `Next: ${nextName}`,
  saveThen: (nextName: string) => `Save, then ${nextName}`,
  asLastTime: 'as last time',
  stepOf: (step: number, many: number) => `${step} of ${many}`,
  seeWhetherItHolds: 'see whether it holds',
  ofStopsDone: (done: number, many: number) => `${done} of ${many} stops done`,
  forTonight: (tonight: string) => `For tonight: ${tonight}`,
  questionOf: (index: number, many: number) => `${index} of ${many}`,
  waysIn: (many: number) => count(many, 'way in', 'ways in'),
  saved: (short: string, place: Place, last: Parameters<typeof readingWords>[1]) =>
    `Saved: ${short}, ${readingWords(place, last)}`,
  theEndOfTheWalk: 'the end of the walk',
  whatWasFound: 'What was found',
  whatChangedAndWhatWas: 'What changed, and what was left',
  walk: 'Walk',
  found: (many: number) => `${count(many, 'way in', 'ways in')} found`,
  cameTo: ({
    purpose,
    day,
    readings,
    worse,
    better,
    left,
    leavesOut,
  }: {
    readonly purpose: string;
    readonly day: string;
    readonly readings: number;
    readonly worse: number;
    readonly better: number;
    readonly left: number;
    readonly leavesOut: string | undefined;
  }) => {
    const rest = left > 0 ? `${left} not taken` : 'nothing left out';
    const more = leavesOut === undefined ? '' : ` ${leavesOut}`;
    return `${purpose}, ${dayWords(day)}: ${count(readings, 'reading')}, ${worse} worse and ${better} better than before, ${rest}.${more}`;
  },
  endThisWalk: 'End this walk',
  thisWalkIsEndedAll: 'This walk is ended. All of it is kept.',
  foundWorstFirst: 'Found, worst first',
  nothingThatLivesHereGets: 'Nothing that lives here gets to the birds, as it was read.',
  toBeSeenTo: 'To be seen to',
  worseThanBefore: 'Worse than before',
  betterThanBefore: 'Better than before',
  notLookedAt: 'Not looked at',
  everyStopWasLookedAt: 'Every stop was looked at.',
  couldNotBeTold: (many: number) => `Could not be told: ${count(many, 'reading')}.`,
  walkStop: (place: Place, stop: Parameters<typeof stopName>[1]) => `Walk ${stopName(place, stop)}`,
  whyAndMends: (place: Place, way: Parameters<typeof wayTitle>[1]) =>
    `${wayTitle(place, way)}: why, and mends`,
  mends: (map: Parameters<typeof listOf>[0]) => `Mends: ${listOf(map, 'or')}`,
  shutAndCounted: 'Shut and counted',
  countedAtOnTheBooks: (
    place: Place,
    heads: Parameters<typeof readingWords>[1],
    hour: string,
    birds: number,
  ) => `${capital(readingWords(place, heads))} counted at ${hour}, ${birds} on the books.`,
  anUncertainCountCanHide: 'An uncertain count can hide a loss: count once more at roost.',
  missingAtTheLeast: (birds: number) => `${count(birds, 'bird')} missing at the least.`,
  shutAsAtDusk: (place: Place, shut: Reading, hour: string, took: Reading | undefined) => {
    const time = took ? `, in ${readingWords(place, took)}` : '';
    return `Shut as at dusk: ${readingWords(place, shut)}, at ${hour}${time}.`;
  },
  changed: (place: Place, reading: Reading, before: Reading) =>
    `${readingTitle(place, reading)}: ${readingWords(place, before)}, now ${readingWords(place, reading)}`,
  gateThen: (name: string) => `gate, then ${name}`,
  walkTheLap: 'Walk the lap',
  oneThingToLookAt:
    'A stop a screen: touch what is not so, and one button says that the rest was looked at. Each reading is saved as you take it. Stop whenever you like: it waits here. Touch a bay in the lap to read that one alone.',
  whatTheWalkIsFor: 'What the walk is for',
  whichWayRound: 'Which way round',
  begin: (place: Place, stop: Parameters<typeof stopName>[1] | undefined, short: string) =>
    `Begin: ${stop ? `${stopName(place, stop)}, ${short}, ` : ''}one question a screen`,
  asksNothing: (isWorking: boolean) =>
    isWorking
      ? 'Being worked out: which readings could change the answer.'
      : 'No reading left to take could change the answer.',
  whatTheLastWalkFound: 'What the last walk found',
  walkInHand: 'Walk in hand',
  inHand: ({
    purpose,
    begun,
    taken,
    of,
    minutes,
    waysIn,
  }: {
    readonly purpose: string;
    readonly begun: string;
    readonly taken: number;
    readonly of: number;
    readonly minutes: number;
    readonly waysIn: number;
  }) => {
    const left = minutes > 0 ? `, ${minutesWords(minutes)} left` : '';
    const found = capital(count(waysIn, 'way in', 'ways in'));
    return `${purpose}, begun ${dayWords(begun)}. ${taken} of ${of} readings taken${left}; each is saved as you take it. ${found} found so far.`;
  },
  goOn: (place: Place, nextStop: Parameters<typeof stopName>[1], short: string) =>
    `Go on: ${stopName(place, nextStop)}, ${short}, one question a screen`,
  toTheEndOfThe: 'To the end of the walk',
  leftForAnotherDay: 'Left for another day',
  takeItUp: 'Take it up',
  takeUpAgain: (place: Place, stop: Parameters<typeof stopName>[1]) =>
    `Take ${stopName(place, stop)} up again`,
  walkNamed: (name: string) => `Walk ${name}`,
  takenAtStop: (taken: number, of: number, unread: number) => {
    const never = unread > 0 ? `; ${unread} never taken` : '';
    return `${taken} of ${of} taken on this walk${never}`;
  },
  howItWasTaken: (methodName: string) => `How it was taken: ${methodName}`,
  asWideAsTo: (gaugeName: string, figure: string, high: number, units: Units) =>
    `As wide as ${gaugeName}: ${figure} to ${lengthWords(high, units)}`,
  as: (sameAsName: string, words: string) => `As ${sameAsName}: ${words}`,
  asAt: (bay: string | undefined) => `as at ${bay ?? 'the last bay'}`,
});
