/** Entries of the reference about the electric line: wire, ground, what leaks, the animal in the circuit, energizer and battery, the search. */
import { Fragment } from 'react';
import {
  batteryKinds,
  chargeAtFreezing,
  chargeOff,
  dryCellCharge,
  efficiency,
  fullAtRest,
  fullSunShare,
  hoursADay,
  mostJoules,
  openAtMost,
  openOverLoaded,
  plateLoad,
  pulseRate,
  pulseWidth,
  quiescent,
  usableShare,
  leastForTrend,
} from '@/core/tables/energizers';
import { bodyOhms, pawRadius, soundSource } from '@/core/tables/fence-animal';
import {
  likelierAtDoor,
  likelierBroken,
  likelierPoor,
  likelierUnread,
  likelierWhere,
  modelShare,
  poorJoint,
  sureEnough,
  testerLeast,
  testerShare,
} from '@/core/tables/fence-faults';
import {
  earthApart,
  frostDepth,
  grassGrowth,
  groundOhms,
  grounds,
  mownHeight,
  overgrown,
  rodFactorAtMost,
  rodsAdvised,
  snowOhms,
} from '@/core/tables/fence-ground';
import {
  arrivesAtLeast,
  clampOhms,
  endsAndKnots,
  fewNights,
  ofPlateAtLeast,
  ofWhatItGives,
  shortedTo,
  throughGroundAtLeast,
} from '@/core/tables/fence-first';
import { insulatorEvery, insulatorOhms, leakOhms } from '@/core/tables/fence-leaks';
import { fenceWires, wireOhms } from '@/core/tables/fence-wires';
import { firstStandOff } from '@/core/mends/added-line';
import { kitParts, lineKit, lineWork, signEvery } from '@/core/tables/line-kit';
import { strandHours } from '@/core/tables/strand-hours';
import { touching } from '@/core/tables/shocking';
import { strandHoursNames } from '@/words/edit-words';
import { groundNames, touchingNames } from '@/words/names';
import { batteryNames, wireNames } from '@/words/screens/fence';
import { fenceFiguresText } from '@/words/screens/fence-figures';
import type { Entry } from './entry';
import { FigureLine } from './FigureLine';

const fullGrowth = grassGrowth[4];

export const fenceEntries: readonly Entry[] = [
  {
    id: 'fence-wire',
    kind: 'strands',
    name: fenceFiguresText.wire,
    words: fenceFiguresText.wireFind,
    figures: () =>
      fenceWires.map((it) => (
        <FigureLine key={it} name={`${wireNames[it]}:`} figure={wireOhms[it]} />
      )),
  },
  {
    id: 'fence-ground',
    kind: 'strands',
    name: fenceFiguresText.ground,
    words: fenceFiguresText.groundFind,
    figures: () => (
      <>
        {grounds.map((it) => (
          <FigureLine key={it} name={`${groundNames[it][0]}:`} figure={groundOhms[it]} />
        ))}
        <FigureLine name={fenceFiguresText.snow} figure={snowOhms} />
        <FigureLine name={fenceFiguresText.frost} figure={frostDepth} />
      </>
    ),
  },
  {
    id: 'fence-rods',
    kind: 'strands',
    name: fenceFiguresText.rods,
    words: fenceFiguresText.rodsFind,
    figures: () => (
      <>
        <FigureLine name={fenceFiguresText.rodsTogether} figure={rodFactorAtMost} />
        <FigureLine name={fenceFiguresText.rodsAsked} figure={rodsAdvised} />
        <FigureLine name={fenceFiguresText.fromOtherEarths} figure={earthApart} />
      </>
    ),
  },
  {
    id: 'fence-leaks',
    kind: 'strands',
    name: fenceFiguresText.leaks,
    words: fenceFiguresText.leaksFind,
    figures: () => (
      <>
        {touching.map((it) =>
          it === 'nothing' ? null : (
            <Fragment key={it}>
              <FigureLine
                name={fenceFiguresText.leakDry(touchingNames[it][0])}
                figure={leakOhms[it].ohms.dry}
              />
              <FigureLine name={fenceFiguresText.leakWet} figure={leakOhms[it].ohms.wet} />
            </Fragment>
          ),
        )}
        <FigureLine name={fenceFiguresText.insulatorDry} figure={insulatorOhms.dry} />
        <FigureLine name={fenceFiguresText.leakWet} figure={insulatorOhms.wet} />
        <FigureLine name={fenceFiguresText.insulatorEvery} figure={insulatorEvery} />
      </>
    ),
  },
  {
    id: 'fence-animal',
    kind: 'strands',
    name: fenceFiguresText.animal,
    words: fenceFiguresText.animalFind,
    figures: () => (
      <>
        <FigureLine name={fenceFiguresText.body} figure={bodyOhms} />
        <FigureLine name={fenceFiguresText.paw} figure={pawRadius} />
        <FigureLine name={fenceFiguresText.meant} figure={soundSource} />
      </>
    ),
  },
  {
    id: 'fence-energizer',
    kind: 'strands',
    name: fenceFiguresText.energizer,
    words: fenceFiguresText.energizerFind,
    figures: () => (
      <>
        <FigureLine name={fenceFiguresText.plateAt} figure={plateLoad} />
        <FigureLine name={fenceFiguresText.atMostJoules} figure={mostJoules} />
        <FigureLine name={fenceFiguresText.pulse} figure={pulseWidth} />
        <FigureLine name={fenceFiguresText.openOverLoaded} figure={openOverLoaded} />
        <FigureLine name={fenceFiguresText.openAtMost} figure={openAtMost} />
        <FigureLine name={fenceFiguresText.rate} figure={pulseRate} />
        <FigureLine name={fenceFiguresText.efficiency} figure={efficiency} />
        <FigureLine name={fenceFiguresText.atRest} figure={quiescent} />
      </>
    ),
  },
  {
    id: 'fence-battery',
    kind: 'strands',
    name: fenceFiguresText.battery,
    words: fenceFiguresText.batteryFind,
    figures: () => (
      <>
        <FigureLine name={fenceFiguresText.fullAtRest} figure={fullAtRest} />
        {batteryKinds.map((it) => (
          <Fragment key={it}>
            <FigureLine name={fenceFiguresText.usable(batteryNames[it])} figure={usableShare[it]} />
            <FigureLine name={fenceFiguresText.toldWithin} figure={chargeOff[it]} />
          </Fragment>
        ))}
        <FigureLine name={fenceFiguresText.trendFrom} figure={leastForTrend} />
        <FigureLine name={fenceFiguresText.cold} figure={chargeAtFreezing} />
        <FigureLine name={fenceFiguresText.dryCells} figure={dryCellCharge} />
        <FigureLine name={fenceFiguresText.sun} figure={fullSunShare} />
        {strandHours.map((it) => (
          <FigureLine
            key={it}
            name={fenceFiguresText.hours(strandHoursNames[it])}
            figure={hoursADay[it]}
          />
        ))}
      </>
    ),
  },
  {
    id: 'fence-first',
    kind: 'strands',
    name: fenceFiguresText.first,
    words: fenceFiguresText.firstFind,
    figures: () => (
      <>
        <FigureLine name={fenceFiguresText.isLeak} figure={arrivesAtLeast} />
        <FigureLine name={fenceFiguresText.isGone} figure={ofWhatItGives} />
        <FigureLine name={fenceFiguresText.isWeakByItself} figure={ofPlateAtLeast} />
        <FigureLine name={fenceFiguresText.isGround} figure={throughGroundAtLeast} />
        <FigureLine name={fenceFiguresText.fewNights} figure={fewNights} />
        <FigureLine name={fenceFiguresText.shortedTo} figure={shortedTo} />
        <FigureLine name={fenceFiguresText.clamp} figure={clampOhms} />
      </>
    ),
  },
  {
    id: 'fence-kit',
    kind: 'strands',
    name: fenceFiguresText.kit,
    words: fenceFiguresText.kitFind,
    figures: () => (
      <>
        <FigureLine name={fenceFiguresText.firstStandOff} figure={firstStandOff} />
        {kitParts.map((it) => (
          <FigureLine key={it} name={fenceFiguresText.kitPart(it)} figure={lineKit[it]} />
        ))}
        <FigureLine name={fenceFiguresText.workOnce} figure={lineWork.fixed} />
        <FigureLine name={fenceFiguresText.workMetre} figure={lineWork.metre} />
        <FigureLine name={fenceFiguresText.signs} figure={signEvery} />
        <FigureLine name={fenceFiguresText.knots} figure={endsAndKnots} />
      </>
    ),
  },
  {
    id: 'fence-grass',
    kind: 'strands',
    name: fenceFiguresText.grass,
    words: fenceFiguresText.grassFind,
    figures: () => (
      <>
        <FigureLine name={fenceFiguresText.mown} figure={mownHeight} />
        {fullGrowth && <FigureLine name={fenceFiguresText.inMay} figure={fullGrowth} />}
        <FigureLine name={fenceFiguresText.overgrown} figure={overgrown} />
      </>
    ),
  },
  {
    id: 'fence-search',
    kind: 'strands',
    name: fenceFiguresText.search,
    words: fenceFiguresText.searchFind,
    figures: () => (
      <>
        <FigureLine name={fenceFiguresText.tester} figure={testerShare} />
        <FigureLine name={fenceFiguresText.testerLeast} figure={testerLeast} />
        <FigureLine name={fenceFiguresText.model} figure={modelShare} />
        <FigureLine name={fenceFiguresText.endsAt} figure={sureEnough} />
        {touching.map((it) => (
          <FigureLine
            key={it}
            name={fenceFiguresText.likelierWhere(touchingNames[it][0])}
            figure={likelierWhere[it]}
          />
        ))}
        <FigureLine name={fenceFiguresText.likelierUnread} figure={likelierUnread} />
        <FigureLine name={fenceFiguresText.likelierAtDoor} figure={likelierAtDoor} />
        <FigureLine name={fenceFiguresText.likelierBroken} figure={likelierBroken} />
        <FigureLine name={fenceFiguresText.likelierPoor} figure={likelierPoor} />
        <FigureLine name={fenceFiguresText.poorJoint} figure={poorJoint} />
      </>
    ),
  },
];
