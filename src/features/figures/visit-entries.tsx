/** Entries of the reference about visits, tries and losses. */
import { figuresText } from '@/words/screens/figures';
import { feedTimes, leanTimes, youngNearDays, youngTimes } from '@/core/tables/attempting';
import { ordinaryLoss, priorBirdYears } from '@/core/tables/losing';
import {
  deterredTimes,
  drawnTimes,
  leastDeterred,
  oftenWords,
  peakTimes,
  seldomTimes,
  shockedDays,
  shockedTimes,
  visitsOf,
} from '@/core/tables/visiting';
import { capital, oftenNames } from '@/words/names';
import type { Entry } from './entry';
import { FigureLine } from './FigureLine';

export const visitEntries: readonly Entry[] = [
  ...oftenWords.map((word): Entry => ({
    id: word,
    kind: 'visits',
    name: capital(oftenNames[word]),
    words: figuresText.visitsADayRate,
    figures: () => <FigureLine name={figuresText.visitsADay} figure={visitsOf[word]} />,
  })),
  {
    id: 'deterrents',
    kind: 'visits',
    name: figuresText.deterrents,
    words: figuresText.lightSoundScentScarecrow,
    figures: () => (
      <>
        <FigureLine name={figuresText.timesForEach} figure={deterredTimes} />
        <FigureLine name={figuresText.neverLessThan} figure={leastDeterred} />
      </>
    ),
  },
  {
    id: 'drawn',
    kind: 'visits',
    name: figuresText.whatDrawsItAndIts,
    words: figuresText.nearSeasonPeak,
    figures: () => (
      <>
        <FigureLine name={figuresText.timesForEachThingNear} figure={drawnTimes} />
        <FigureLine name={figuresText.timesInItsMonths} figure={peakTimes} />
        <FigureLine name={figuresText.timesInMonthsOfRest} figure={seldomTimes} />
      </>
    ),
  },
  {
    id: 'tries',
    kind: 'visits',
    name: figuresText.whatMakesItTry,
    words: figuresText.attemptHungerYoungFeed,
    figures: () => (
      <>
        <FigureLine name={figuresText.timesWithYoungToFeed} figure={youngTimes} />
        <FigureLine name={figuresText.youngNoticedNear} figure={youngNearDays} />
        <FigureLine name={figuresText.timesInLeanMonths} figure={leanTimes} />
        <FigureLine name={figuresText.timesWithFeedLyingAbout} figure={feedTimes} />
      </>
    ),
  },
  {
    id: 'shocked',
    kind: 'visits',
    name: figuresText.afterAShock,
    words: figuresText.shockFenceLearns,
    figures: () => (
      <>
        <FigureLine name={figuresText.timesItsVisits} figure={shockedTimes} />
        <FigureLine name={figuresText.forSoLong} figure={shockedDays} />
      </>
    ),
  },
  {
    id: 'losing',
    kind: 'visits',
    name: figuresText.whatFlocksLose,
    words: figuresText.lossesExperienceShare,
    figures: () => (
      <>
        <FigureLine name={figuresText.ofFreeRangingHensAYear} figure={ordinaryLoss} />
        <FigureLine name={figuresText.whatTheTablesCountAs} figure={priorBirdYears} />
      </>
    ),
  },
];
