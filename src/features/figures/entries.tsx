/** Everything the reference holds, as entries that can be searched: what it is called, what it is for, its figures. */
import type { ReactNode } from 'react';
import { animalIds, animals } from '@/core/tables/animals';
import { fixingClass, fixings } from '@/core/tables/fixings';
import { latchIds, latches } from '@/core/tables/latches';
import { meshes, meshIds } from '@/core/tables/meshes';
import { gaugeIds, gauges } from '@/core/tables/gauges';
import { earthAtMost, touching, leftWhenTouching, wireTolerance } from '@/core/tables/shocking';
import { soilFigures, soils } from '@/core/tables/soils';
import { drawnTimes, oftenWords, peakTimes, visitsOf } from '@/core/tables/visiting';
import type { Material } from '@/core/mends/catalogue';
import { prices, type PriceBy } from '@/core/mends/catalogue/prices';
import { makingFigures, type MakingFigure } from '@/core/mends/making-figures';
import { makingNames } from '@/words/making-words';
import { ageingKinds, lives } from '@/core/tables/lives';
import { ageingNames } from '@/words/ageing-words';
import { Txt } from '@/ui/controls/Txt';
import { materialName } from '@/words/mend-words';
import {
  attackNames,
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
  oftenNames,
  regionNames,
  soilNames,
  touchingNames,
} from '@/words/names';
import { AnimalFigures } from './AnimalFigures';
import { FigureLine } from './FigureLine';

export const entryKinds = [
  'animals',
  'meshes',
  'latches',
  'fixings',
  'ground',
  'strands',
  'visits',
  'gauges',
  'prices',
  'making',
  'lives',
] as const;
export type EntryKind = (typeof entryKinds)[number];

export const entryKindNames: Readonly<Record<EntryKind, readonly [name: string, use: string]>> = {
  animals: [
    'Animals',
    'What shuts each out, by every attack, and how often and how long it tries: every reading is held against these.',
  ],
  meshes: [
    'Mesh and board',
    `The clear opening decides ${attackNames.pass} and ${attackNames.reach}; the class of strength ${attackNames.tear}.`,
  ],
  latches: [
    'Latches',
    `Motions and forces decide ${attackNames.open}. Two different motions stop what works one (common practice); two of the same are learned one after the other.`,
  ],
  fixings: ['What holds it on', `Its class against an animal’s pull decides ${attackNames.tear}.`],
  ground: ['Ground', `Decides how hard ${attackNames.dig} is, and whether pegs hold a frame down.`],
  strands: ['Electric strands', 'Decide what share of the tries on foot is turned back.'],
  gauges: [
    'Without a tape',
    'How wide a gap is that an everyday thing just goes into: kept as an estimate, as a range.',
  ],
  prices: [
    'What things cost',
    'Round sums in your own money, to weigh mends by; mesh and latches have theirs in their own entries.',
  ],
  making: ['Making and buying', 'What mends are cut, fixed, bought and reckoned by.'],
  lives: [
    'How long it lasts',
    'When a thing outdoors falls due for a look; it changes no judgement until somebody has looked.',
  ],
  visits: ['How often', 'Visits a day that a word stands for: the weight of every animal.'],
};

const priceByNames: Readonly<Record<PriceBy, string>> = {
  metre: 'a metre',
  'square-metre': 'a square metre',
  piece: 'apiece',
};

/** Those that have no entry of their own. */
const otherMaterials = (Object.keys(prices) as Material[]).filter(
  (it) => !(it in meshes) && !(it in latches),
);

function PriceLine({ material }: { readonly material: Material }) {
  const { by, cents } = prices[material];
  return (
    <FigureLine said name={`Costs about ${cents.value / 100} ${priceByNames[by]}`} figure={cents} />
  );
}

export interface Entry {
  readonly id: string;
  readonly kind: EntryKind;
  readonly name: string;
  /** What else it is found by. */
  readonly words: string;
  readonly figures: () => ReactNode;
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
              name={kind === 'welded' ? 'Pitch, centre to centre' : 'Sold as'}
              figure={pitch}
            />
          )}
          {wire && <FigureLine name="Wire" figure={wire} />}
          <FigureLine name="Clear opening" figure={clear} />
          <FigureLine name="Class of strength" figure={strength} />
          <PriceLine material={id} />
        </>
      ),
    };
  }),
  ...latchIds.map((id): Entry => ({
    id,
    kind: 'latches',
    name: capital(latchNames[id]),
    words: listOf(latches[id].motions.map(({ motion }) => motionNames[motion])),
    figures: () => (
      <>
        {latches[id].motions.map(({ motion, force }) => (
          <FigureLine key={motion} name={`${capital(motionNames[motion])}:`} figure={force} />
        ))}
        <FigureLine name="Torn off above" figure={latches[id].givesWayAt} />
        <PriceLine material={id} />
      </>
    ),
  })),
  ...fixings.map((id): Entry => ({
    id,
    kind: 'fixings',
    name: capital(fixingNames[id][0]),
    words: fixingNames[id][1],
    figures: () => <FigureLine name="Class of pull that draws it" figure={fixingClass[id]} />,
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
          {pegsHoldFrom && <FigureLine name="Pegs hold from" figure={pegsHoldFrom} />}
          <Txt tone="ink2">
            {digging === 'never'
              ? 'Nothing digs there, and no peg goes in (common practice).'
              : `Digging: ${digging === 0 ? 'as the figures stand' : 'a step harder'} (${markNames.assumption}).`}
          </Txt>
        </>
      ),
    };
  }),
  {
    id: 'tolerance',
    kind: 'strands',
    name: 'A wire counts within',
    words: 'height stand-off insulator',
    figures: () => <FigureLine name="To either side of its height" figure={wireTolerance} />,
  },
  ...touching.map((id): Entry => ({
    id: `touching-${id}`,
    kind: 'strands',
    name: `Touched by ${touchingNames[id][0]}`,
    words: touchingNames[id][1],
    figures: () => (
      <Txt tone="ink2">
        Leaves {leftWhenTouching[id]} of what it turns back: {markNames.assumption}.
      </Txt>
    ),
  })),
  ...oftenWords.map((word): Entry => ({
    id: word,
    kind: 'visits',
    name: capital(oftenNames[word]),
    words: 'visits a day rate',
    figures: () => <FigureLine name="Visits a day" figure={visitsOf[word]} />,
  })),
  ...gaugeIds.map((id): Entry => ({
    id: `gauge-${id}`,
    kind: 'gauges',
    name: `As wide as ${gaugeNames[id]}`,
    words: 'gauge estimate tape',
    figures: () => <FigureLine name="Across" figure={gauges[id]} />,
  })),
  ...otherMaterials.map((material): Entry => {
    return {
      id: `price-${material}`,
      kind: 'prices',
      name: capital(materialName('metric', material)),
      words: 'price cost money mend',
      figures: () => <PriceLine material={material} />,
    };
  }),
  ...(Object.keys(makingFigures) as MakingFigure[]).map((id): Entry => ({
    id: `making-${id}`,
    kind: 'making',
    name: makingNames[id],
    words: 'mend shop cut buy overlap spacing',
    figures: () => <FigureLine name={makingNames[id]} figure={makingFigures[id]} />,
  })),
  ...ageingKinds.map((kind): Entry => ({
    id: `life-${kind}`,
    kind: 'lives',
    name: ageingNames[kind][0],
    words: 'life age years rot rust sun look',
    figures: () => (
      <>
        <FigureLine name="Expected life" figure={lives[kind].life} />
        <FigureLine name="Look every" figure={lives[kind].look} />
      </>
    ),
  })),
  {
    id: 'earth',
    kind: 'strands',
    name: 'The earth stake',
    words: 'electric fence volts ground',
    figures: () => <FigureLine name="Volts on it, at the most" figure={earthAtMost} />,
  },
  {
    id: 'drawn',
    kind: 'visits',
    name: 'What draws it, and its months',
    words: 'near season peak',
    figures: () => (
      <>
        <FigureLine name="Times for each thing near that draws it:" figure={drawnTimes} />
        <FigureLine name="Times in its months:" figure={peakTimes} />
      </>
    ),
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
