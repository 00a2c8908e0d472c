/** What the screens of `figures` say. */
import { spoken } from '../language';
import { count, listOf } from '../names';
import { overWords, skirtWords } from '../reason-words';

export const figuresText = spoken('figures', {
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
  /** mm */
  turnedBackByStrandsAt: (heights: readonly number[], standOff: number | undefined) => {
    const out = standOff === undefined ? '' : `, ${standOff} mm out`;
    return `Turned back by strands at ${listOf(heights.map((it) => `${it} mm`))}${out}`;
  },
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
  rookleRanksAndExplainsIt: 'Rookle ranks and explains; it promises nothing.',
  inOrder: 'In order',
  whatItCannotTell: 'What it cannot tell',
  assumptionsOfOurs: 'Assumptions of ours',
  everyFigureAndItsSource: 'Every figure and its source',
  motionsAndForcesDecideTwo: (open: string) =>
    `Motions and forces decide ${open}. Two different motions stop what works one (common practice); two of the same are learned one after the other.`,
  costsAbout: (value: number, priceByName: string) => `Costs about ${value} ${priceByName}`,
  asWideAs: (gaugeName: string) => `As wide as ${gaugeName}`,
});
