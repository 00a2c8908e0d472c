/** What the screens of `plan` say. */
import { spoken } from '../language';
import { animalList, capital, count, listOf } from '../names';
import {
  birdsWords,
  moneyWords,
  nightLeftWords,
  sparedWords,
  timeWords,
  moneyOfPlan,
} from '../plan-words';

export const planText = spoken('plan', {
  birdsAYear: (money: string, birds: number) => `${money}: ${birdsWords(birds)} birds a year`,
  whatMoreMoneyBrings: 'What more money brings',
  eachSumIsWorkedOut: 'Working out the best plan for every sum: it may take a while …',
  curveSays: (hasHours: boolean) =>
    `Birds lost a year by the best plan for each sum paid in the shop${hasHours ? ', within the hours' : ''}; the bar is your money.`,
  theBendIsAtBirds: (money: string, birds: number) =>
    `The bend is at ${money}: ${birdsWords(birds)} birds a year. Beyond it more money brings less.`,
  planFor: (money: string) => `Plan for ${money}`,
  lookingForLess: 'Looking whether less money would do nearly as well.',
  lessWouldNotDo: 'Much less money would not do nearly as well.',
  lessWouldDo: (money: string, minutes: number, before: number, after: number) =>
    `${money} and ${timeWords(minutes)} would do nearly as well: ${birdsWords(before)}\u00a0→\u00a0${birdsWords(after)}.`,
  hardlyAny: (more: number) =>
    `With none of it ${birdsWords(more)} birds a year more would be lost: hardly one in ten years.`,
  moneyAndHours: 'Money and hours',
  money: 'Money',
  noEndOfIt: 'no end of it',
  hours: 'Hours',
  asLongAsItTakes: 'as long as it takes',
  noSingleMendLongerThan: 'No single mend longer than',
  typeIt: 'type it',
  done: 'done',
  typeItFor: (name: string) => `${name}: type it`,
  doneFor: (name: string) => `${name}: done`,
  limit: 'limit',
  noLimit: 'no limit',
  setALimit: (name: string) => `${name}: set a limit`,
  noLimitFor: (name: string) => `${name}: no limit`,
  asAFigure: (name: string) => `${name}, as a figure`,
  takesAt: (where: string, money: string, time: string, isInHand: boolean, isMust: boolean) =>
    [
      `${capital(where)}. ${money} by the metre, ${time}`,
      isInHand && 'On your list',
      isMust && 'Must do',
    ]
      .filter(Boolean)
      .join('. '),
  against: (stops: Parameters<typeof animalList>[0]) => `Against ${animalList(stops)}.`,
  takes: (map: string) => `Takes: ${map}.`,
  mustDo: 'must do',
  wontDo: 'won’t do',
  wontDoThis: (name: string, where: string) => `Won’t do: ${name}, ${where}`,
  whyNotTheOthers: 'Why not the others',
  neverPlannedSinceTheyWould: (map: Parameters<typeof listOf>[0]) =>
    `Never planned, since they would let something by more easily elsewhere: ${listOf(map)}.`,
  fewer: 'Fewer',
  aMendOfYourOwn: 'A mend of your own',
  addAMendOfYour: 'Add a mend of your own',
  sayWhereItGoesAnd: 'Say where it goes, and what it is called.',
  moneyMinutesAndWhatIt: 'Money, minutes and what it leaves are plain figures.',
  where: 'Where',
  chooseAWeakSpot: 'choose a weak spot',
  letsBy: (letsBy: Parameters<typeof animalList>[0]) => `Lets by ${animalList(letsBy)}.`,
  whatItIsCalled: 'What it is called',
  minutesOfWork: 'Minutes of work',
  leavesNoGapWiderThan: 'Leaves no gap wider than',
  makesItAtLeast: 'Makes it at least',
  itLeavesAHardEdge: 'It leaves a hard edge that nothing digs through.',
  itIsPlannedWithLike:
    'It is planned with like any other, and holds only when measuring again shows what you say.',
  addIt: 'Add it',
  leaveIt: 'Leave it',
  beforeAndAfterByAnimal: 'Before and after, by animal',
  birdsAYearEachAnimal:
    'Birds a year, each animal as if it came alone: no flock loses more than it has.',
  fromTo: (before: number, after: number, left: Parameters<typeof nightLeftWords>[0]) =>
    `${birdsWords(before)} → ${birdsWords(after)}${nightLeftWords(left)}`,
  inThisOrder: 'In this order',
  hoursADay: 'Hours of work a day',
  asItComes: 'as it comes',
  hoursEach: (hours: number) => `${hours} h a day`,
  day: (number: number, minutes: number) => `Day ${number}: ${timeWords(minutes)}`,
  theLeastThatChangesAnything: 'The least that changes anything',
  whatMakesTheNightsSafer: 'What makes the nights safer by the hour comes first.',
  noMendOfTheCatalogue: 'No mend of the catalogue changes anything here.',
  putOnMyList: (many: number) => `Put ${count(many, 'mend')} on my list`,
  shutOneAnimalOut: 'Shut one animal out',
  altogetherAtNightAtThe: 'Altogether, at night, at the least cost by the metre',
  chooseAnAnimal: 'choose an animal',
  workingItOut: 'Working it out …',
  cannotBeShutOutBy: (name: string, map: Parameters<typeof listOf>[0]) =>
    `${name}: cannot be shut out by these mends. Without a mend: ${listOf(map)}.`,
  isShutOutAlready: (name: string) => `${name}: is shut out already.`,
  andOfWorkShutIt: (
    name: string,
    place: Parameters<typeof moneyWords>[0],
    sums: Parameters<typeof moneyOfPlan>[0],
    minutes: number,
  ) =>
    `${name}: ${moneyOfPlan(sums, (cents) => moneyWords(place, cents))} and ${timeWords(minutes)} of work shut it out.`,
  theseMustBeInThe: 'These must be in the plan',
  forTonight: 'For tonight',
  untilALastingMendIs: 'Until a lasting mend is made. None of it counts as a mend that holds.',
  thePlan: 'The plan',
  drawingAndCurve: 'Drawing and curve',
  mends: 'Mends',
  thePlanCouldNotBe: 'The plan could not be worked out in this browser. Nothing was changed.',
  workingItOutSetsLooked: (nodes: number) => `Working it out: ${nodes} sets looked at …`,
  stopTakeTheBestSo: 'Stop; take the best so far',
  pricesThatAreNotIn:
    'Prices that are not in your price book are round sums of ours. Your money, the curve and the sum in the shop are for whole rolls, boards and packs; a single mend’s is its share, by the metre. Rookle ranks and explains; it promises nothing.',
  nothingNeedsMending: 'Nothing needs mending',
  noMendWithinThat: 'No mend within that',
  isTheLeastThatChanges: (money: string) =>
    `${money} in the shop is the least that changes anything.`,
  theLeastIsBeingLookedFor: 'Looking for the least that changes anything …',
  lossesSpared: (many: number, before: number, after: number) =>
    `${count(many, 'mend')}: ${sparedWords(before, after)}`,
  expectedBirds: (before: number, after: number) =>
    `${birdsWords(before)} → ${birdsWords(after)} birds a year expected. It may be several times less or more; what is spared of it stands firmer.`,
  andOfWork: (
    answer: Parameters<typeof moneyOfPlan>[0],
    money: Parameters<typeof moneyOfPlan>[1],
    minutes: number,
  ) => `${moneyOfPlan(answer, money)} and ${timeWords(minutes)} of work.`,
  noOtherSetOfThese:
    'No other set of these mends leaves fewer to be taken, to speak of, for that money and time.',
  stoppedEarlyTheBestSet: (gap: string) =>
    `Stopped early: the best set there is spares at most ${gap} more.`,
  whatMustBeMadeTakes: 'What must be made takes more than you allow.',
  ofWhatIsLeft: (max: number) => `${max} % of what is left`,
  withThePlanMade: 'With the plan made',
  onAShutNight: (waysIn: number, slowWays: number) => {
    const slow = slowWays > 0 ? `, ${count(slowWays, 'slow way')}` : '';
    return `On a night with everything shut: ${count(waysIn, 'way in', 'ways in')} left${slow}. Square numbers are the mends, in the order of the work.`;
  },
  mustDoThis: (name: string, where: string) => `Must do: ${name}, ${where}`,
  allThatAreNotIn: (many: number) => `All ${many} that are not in it`,
  wrongLimit: 'Write it like 120 or 7.5.',
});
