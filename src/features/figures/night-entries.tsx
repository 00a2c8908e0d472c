/** Entries of the reference about evenings and about what is found after a loss. */
import {
  learningEvenings,
  learningReasons,
  missedBy,
  priorRounds,
  staysOpenShare,
} from '@/core/tables/shutting';
import {
  chanceOfWeight,
  otherCauseBirds,
  otherCauseRates,
  otherCauses,
  signAnswers,
  signColumns,
  signQuestions,
  signWeight,
  unknownWay,
  unlikeWay,
} from '@/core/tables/signs';
import {
  awayNamedAhead,
  countsBefore,
  lineEvery,
  growingFrom,
  letsInFrom,
  inspectedTogether,
  panelsAhead,
  panelsAskedFor,
  snowAskedFor,
  pullEvery,
  remindedAfter,
  wholeWalkBy,
} from '@/core/tables/rounds';
import { morningFrom, newsFor, noonFrom, sureEnough } from '@/core/tables/devices';
import { Fragment } from 'react';
import { sources } from '@/core/tables/sources';
import { Txt } from '@/ui/controls/Txt';
import { yearDayWords } from '@/words/day-words';
import { markNames } from '@/words/names';
import { nightFiguresText } from '@/words/screens/night-figures';
import { causeNames, signQuestionWords } from '@/words/sign-words';
import { learningNames } from '@/words/night-words';
import type { Entry } from './entry';
import { FigureLine } from './FigureLine';

export const nightEntries: readonly Entry[] = [
  {
    id: 'missed-rounds',
    kind: 'nights',
    name: nightFiguresText.aMissedRound,
    words: nightFiguresText.eveningDoorShut,
    figures: () => (
      <>
        <FigureLine name={nightFiguresText.byHand} figure={missedBy.hand} />
        <FigureLine name={nightFiguresText.byCord} figure={missedBy.cord} />
        <FigureLine name={nightFiguresText.byItself} figure={missedBy.light} />
        <FigureLine name={nightFiguresText.ofThatStaysOpen} figure={staysOpenShare} />
        <FigureLine name={nightFiguresText.weighsAs} figure={priorRounds} />
      </>
    ),
  },
  {
    id: 'rounds',
    kind: 'nights',
    name: nightFiguresText.whatFallsDue,
    words: nightFiguresText.rounds,
    figures: () => (
      <>
        <FigureLine name={nightFiguresText.lineEvery} figure={lineEvery} />
        <FigureLine name={nightFiguresText.pullEvery} figure={pullEvery} />
        <FigureLine name={nightFiguresText.awayAhead} figure={awayNamedAhead} />
        <FigureLine name={nightFiguresText.countsBefore} figure={countsBefore} />
        <FigureLine name={nightFiguresText.lookedTogether} figure={inspectedTogether} />
        <FigureLine name={nightFiguresText.remindedAfter} figure={remindedAfter} />
        <FigureLine name={nightFiguresText.panelsAhead} figure={panelsAhead} />
        <FigureLine name={nightFiguresText.panelsAskedFor} figure={panelsAskedFor} />
        <FigureLine name={nightFiguresText.snowAskedFor} figure={snowAskedFor} />
        <FigureLine name={nightFiguresText.growingFrom} figure={growingFrom} />
        <FigureLine name={nightFiguresText.letsInFrom} figure={letsInFrom} />
        <Txt tone="ink2">{nightFiguresText.wholeWalks(wholeWalkBy.map(yearDayWords))}</Txt>
      </>
    ),
  },
  {
    id: 'devices',
    kind: 'nights',
    name: nightFiguresText.whatDevicesSay,
    words: nightFiguresText.devices,
    figures: () => (
      <>
        <FigureLine name={nightFiguresText.morningFrom} figure={morningFrom} />
        <FigureLine name={nightFiguresText.noonFrom} figure={noonFrom} />
        <FigureLine name={nightFiguresText.sureEnough} figure={sureEnough} />
        <FigureLine name={nightFiguresText.newsFor} figure={newsFor} />
      </>
    ),
  },
  {
    id: 'learning',
    kind: 'nights',
    name: nightFiguresText.birdsToLookFor,
    words: nightFiguresText.newYoungMoved,
    figures: () => (
      <>
        {learningReasons.map((it) => (
          <FigureLine key={it} name={`${learningNames[it]}:`} figure={learningEvenings[it]} />
        ))}
      </>
    ),
  },
  ...signQuestions.map((question): Entry => ({
    id: `sign-${question}`,
    kind: 'nights',
    name: signQuestionWords[question],
    words: nightFiguresText.signsFound,
    figures: () => (
      <>
        {signAnswers[question].map((answer) => (
          <Txt key={answer}>
            {nightFiguresText.leftBy(
              question,
              answer,
              signColumns.map((column) => [column, signWeight(question, answer, column)] as const),
            )}
          </Txt>
        ))}
        <Txt kind="small" tone="ink2">
          {nightFiguresText.fromKeys(markNames.assumption, sources['sign-keys'])}
        </Txt>
      </>
    ),
  })),
  {
    id: 'sign-weights',
    kind: 'nights',
    name: nightFiguresText.whatAWeightMeans,
    words: nightFiguresText.signsFound,
    figures: () => (
      <>
        {chanceOfWeight.map((figure, weight) => (
          <FigureLine key={weight} name={nightFiguresText.weight(weight)} figure={figure} />
        ))}
        <FigureLine name={nightFiguresText.unlikeItsWay} figure={unlikeWay} />
        <FigureLine name={nightFiguresText.byNoKnownWay} figure={unknownWay} />
      </>
    ),
  },
  {
    id: 'other-causes',
    kind: 'nights',
    name: nightFiguresText.noAnimalFromOutside,
    words: nightFiguresText.illnessStrayed,
    figures: () => (
      <>
        {otherCauses.map((it) => (
          <Fragment key={it}>
            <FigureLine
              name={nightFiguresText.aBirdAYear(causeNames[it])}
              figure={otherCauseRates[it]}
            />
            <FigureLine name={nightFiguresText.atOneTime} figure={otherCauseBirds[it]} />
          </Fragment>
        ))}
      </>
    ),
  },
];
