/** What the screens of `figures` say. */
import { count, listOf } from '../names';
import { overWords, skirtWords } from '../reason-words';

export const figuresText = {
  shutOutAtUsed: 'Shut out at (used)',
  stricterForMends: 'Stricter, for mends',
  aLongSlotShutAt: 'A long slot, shut at',
  reachesThroughFrom: 'Reaches through from',
  reachesIn: 'Reaches in',
  breaksCoverUpToClass: 'Breaks cover up to class',
  keptFromDiggingBy: (value: number, value2: number) =>
    `Kept from digging by ${skirtWords(value, value2, 'metric')}`,
  leaps: 'Leaps',
  keptFromClimbingOverBy: (enough: Parameters<typeof overWords>[0]) =>
    `Kept from climbing over by ${overWords(enough, 'metric')}`,
  mmOut: (value: number) => `, ${value} mm out`,
  turnedBackByStrandsAt: (at: Parameters<typeof listOf>[0], out: string) =>
    `Turned back by strands at ${listOf(at)}${out}`,
  lineNeeds: 'Line needs',
  shareTurnedBackAtMost: 'Share turned back at most',
  patience: 'Patience',
  grownBirdsByOneVisit: 'Grown birds by one visit',
  forceOnALatchOr: 'Force on a latch or edge',
  worksOneMotionCommonPractice: (motions: Parameters<typeof listOf>[0]) =>
    `Works one motion: ${listOf(motions, 'or')} (common practice).`,
  pushesAnUnlatchedDoorWorks: 'Pushes an unlatched door; works no latch (common practice).',
  worksNoLatchCommonPractice: 'Works no latch (common practice).',
  animals: 'Animals',
  whatShutsEachOutBy:
    'What shuts each out, by every attack, and how often and how long it tries: every reading is held against these.',
  meshAndBoard: 'Mesh and board',
  theClearOpeningDecidesAnd: (pass: string, reach: string, tear: string) =>
    `The clear opening decides ${pass} and ${reach}; the class of strength ${tear}.`,
  latches: 'Latches',
  whatHoldsItOn: 'What holds it on',
  itsClassAgainstAnAnimals: (tear: string) => `Its class against an animal’s pull decides ${tear}.`,
  ground: 'Ground',
  decidesHowHardIsAnd: (dig: string) =>
    `Decides how hard ${dig} is, and whether pegs hold a frame down.`,
  electricStrands: 'Electric strands',
  decideWhatShareOfThe: 'Decide what share of the tries on foot is turned back.',
  withoutATape: 'Without a tape',
  howWideAGapIs:
    'How wide a gap is that an everyday thing just goes into: kept as an estimate, as a range.',
  whatThingsCost: 'What things cost',
  roundSumsInYourOwn:
    'Round sums in your own money, to weigh mends by; mesh and latches have theirs in their own entries.',
  makingAndBuying: 'Making and buying',
  whatMendsAreCutFixed: 'What mends are cut, fixed, bought and reckoned by.',
  howLongItLasts: 'How long it lasts',
  whenAThingOutdoorsFalls:
    'When a thing outdoors falls due for a look; it changes no judgement until somebody has looked.',
  howOften: 'How often',
  visitsADayThatA: 'Visits a day that a word stands for: the weight of every animal.',
  aMetre: 'a metre',
  aSquareMetre: 'a square metre',
  pitchCentreToCentre: 'Pitch, centre to centre',
  soldAs: 'Sold as',
  wire: 'Wire',
  clearOpening: 'Clear opening',
  classOfStrength: 'Class of strength',
  tornOffAbove: 'Torn off above',
  classOfPullThatDraws: 'Class of pull that draws it',
  pegsHoldFrom: 'Pegs hold from',
  nothingDigsThereAndNo: 'Nothing digs there, and no peg goes in (common practice).',
  asTheFiguresStand: 'as the figures stand',
  aStepHarder: 'a step harder',
  digging: (it: string, assumption: string) => `Digging: ${it} (${assumption}).`,
  aWireCountsWithin: 'A wire counts within',
  heightStandOffInsulator: 'height stand-off insulator',
  toEitherSideOfIts: 'To either side of its height',
  touchedBy: (touchingName: string) => `Touched by ${touchingName}`,
  leavesOfWhatItTurns: (leftWhenTouching: number, assumption: string) =>
    `Leaves ${leftWhenTouching} of what it turns back: ${assumption}.`,
  visitsADayRate: 'visits a day rate',
  visitsADay: 'Visits a day',
  gaugeEstimateTape: 'gauge estimate tape',
  across: 'Across',
  priceCostMoneyMend: 'price cost money mend',
  mendShopCutBuyOverlap: 'mend shop cut buy overlap spacing',
  lifeAgeYearsRotRust: 'life age years rot rust sun look',
  expectedLife: 'Expected life',
  lookEvery: 'Look every',
  theEarthStake: 'The earth stake',
  electricFenceVoltsGround: 'electric fence volts ground',
  voltsOnItAtThe: 'Volts on it, at the most',
  whatDrawsItAndIts: 'What draws it, and its months',
  nearSeasonPeak: 'near season peak',
  timesForEachThingNear: 'Times for each thing near that draws it:',
  timesInItsMonths: 'Times in its months:',
  place: 'Place',
  figures: 'Figures',
  eachWithItsSourceAnd:
    'Each with its source and one of three marks: published (recalled from memory), common practice, assumption of ours. A place is judged by the figure marked used; mends are made to the stricter one.',
  lookFor: 'Look for',
  found: (many: number) => `${count(many, 'entry', 'entries')} found.`,
  howItIsJudged: 'How it is judged',
  close: 'close',
  open: 'open',
  whatWasReadOnEvery:
    'What was read on every walk is laid over the place, oldest first. What nobody has read may be anything: every figure is worked out twice, with all of it shut and with all of it open.',
  forEveryBayEveryAnimal:
    'For every bay, every animal and every attack the reading is held against the figure that is enough. What comes out is a rung: open, minutes, about an hour, a night, or it holds. Layers one behind the other add.',
  fromOutsideToWhereThe:
    'From outside to where the birds are, the easiest way through all barriers is searched for, by every outermost bay. Electric strands turn a share of the tries back.',
  underAnHourIsA:
    'Under an hour is a way in, neighbouring bays with the same cause counted once. From there to a night is a slow way. What comes less than once a year is not counted.',
  theChanceThatAVisit:
    'The chance that a visit gets to the birds is exp(−minutes ÷ patience) × (1 − what strands turn back).',
  howOftenEachComesIs:
    'How often each comes is reckoned from where you are, what lies near and the month, and moved by your log. “Never” is your word and counts as zero.',
  holdIsTheShareOf:
    'Hold is the share of the threat that the place turns away: 1 − Σ w × chance ÷ Σ w, where w is visits × birds taken by one of them. Its range closes as things are read.',
  fourScenariosAreJudgedApart:
    'Four scenarios are judged apart: a night with everything shut, a night on which the round was forgotten, the day in the run, and ranging. Tonight blends the first two by the chance of a missed round.',
  aYearsLossesAddUp:
    'A year’s losses add up all scenarios and months. They weigh mends against each other.',
  thePlanGoesThroughThe:
    'The plan goes through the sets of mends for the one that leaves the fewest birds to be taken for your money and hours, on what was read for sure; of like ones that with less work. It leaves out only what is proved to do no better.',
  mostOpeningsAnAnimalPasses:
    'Most openings an animal passes were never measured: figures are bands, and between the figure used and the stricter one it is in doubt, and said so.',
  everyCitationIsRecalledFrom:
    'Every citation is recalled from memory and wants looking up before anything is built on it.',
  itSeesOnlyWhatWas: 'It sees only what was read. A hole nobody looked for is an unread one.',
  itCountsAnimalsAsOrdinary:
    'It counts animals as ordinary ones. A single bold, hungry or large one does more.',
  aFramesAndHoopsAre:
    'A-frames and hoops are judged as upright walls of their height. A swinging door’s sag shows only in its gap when pulled.',
  noiseLightScentDogsAnd:
    'Noise, light, scent, dogs and cockerels are not counted: they close no gap.',
  patienceVisitsAndBirdsTaken: 'Patience, visits and birds taken are ours for every animal.',
  underAnHourIsAWay:
    'Under an hour is a way in, unless strands turn back four tries in five; from there to a night a slow way, if one visit in ten would last it out.',
  meshInTheGroundOr:
    'Mesh in the ground or a top edge that reaches three quarters of what is enough counts as a night, half as an hour, less as minutes; stony soil a step better, fresh digging a step worse.',
  anOpeningMoreThanThree: 'An opening more than three times as long as wide is a slot.',
  rustAndRotTakeA:
    'Rust and rot take a class of strength, failing cover two. Sound boards are gnawed in a night, worn ones in an hour.',
  aFrameWithTwiceAn: 'A frame with twice an animal’s force on its edge does not rise at all.',
  eachThingNearThatDraws:
    'Each thing near that draws an animal doubles its visits, its months add half, and they are spread evenly over the hours it keeps.',
  aDayHasTwelveHours:
    'A day has twelve hours of light; somebody at home keeps seven visits in ten away.',
  roundsOnRecordWeighAgainst: 'Rounds on record weigh against fifty of the starting figure.',
  pricesAndMinutesOfWork:
    'Prices and minutes of work are round sums. A spot that holds for a night is on no mend’s list. A mend is reckoned just as good as it is asked for.',
  rookleRanksAndExplainsIt: 'Rookle ranks and explains; it promises nothing.',
  inOrder: 'In order',
  whatItCannotTell: 'What it cannot tell',
  assumptionsOfOurs: 'Assumptions of ours',
  everyFigureAndItsSource: 'Every figure and its source',
} as const;
