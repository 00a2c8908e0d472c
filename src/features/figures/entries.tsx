/** Everything the reference holds, as entries that can be searched: what it is called, what it is for, its figures. */
import { figuresText } from '@/words/screens/figures';
import { animalIds, animals } from '@/core/tables/animals';
import { fixingClass, fixings } from '@/core/tables/fixings';
import { looseHinge } from '@/core/tables/hinges';
import { timberClass } from '@/core/tables/timber';
import {
  catching,
  latchIds,
  latches,
  slideForce,
  swingForce,
  type LatchId,
} from '@/core/tables/latches';
import { meshes, meshIds, wireFrom } from '@/core/tables/meshes';
import { gaugeIds, gauges } from '@/core/tables/gauges';
import {
  earthAtMost,
  leaptWithWall,
  leftWhenTouching,
  touching,
  wireTolerance,
} from '@/core/tables/shocking';
import { countingFigures, type CountingGroup } from '@/core/tables/counting';
import { step } from '@/core/tables/climbing';
import type { Figure } from '@/core/tables/figure';
import { getsOutBy } from '@/core/tables/escaping';
import { passedAsSlot } from '@/core/tables/exclusion';
import { handPull, pullGaveNothing } from '@/core/tables/strength';
import { birdKinds } from '@/core/tables/bird-kinds';
import { nominalSize } from '@/core/tables/digging';
import { soilFigures, soils } from '@/core/tables/soils';
import type { Material } from '@/core/mends/catalogue';
import { prices, type PriceBy } from '@/core/mends/catalogue/prices';
import { makingFigures, type MakingFigure } from '@/core/mends/making-figures';
import { countingNames } from '@/words/counting-words';
import { makingNames } from '@/words/making-words';
import { ageingKinds, lifespans } from '@/core/tables/lifespans';
import { ageingNames } from '@/words/ageing-words';
import { Txt } from '@/ui/controls/Txt';
import { materialName } from '@/words/mend-words';
import {
  birdNames,
  capital,
  fixingNames,
  fullAnimalNames,
  gaugeNames,
  animalNames,
  latchNames,
  listOf,
  markNames,
  meshNames,
  motionNames,
  regionNames,
  soilNames,
  touchingNames,
} from '@/words/names';
import { AnimalFigures } from './AnimalFigures';
import { entryKindNames, type Entry, type EntryKind } from './entry';
import { FigureLine } from './FigureLine';
import { fenceEntries } from './fence-entries';
import { nightEntries } from './night-entries';
import { roomEntries } from './room-entries';
import { visitEntries } from './visit-entries';

function latchWords(id: LatchId): string {
  const words = listOf(latches[id].motions.map(({ motion }) => motionNames[motion]));
  return catching.includes(id) ? figuresText.catchesByItself(words) : words;
}

const priceByNames: Readonly<Record<PriceBy, string>> = {
  metre: figuresText.aMetre,
  'square-metre': figuresText.aSquareMetre,
  piece: 'apiece',
};

/** Those that have no entry of their own. */
const otherMaterials = (Object.keys(prices) as Material[]).filter(
  (it) => !(it in meshes) && !(it in latches),
);

function PriceLine({ material }: { readonly material: Material }) {
  const { by, cents } = prices[material];
  return (
    <FigureLine
      said
      name={figuresText.costsAbout(cents.value / 100, priceByNames[by])}
      figure={cents}
    />
  );
}

export const entries: readonly Entry[] = [
  ...animalIds.map((id): Entry => ({
    id,
    kind: 'animals',
    name: fullAnimalNames[id],
    words: `${animalNames[id].join(' ')} ${animals[id].regions.map((it) => regionNames[it]).join(' ')}`,
    figures: () => <AnimalFigures animal={animals[id]} />,
  })),
  ...meshIds.map((id): Entry => {
    const { kind, pitch, wire, clear, strength } = meshes[id];
    return {
      id,
      kind: 'meshes',
      name: capital(meshNames[id].join(' · ')),
      words: kind,
      figures: () => (
        <>
          {kind !== 'solid' && (
            <FigureLine
              name={kind === 'welded' ? figuresText.pitchCentreToCentre : figuresText.soldAs}
              figure={pitch}
            />
          )}
          {wire && <FigureLine name={figuresText.wire} figure={wire} />}
          <FigureLine name={figuresText.clearOpening} figure={clear} />
          <FigureLine name={figuresText.classOfStrength} figure={strength} />
          <PriceLine material={id} />
        </>
      ),
    };
  }),
  {
    id: 'wire-classes',
    kind: 'meshes',
    name: figuresText.whatWireMakesOfMesh,
    words: figuresText.gaugeThinThickImported,
    figures: () => (
      <>
        <FigureLine name={figuresText.countsAs19Gauge} figure={wireFrom.clampedMesh} />
        <FigureLine name={figuresText.countsAsHeavyMesh} figure={wireFrom.heavyMesh} />
      </>
    ),
  },
  ...latchIds.map((id): Entry => ({
    id,
    kind: 'latches',
    name: capital(latchNames[id]),
    words: latchWords(id),
    figures: () => (
      <>
        {latches[id].motions.map(({ motion, force }) => (
          <FigureLine key={motion} name={`${capital(motionNames[motion])}:`} figure={force} />
        ))}
        <FigureLine name={figuresText.tornOffAbove} figure={latches[id].givesWayAt} />
        <PriceLine material={id} />
      </>
    ),
  })),
  ...fixings.map((id): Entry => ({
    id,
    kind: 'fixings',
    name: capital(fixingNames[id][0]),
    words: fixingNames[id][1],
    figures: () => <FigureLine name={figuresText.classOfPullThatDraws} figure={fixingClass[id]} />,
  })),
  ...soils.map((id): Entry => {
    const { digging, pegsHoldFrom } = soilFigures[id];
    return {
      id,
      kind: 'ground',
      name: capital(soilNames[id][0]),
      words: soilNames[id][1],
      figures: () => (
        <>
          {pegsHoldFrom && <FigureLine name={figuresText.pegsHoldFrom} figure={pegsHoldFrom} />}
          <Txt tone="ink2">
            {digging === 'never'
              ? figuresText.nothingDigsThereAndNo
              : figuresText.digging(
                  digging === 0 ? figuresText.asTheFiguresStand : figuresText.aStepHarder,
                  markNames.assumption,
                )}
          </Txt>
        </>
      ),
    };
  }),
  {
    id: 'nominal',
    kind: 'ground',
    name: figuresText.nominalSizes,
    words: figuresText.skirtApronFoot,
    figures: () => <FigureLine name={figuresText.soLittleShort} figure={nominalSize} />,
  },
  {
    id: 'tolerance',
    kind: 'strands',
    name: figuresText.aWireCountsWithin,
    words: figuresText.heightStandOffInsulator,
    figures: () => <FigureLine name={figuresText.toEitherSideOfIts} figure={wireTolerance} />,
  },
  ...touching.map((id): Entry => ({
    id: `touching-${id}`,
    kind: 'strands',
    name: figuresText.touchedBy(touchingNames[id][0]),
    words: touchingNames[id][1],
    figures: () => (
      <Txt tone="ink2">
        {figuresText.leavesOfWhatItTurns(leftWhenTouching[id], markNames.assumption)}
      </Txt>
    ),
  })),
  ...visitEntries,
  ...nightEntries,
  ...roomEntries,
  ...fenceEntries,
  ...gaugeIds.map((id): Entry => ({
    id: `gauge-${id}`,
    kind: 'gauges',
    name: figuresText.asWideAs(gaugeNames[id]),
    words: figuresText.gaugeEstimateTape,
    figures: () => <FigureLine name={figuresText.across} figure={gauges[id]} />,
  })),
  ...otherMaterials.map((material): Entry => {
    return {
      id: `price-${material}`,
      kind: 'prices',
      name: capital(materialName('metric', material)),
      words: figuresText.priceCostMoneyMend,
      figures: () => <PriceLine material={material} />,
    };
  }),
  ...(Object.keys(makingFigures) as MakingFigure[]).map((id): Entry => ({
    id: `making-${id}`,
    kind: 'making',
    name: makingNames[id],
    words: figuresText.mendShopCutBuyOverlap,
    figures: () => <FigureLine name={makingNames[id]} figure={makingFigures[id]} />,
  })),
  ...(Object.keys(countingFigures) as CountingGroup[]).map((group): Entry => {
    const [name, names] = countingNames[group];
    const figures: Readonly<Record<string, Figure>> = countingFigures[group];
    return {
      id: `counting-${group}`,
      kind: 'counting',
      name,
      words: `${figuresText.judgeCountAssumption} ${Object.values<string>(names).join(' ')}`,
      figures: () =>
        Object.entries<string>(names).map(([id, says]) => {
          const figure = figures[id];
          return figure && <FigureLine key={id} name={says} figure={figure} />;
        }),
    };
  }),
  ...ageingKinds.map((kind): Entry => ({
    id: `life-${kind}`,
    kind: 'lives',
    name: ageingNames[kind][0],
    words: figuresText.lifeAgeYearsRotRust,
    figures: () => (
      <>
        <FigureLine name={figuresText.expectedLife} figure={lifespans[kind].life} />
        {lifespans[kind].proofed && (
          <FigureLine name={figuresText.lifeProofed} figure={lifespans[kind].proofed} />
        )}
        <FigureLine name={figuresText.lookEvery} figure={lifespans[kind].look} />
      </>
    ),
  })),
  {
    id: 'hand-pull',
    kind: 'fixings',
    name: figuresText.aHardPullByHand,
    words: figuresText.pullTestStaplesFixingsHold,
    figures: () => (
      <>
        <FigureLine name={figuresText.itsForce} figure={handPull} />
        <FigureLine name={figuresText.gaveNothingUpTo} figure={pullGaveNothing} />
      </>
    ),
  },
  {
    id: 'unlatched',
    kind: 'latches',
    name: figuresText.aDoorWithoutALatch,
    words: figuresText.doorSlideFlapLidMoveLift,
    figures: () => (
      <>
        <FigureLine name={figuresText.slideFree} figure={slideForce.free} />
        <FigureLine name={figuresText.heldByMotorOrCord} figure={slideForce.held} />
        <FigureLine name={figuresText.swingFree} figure={swingForce.free} />
        <FigureLine name={figuresText.heldByCloserOrWeight} figure={swingForce.held} />
      </>
    ),
  },
  {
    id: 'base-timber',
    kind: 'ground',
    name: figuresText.timberAlongTheGround,
    words: figuresText.aScrewdriverTells,
    figures: () => (
      <>
        <FigureLine name={figuresText.softAs} figure={timberClass.soft} />
        <FigureLine name={figuresText.rottenAs} figure={timberClass.rotten} />
      </>
    ),
  },
  {
    id: 'loose-hinges',
    kind: 'latches',
    name: figuresText.looseHinges,
    words: figuresText.hingesScrewsTurnSagGive,
    figures: () => <FigureLine name={figuresText.tornOffAbove} figure={looseHinge} />,
  },
  {
    id: 'step',
    kind: 'ground',
    name: figuresText.aStep,
    words: figuresText.stepSillClamberWalk,
    figures: () => <FigureLine name={figuresText.stopsNobody} figure={step} />,
  },
  {
    id: 'slot',
    kind: 'ground',
    name: figuresText.aSlot,
    words: figuresText.slotGapHoleLongPass,
    figures: () => <FigureLine name={figuresText.passedAsASlot} figure={passedAsSlot} />,
  },
  {
    id: 'leapt',
    kind: 'strands',
    name: figuresText.leaptWithTheWall,
    words: figuresText.heightStandOffInsulator,
    figures: () => <FigureLine name={figuresText.nearerThan} figure={leaptWithWall} />,
  },
  {
    id: 'getting-out',
    kind: 'ground',
    name: figuresText.whatYourBirdsGetOutBy,
    words: figuresText.chicksHensDucksEscape,
    figures: () => (
      <>
        {birdKinds.map((kind) => (
          <FigureLine key={kind} name={capital(birdNames[kind])} figure={getsOutBy[kind]} />
        ))}
      </>
    ),
  },
  {
    id: 'earth',
    kind: 'strands',
    name: figuresText.theEarthStake,
    words: figuresText.electricFenceVoltsGround,
    figures: () => <FigureLine name={figuresText.voltsOnItAtThe} figure={earthAtMost} />,
  },
];

/** Those that have every word somewhere; all of a kind where nothing is looked for. */
export function foundEntries(text: string, kind: EntryKind): readonly Entry[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return entries.filter((entry) => entry.kind === kind);
  return entries.filter((entry) => {
    const all = `${entry.name} ${entry.words} ${entryKindNames[entry.kind][0]}`.toLowerCase();
    return words.every((word) => all.includes(word));
  });
}
