/** The judgement in plain words. Each line stands in the core as a rule. */
import { figuresText } from '@/words/screens/figures';

export const steps: readonly string[] = [
  figuresText.whatWasReadOnEvery,
  figuresText.forEveryBayEveryAnimal,
  figuresText.fromOutsideToWhereThe,
  figuresText.underAnHourIsA,
  figuresText.theChanceThatAVisit,
  figuresText.howOftenEachComesIs,
  figuresText.holdIsTheShareOf,
  figuresText.fourScenariosAreJudgedApart,
  figuresText.aYearsLossesAddUp,
  figuresText.thePlanGoesThroughThe,
];

export const limits: readonly string[] = [
  figuresText.mostOpeningsAnAnimalPasses,
  figuresText.everyCitationIsRecalledFrom,
  figuresText.itSeesOnlyWhatWas,
  figuresText.itCountsAnimalsAsOrdinary,
  figuresText.aFramesAndHoopsAre,
  figuresText.noiseLightScentDogsAnd,
];

/** Each stands in the core beside the rule that uses it. */
export const assumptions: readonly string[] = [
  'What is open counts 0 minutes, a few minutes 5, an hour 60, a night 480; layers add.',
  figuresText.patienceVisitsAndBirdsTaken,
  figuresText.underAnHourIsAWay,
  figuresText.meshInTheGroundOr,
  figuresText.anOpeningMoreThanThree,
  figuresText.rustAndRotTakeA,
  'By day birds stand no higher than 600 mm (fine mesh to the knee is common practice).',
  figuresText.aFrameWithTwiceAn,
  'A strand counts within 50 mm of its height and never turns back more than 98 in 100; grass, snow or mesh on the line leave a half, a quarter, a tenth.',
  figuresText.eachThingNearThatDraws,
  'A camera night counts 0.8 of a watched night, your own eyes 0.15.',
  figuresText.aDayHasTwelveHours,
  figuresText.roundsOnRecordWeighAgainst,
  figuresText.pricesAndMinutesOfWork,
  'A gap over 1 m, mesh over 300 mm or a skirt over 2 m is taken for a slip.',
];
