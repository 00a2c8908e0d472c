/** What the screens of `mends` say. */
import { spoken } from '../language';
import type { Mend } from '@/core/records/mend';
import type { Place, Units } from '@/core/place/place';
import { dayWords } from '../day-words';
import { wayTitle } from '../headline';
import { amountWords, lengthWords } from '../length-words';
import { animalList, capital, count, listOf } from '../names';
import { moneyWords, timeWords, whereWords } from '../plan-words';
import { reasonWords } from '../reason-words';
import { spotWords } from '../spot-words';

export const mendsText = spoken('mends', {
  lookedAtForHarm: 'Looked at for harm',
  notCountedYetToTake: (many: number) =>
    `Not counted yet: ${count(many, 'reading')} to take again, by tape or probe. Until then the yard is judged as it was.`,
  betterItAndMeasureAgain: 'Better it and measure again.',
  stillGetBy: (
    animals: Parameters<typeof animalList>[0],
    place: Place,
    stillLetsBy: Parameters<typeof spotWords>[1],
    openSince: string,
  ) =>
    `${capital(animalList(animals))} still get by, ${spotWords(place, stillLetsBy)}: ${reasonWords(place, stillLetsBy)} ${openSince}`,
  measuredAgainItHoldsAgainst: 'Measured again: it holds against what it was made for.',
  inDoubtFor: (
    it: Parameters<typeof animalList>[0],
    place: Place,
    inDoubt: Parameters<typeof reasonWords>[1],
  ) => `In doubt for ${animalList(it)}: ${reasonWords(place, inDoubt)}`,
  itIsOpenAgain: 'It is open again.',
  openAgainSince: (at: string, held: string | undefined) => {
    const before = held === undefined ? '' : ` It held from ${dayWords(held)}.`;
    return `Open again since ${dayWords(at)}.${before}`;
  },
  beforeAndAfter: 'Before and after',
  after: 'After',
  before: 'Before',
  makeItOrLess: (atMost: number, attribute: Parameters<typeof amountWords>[1], units: Units) =>
    `make it ${amountWords(atMost, attribute, units)} or less.`,
  makeItOrMore: (atLeast: number, attribute: Parameters<typeof amountWords>[1], units: Units) =>
    `make it ${amountWords(atLeast, attribute, units)} or more.`,
  withinAFewFingers: (near: number, attribute: Parameters<typeof amountWords>[1], units: Units) =>
    `${amountWords(near, attribute, units)}, within a few fingers.`,
  wiresAt: (units: Units, heights: readonly number[], standOff: number) => {
    const at = listOf(heights.map((it) => lengthWords(it, units)));
    const wires = heights.length === 1 ? 'One wire' : 'Wires';
    return `${wires} ${at} above the ground, about ${lengthWords(standOff, units)} out from the wall.`;
  },
  whenWhoWhatItTakes: 'When, who, what it takes',
  reckonedByTheMetre: (place: Parameters<typeof moneyWords>[0], cents: number, minutes: number) =>
    `Reckoned: ${moneyWords(place, cents)} by the metre, ${timeWords(minutes)}.`,
  spent: (filter: string) => `Spent: ${filter}.`,
  by: (who: string) => `By ${who}.`,
  writeItDown: 'Write it down',
  dueDay: 'Due, like 2026-12-05',
  whoDoesIt: 'Who does it',
  moneySpent: 'Money spent',
  minutesSpent: 'Minutes spent',
  keepIt: 'Keep it',
  leaveItAsItWas: 'Leave it as it was',
  isNoDayWriteIt: (due: string) => `“${due}” is no day. Write it like 2026-12-05.`,
  isNoSum: (money: string, wrongSum: string) => `“${money}” is no sum. ${wrongSum}`,
  areNoMinutesWriteThem: (minutes: string) => `“${minutes}” are no minutes. Write them like 90.`,
  stillComeInElsewhere: (animalName: string, map: Parameters<typeof listOf>[0]) =>
    `${capital(animalName)} still come in elsewhere: ${listOf(map)}.`,
  mends: 'Mends',
  against: (name: string, stops: Parameters<typeof animalList>[0], mendStateWord: string) =>
    `${capital(name)}, against ${animalList(stops)}: ${mendStateWord}`,
  how: 'How',
  soFar: 'So far',
  planIt: 'Plan it',
  markItDone: 'Mark it done',
  boughtTheThings: 'Bought the things',
  measureAgain: 'Measure again',
  notDoneAfterAll: 'Not done after all',
  takeItOffTheList: 'Take it off the list',
  whichOfThem: 'Which of them',
  close: 'Close',
  onlySomeAreShown: 'Only some are shown',
  showOnlySome: 'Show only some',
  showAll: 'Show all',
  againstWhom: 'Against',
  where: 'Where',
  forNoMoreThan: 'For no more than',
  withNoOtherToolsThan: 'With no other tools than',
  halfDone: 'Half done',
  toBeSeenTo: 'To be seen to',
  ofMade: (animalName: string, many: number, many2: number) =>
    `${capital(animalName)}: ${many} of ${many2} made`,
  itStillComesIn: (map: Parameters<typeof listOf>[0]) => `It still comes in: ${listOf(map)}.`,
  mendsInOrder: 'Mends and how far they are',
  whatAndWhere: 'What and where',
  inTheOrderOf: 'In the order of',
  byLap: 'the lap',
  byPlan: 'the plan',
  byState: 'how far it is',
  byMoney: 'money',
  byWork: 'work',
  byDue: 'day due',
  reckonedAndSpent: 'Reckoned, and spent',
  againstAt: (place: Place, mend: Mend, isThoughtOf: boolean) => {
    const own = isThoughtOf ? '. Of your own, not planned' : '';
    return `${capital(whereWords(place, mend))}, against ${animalList(mend.stops)}${own}`;
  },
  notPlanned: 'not planned',
  spentOf: (said: string) => `spent ${said}`,
  openAgain: 'Open again',
  doneMeasureAgain: 'Done: measure again',
  toDo: 'To do',
  holding: 'Holding',
  ofYourOwn: 'Of your own, not planned',
  thePlanWhatToMend: 'The plan: what to mend first',
  whatToMendFirst: 'What to mend first',
  thePlanForYourMoney: 'The plan for your money and hours',
  theShoppingList: 'The shopping list',
  shoppingAndCutting: 'Shopping and cutting',
  nothingToBuy: 'Nothing to buy',
  theListFor: (toBuy: number) => `The list for ${count(toBuy, 'planned mend')}`,
  whatFallsDueForA: 'What falls due for a look',
  whatGrowsOld: 'What grows old',
  nothingDueForALook: 'Nothing due for a look',
  due: (looksDue: number) => `${count(looksDue, 'look')} due`,
  recordsWalksMendsAndSightings: 'Records: walks, mends and sightings in order',
  records: 'Records',
  allInOrderAReport: 'All in order; a report to hand on',
  noMendInHand: 'No mend in hand',
  inHand: (todo: number) => `${count(todo, 'mend')} in hand`,
  aMendCountsAsHolding: 'A mend counts as holding only when a new reading shows it.',
  noneOfTheIsLike: (many: number) => `None of the ${count(many, 'mend')} is like that.`,
  waysInWithoutAMend: 'Ways in without a mend',
  chooseAMend: 'Choose a mend',
  notOnTheLap: 'not on the lap',
  inListOf: (place: Place, mend: Mend, state: string) => {
    const who = mend.who === undefined ? '' : ` ${mend.who}.`;
    return `${capital(whereWords(place, mend))}, against ${animalList(mend.stops)}. ${capital(state)}.${who}`;
  },
  halfDoneAgainstThe: (animalName: string) => `Half done against the ${animalName}`,
  mend: (place: Place, way: Parameters<typeof wayTitle>[1]) => `Mend: ${wayTitle(place, way)}`,
});
