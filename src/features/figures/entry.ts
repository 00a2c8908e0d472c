/** What stands on the page of figures, and in which part of it. */
import type { ReactNode } from 'react';
import { attackNames } from '@/words/names';
import { figuresText } from '@/words/screens/figures';

export const entryKinds = [
  'animals',
  'meshes',
  'latches',
  'fixings',
  'ground',
  'strands',
  'visits',
  'nights',
  'gauges',
  'prices',
  'making',
  'lives',
  'counting',
] as const;
export type EntryKind = (typeof entryKinds)[number];

export const entryKindNames: Readonly<Record<EntryKind, readonly [name: string, use: string]>> = {
  animals: [figuresText.animals, figuresText.whatShutsEachOutBy],
  meshes: [
    figuresText.meshAndBoard,
    figuresText.theClearOpeningDecidesAnd(attackNames.pass, attackNames.reach, attackNames.tear),
  ],
  latches: [figuresText.latches, figuresText.motionsAndForcesDecideTwo(attackNames.open)],
  fixings: [figuresText.whatHoldsItOn, figuresText.itsClassAgainstAnAnimals(attackNames.tear)],
  ground: [figuresText.ground, figuresText.decidesHowHardIsAnd(attackNames.dig)],
  strands: [figuresText.electricStrands, figuresText.decideWhatShareOfThe],
  nights: [figuresText.eveningsAndLosses, figuresText.howOftenARoundIsMissed],
  gauges: [figuresText.withoutATape, figuresText.howWideAGapIs],
  prices: [figuresText.whatThingsCost, figuresText.roundSumsInYourOwn],
  making: [figuresText.makingAndBuying, figuresText.whatMendsAreCutFixed],
  lives: [figuresText.howLongItLasts, figuresText.whenAThingOutdoorsFalls],
  visits: [figuresText.howOften, figuresText.visitsADayThatA],
  counting: [figuresText.howItCounts, figuresText.whatTheJudgementCountsBy],
};

export interface Entry {
  readonly id: string;
  readonly kind: EntryKind;
  readonly name: string;
  /** What else it is found by. */
  readonly words: string;
  readonly figures: () => ReactNode;
}
