/**
 * What else is worth knowing of an animal: when it is about, what it leaves behind, what the law says, what to mind. Signs are put
 * together by us from published keys (`sign-keys`), laws are named from memory: both are only a beginning, and the page says so.
 */
import type { Place } from '@/core/place/place';
import type { AnimalVerdict } from '@/core/score/animal-verdict';
import { scenarioHours, type Presence, type Scenario } from '@/core/score/scenario';
import type { Animal, AnimalId, Hours } from '@/core/tables/animals';
import { isSouthern, landOf, type Land, type Region } from '@/core/tables/regions';
import { fullMonths } from './day-words';
import { levelWords } from './minutes-words';
import { capital, listOf } from './names';

const hoursNames: Readonly<Record<Hours, string>> = {
  day: 'by day',
  dusk: 'at dusk and dawn',
  night: 'by night',
};

/** "About by night and at dusk and dawn. Most in March and April. Not in December." Half a year later south of the line. */
export function aboutWords({ active, coming }: Animal, { setting }: Place): string {
  const south = isSouthern(setting.region);
  const monthsOf = (months: readonly number[]) =>
    listOf(months.map((month) => fullMonths[(month - 1 + (south ? 6 : 0)) % 12] ?? ''));
  return [
    `About ${listOf(active.map((it) => hoursNames[it]))}.`,
    ...(coming.peak.length > 0 ? [`Most in ${monthsOf(coming.peak)}.`] : []),
    ...(coming.seldom.length > 0 ? [`Seldom in ${monthsOf(coming.seldom)}.`] : []),
    ...(coming.away.length > 0 ? [`Not in ${monthsOf(coming.away)}.`] : []),
  ].join(' ');
}

const canid =
  'One bird carried off and a trail of feathers; many killed where it was shut in with them.';
const weasel =
  'Several to dozens dead with small bites at the neck or skull, little eaten, sometimes piled up.';
const hawk = 'By day: plucked and eaten on the spot, a ring of feathers, white droppings.';
const rodent =
  'Eggs gone, chicks dragged to a hole; gnawed wood, droppings, burrows along the wall.';
const snake =
  'Eggs and chicks gone whole, nothing broken; now and then the snake itself, with a lump in it.';

export const signWords: Readonly<Record<AnimalId, string>> = {
  'red-fox': canid,
  'grey-fox': canid,
  coyote: 'Birds carried off whole, few traces; digging at the wall.',
  'domestic-dog': 'Many mauled and scattered, little eaten, often by day; things torn.',
  'european-badger': 'Boards or mesh ripped, digging as wide as a spade; bodies mostly eaten.',
  'american-badger': 'Deep digging under the wall; birds gone.',
  raccoon:
    'Heads off, crop or breast eaten, latches opened, birds pulled against the mesh; comes again after some nights.',
  'virginia-opossum': 'Usually one bird, eaten from the belly; eggs smashed in the nest.',
  'striped-skunk': 'Eggs opened at one end, musk in the air, small holes dug at the edge.',
  bobcat: 'One bird carried off; what is left is covered over.',
  cougar: 'Large prey dragged off and covered.',
  'black-bear': 'Walls, doors and feed stores broken open; whole birds eaten.',
  'american-mink': weasel,
  polecat: weasel,
  'pine-marten': 'Several dead with bites at the neck, some carried off; came by the roof.',
  'stone-marten': 'Several dead with bites at the neck, eggs carried off; droppings on the roof.',
  fisher: 'Heads and necks eaten, several dead; came by the roof.',
  stoat: weasel,
  'long-tailed-weasel': weasel,
  'least-weasel': 'Chicks and small birds with tiny bites at the skull.',
  quoll: 'Several dead, heads or necks eaten.',
  'norway-rat': rodent,
  'roof-rat': rodent,
  'house-mouse': 'Droppings, gnawed bags, feed gone; seldom a very young chick.',
  'domestic-cat': 'Chicks gone, or wings and feathers of a small bird left.',
  goshawk: hawk,
  'coopers-hawk': hawk,
  'red-tailed-hawk': hawk,
  'great-horned-owl': 'One or two a night, head and neck gone, body left.',
  'bald-eagle': `${hawk} Large birds too, carried off where it can.`,
  crow: 'Eggs holed and the shells near by; chicks gone by day.',
  'rat-snake': snake,
  'carpet-python': snake,
  goanna: 'By day: eggs and young gone, the ground scratched up.',
};

const raptors: readonly AnimalId[] = [
  'goshawk',
  'coopers-hawk',
  'red-tailed-hawk',
  'great-horned-owl',
  'bald-eagle',
];

const raptorLaw: Readonly<Record<Land, string>> = {
  gb: 'A bird of prey: protected by the Wildlife and Countryside Act 1981.',
  ie: 'A bird of prey: protected by the Wildlife Act 1976.',
  eu: 'A bird of prey: protected under Directive 2009/147/EC.',
  na: 'A bird of prey: in the United States protected by the Migratory Bird Treaty Act, eagles by an act of their own; elsewhere by the like.',
  au: 'A bird of prey: protected by the law of the state.',
  nz: 'Birds of prey stand under the Wildlife Act 1953.',
};

const ownLaw: Readonly<Partial<Record<AnimalId, Readonly<Partial<Record<Land, string>>>>>> = {
  'european-badger': {
    gb: 'It and its sett are protected: Protection of Badgers Act 1992. Do not dig, block or disturb a sett.',
    ie: 'It and its sett are protected by the Wildlife Act 1976.',
  },
  'pine-marten': {
    gb: 'Fully protected: Wildlife and Countryside Act 1981, Schedule 5.',
    ie: 'Protected by the Wildlife Act 1976.',
  },
  polecat: { gb: 'Protected from many methods: Wildlife and Countryside Act 1981, Schedule 6.' },
  crow: { na: 'Under the Migratory Bird Treaty Act in the United States.' },
};

const everywhere =
  'Trapping, moving and killing are licensed matters: Rookle keeps out, it never advises harm. Ask your wildlife authority; local law goes first.';

export function lawWords(id: AnimalId, region: Region): string {
  const land = landOf[region];
  if (id === 'domestic-dog' || id === 'domestic-cat') {
    return 'It belongs to somebody: talk to its owner, or to the local authority.';
  }
  if (raptors.includes(id)) return `${raptorLaw[land]} ${everywhere}`;
  const own = ownLaw[id]?.[land];
  const wild = land === 'au' && ['quoll', 'carpet-python', 'goanna'].includes(id);
  return [own, wild && 'Protected by the law of the state.', everywhere].filter(Boolean).join(' ');
}

const rabid: readonly AnimalId[] = ['raccoon', 'striped-skunk', 'red-fox', 'grey-fox', 'coyote'];
const rodents: readonly AnimalId[] = ['norway-rat', 'roof-rat', 'house-mouse'];
const large: readonly AnimalId[] = ['black-bear', 'cougar', 'domestic-dog', 'coyote'];
const snakes: readonly AnimalId[] = ['rat-snake', 'carpet-python', 'goanna'];

export function cautionWords(id: AnimalId, region: Region): string {
  const lines = [
    rodents.includes(id) &&
      'Never sweep dry droppings: air the place half an hour, wear gloves, wet them with disinfectant, then wipe. No poison near poultry.',
    landOf[region] === 'na' && rabid.includes(id) && 'It can carry rabies.',
    large.includes(id) && 'Do not go between it and a way out.',
    snakes.includes(id) && 'Leave it alone; call somebody who is licensed to move it.',
    'Any bite: wash a quarter of an hour and see a doctor. Dead birds only with gloves; several dead without wounds is disease until a vet says otherwise.',
  ];
  return lines.filter(Boolean).join(' ');
}

/** "passes by", with the season: "about weekly at this time of year". */
export function rateWords(visits: number): string {
  if (visits <= 0) return 'not at this time of year';
  const days = 1 / visits;
  if (days < 1.6) return 'most nights';
  if (days < 45) return `about once in ${Math.round(days)} days`;
  return `about once in ${Math.round(days / 30)} months`;
}

export const rateSentence = (visits: number): string => `${capital(rateWords(visits))}.`;

/** Why an animal is no threat in a scenario. */
export const absenceWords: Readonly<Record<Exclude<Presence, 'about'>, string>> = {
  'other-hours': 'not about in these hours',
  'other-season': 'not about at this time of year',
};

/** In a word or two, for a list. */
export function verdictShort(verdict: AnimalVerdict, scenario: Scenario): string {
  if (verdict === 'not-known') return 'not known';
  if (verdict === 'other-season') return 'not this season';
  if (verdict !== 'other-hours') return levelWords(verdict);
  return scenarioHours[scenario].includes('night') ? 'by day only' : 'by night only';
}
