/** What things are called on screen. */
import type { ReadingMethod } from '@/core/records/walk';
import type { GaugeId } from '@/core/tables/gauges';
import type { AnimalId } from '@/core/tables/animals';
import type { Land, Region } from '@/core/tables/regions';
import type { Surroundings } from '@/core/tables/surroundings';
import type { Group, Place, Units } from '@/core/place/place';
import type { BirdKind } from '@/core/tables/bird-kinds';
import type { Soil } from '@/core/tables/soils';
import type { TimberState } from '@/core/tables/timber';
import type { Attack } from '@/core/tables/attacks';
import type { Mark } from '@/core/tables/figure';
import type { Condition, Fixing } from '@/core/tables/fixings';
import { latches, type LatchId } from '@/core/tables/latches';
import type { MeshId } from '@/core/tables/meshes';
import type { Motion } from '@/core/tables/motions';
import type { Ground } from '@/core/tables/fence-ground';
import type { Touching } from '@/core/tables/shocking';
import type { Deterrent, Near, Often } from '@/core/tables/visiting';

/** One of them, and several. */
export const animalNames: Readonly<Record<AnimalId, readonly [one: string, many: string]>> = {
  'red-fox': ['fox', 'foxes'],
  'european-badger': ['badger', 'badgers'],
  raccoon: ['raccoon', 'raccoons'],
  'american-mink': ['mink', 'mink'],
  stoat: ['stoat', 'stoats'],
  'norway-rat': ['rat', 'rats'],
  'domestic-cat': ['cat', 'cats'],
  goshawk: ['goshawk', 'goshawks'],
  'grey-fox': ['grey fox', 'grey foxes'],
  coyote: ['coyote', 'coyotes'],
  'domestic-dog': ['dog', 'dogs'],
  bobcat: ['bobcat', 'bobcats'],
  cougar: ['cougar', 'cougars'],
  'black-bear': ['bear', 'bears'],
  'virginia-opossum': ['opossum', 'opossums'],
  'striped-skunk': ['skunk', 'skunks'],
  'long-tailed-weasel': ['long-tailed weasel', 'long-tailed weasels'],
  'least-weasel': ['weasel', 'weasels'],
  'stone-marten': ['stone marten', 'stone martens'],
  'pine-marten': ['pine marten', 'pine martens'],
  polecat: ['polecat', 'polecats'],
  fisher: ['fisher', 'fishers'],
  'american-badger': ['badger', 'badgers'],
  'roof-rat': ['roof rat', 'roof rats'],
  'house-mouse': ['mouse', 'mice'],
  'rat-snake': ['rat snake', 'rat snakes'],
  'red-tailed-hawk': ['red-tailed hawk', 'red-tailed hawks'],
  'coopers-hawk': ['Cooper’s hawk', 'Cooper’s hawks'],
  'great-horned-owl': ['owl', 'owls'],
  'bald-eagle': ['eagle', 'eagles'],
  crow: ['crow', 'crows'],
  quoll: ['quoll', 'quolls'],
  'carpet-python': ['python', 'pythons'],
  goanna: ['goanna', 'goannas'],
};

/** One of its kind, with its article. */
export function anAnimal(id: AnimalId): string {
  const [one] = animalNames[id];
  return `${/^[aeiou]/.test(one) ? 'an' : 'a'} ${one}`;
}

export const fullAnimalNames: Readonly<Record<AnimalId, string>> = {
  'red-fox': 'Red fox',
  'european-badger': 'European badger',
  raccoon: 'Raccoon',
  'american-mink': 'American mink',
  stoat: 'Stoat',
  'norway-rat': 'Norway (brown) rat',
  'domestic-cat': 'Domestic cat',
  goshawk: 'Goshawk',
  'grey-fox': 'Grey fox',
  coyote: 'Coyote',
  'domestic-dog': 'Domestic dog',
  bobcat: 'Bobcat',
  cougar: 'Cougar',
  'black-bear': 'Black bear',
  'virginia-opossum': 'Virginia opossum',
  'striped-skunk': 'Striped skunk',
  'long-tailed-weasel': 'Long-tailed weasel',
  'least-weasel': 'Least weasel',
  'stone-marten': 'Stone (beech) marten',
  'pine-marten': 'Pine marten',
  polecat: 'Polecat and ferret',
  fisher: 'Fisher',
  'american-badger': 'American badger',
  'roof-rat': 'Roof rat',
  'house-mouse': 'House mouse',
  'rat-snake': 'Rat snakes',
  'red-tailed-hawk': 'Red-tailed hawk',
  'coopers-hawk': 'Cooper’s hawk',
  'great-horned-owl': 'Great horned owl',
  'bald-eagle': 'Bald eagle',
  crow: 'Crows and magpies',
  quoll: 'Quoll',
  'carpet-python': 'Carpet python',
  goanna: 'Goanna',
};

export const meshNames: Readonly<Record<MeshId | 'none', readonly [metric: string, inch: string]>> =
  {
    'welded-3': ['3 mm welded mesh', '⅛ in welded mesh'],
    'welded-6': ['6 mm welded mesh', '¼ in welded mesh'],
    'welded-13': ['13 mm welded mesh', '½ in welded mesh'],
    'welded-25': ['25 mm welded mesh', '1 in welded mesh'],
    'welded-25x50': ['25 × 50 mm welded mesh', '1 × 2 in welded mesh'],
    'welded-50x100': ['50 × 100 mm welded mesh', '2 × 4 in welded mesh'],
    'hex-25': ['25 mm hex netting', '1 in hex netting'],
    'hex-50': ['50 mm hex netting', '2 in hex netting'],
    'chain-link-50': ['50 mm chain link', '2 in chain link'],
    'chain-link': ['57 mm chain link', '2¼ in chain link'],
    'stock-wire': ['woven stock wire', 'woven stock wire'],
    'stock-panel': ['stock panel', 'stock panel'],
    'plastic-netting': ['plastic netting', 'plastic netting'],
    'deer-netting': ['deer or bird netting', 'deer or bird netting'],
    'insect-screen': ['insect screen', 'insect screen'],
    canvas: ['canvas or tarpaulin', 'canvas or tarpaulin'],
    'solid-board': ['board', 'board'],
    sheet: ['sheet steel', 'sheet steel'],
    masonry: ['brick or stone', 'brick or stone'],
    none: ['nothing there', 'nothing there'],
  };

export const latchNames: Readonly<Record<LatchId | 'none', string>> = {
  'hook-and-eye': 'hook and eye',
  'slide-bolt': 'slide bolt',
  'turn-button': 'turn button',
  lever: 'lever handle',
  'two-motion': 'two-motion latch',
  carabiner: 'screw-gate carabiner',
  clip: 'clip through the hasp',
  padlock: 'padlock',
  pin: 'pin or nail that draws out',
  'cord-loop': 'cord hooked on a screw',
  'elastic-cords': 'two elastic cords',
  'two-sided-lock': 'lock worked from both sides',
  none: 'no latch',
};

export const motionNames: Readonly<Record<Motion, string>> = {
  lift: 'lift',
  slide: 'slide',
  turn: 'turn',
  pull: 'pull',
  squeeze: 'squeeze',
  unclip: 'unclip',
  key: 'a key',
};

export const attackNames: Readonly<Record<Attack, string>> = {
  pass: 'passing through openings',
  open: 'opening latches',
  reach: 'reaching in',
  tear: 'tearing and gnawing',
  dig: 'digging',
  climb: 'climbing over',
  jump: 'jumping over',
  fly: 'flying in',
  lift: 'lifting or tipping',
  wait: 'waiting for a door left open',
};

export const markNames: Readonly<Record<Mark, string>> = {
  published: 'published (recalled from memory)',
  'common-practice': 'common practice',
  assumption: 'assumption of ours',
};

export const timberNames: Readonly<Record<TimberState, readonly [name: string, note: string]>> = {
  sound: ['hard all along', 'the screwdriver does not go in'],
  soft: ['soft', 'it goes in: staples no longer hold there'],
  rotten: ['crumbling', 'pieces are gone, or come away in the hand'],
};

export const soilNames: Readonly<Record<Soil, readonly [name: string, note: string]>> = {
  soft: ['soft soil', 'sand, mulch, dug ground'],
  firm: ['firm soil', 'lawn, trodden earth'],
  stony: ['stony soil', 'more stones than soil'],
  rock: ['rock', 'nothing digs there'],
  'hard-surface': ['slabs or concrete', 'nothing digs there'],
};

export const fixingNames: Readonly<Record<Fixing, readonly [name: string, note: string]>> = {
  'screws-washers': ['screws and washers', 'a wide washer under every head'],
  batten: ['under a batten', 'or sandwiched between boards'],
  lacing: ['laced with wire', 'all along the edge'],
  staples: ['staples', 'they draw out'],
  ties: ['ties', 'they go brittle in the sun'],
};

export const conditionNames: Readonly<Record<Condition, readonly [name: string, note: string]>> = {
  sound: ['sound', 'bright or whole'],
  worn: ['worn', 'some rust, soft spots, brittle'],
  failing: ['failing', 'rusted through, rotten, torn'],
};

export const oftenNames: Readonly<Record<Often, string>> = {
  never: 'never',
  passes: 'passes by',
  weekly: 'about weekly',
  'most-nights': 'most nights',
};

export const deterrentNames: Readonly<Record<Deterrent, string>> = {
  light: 'lights',
  sound: 'radio or noise',
  scent: 'scent',
  scarecrow: 'scarecrow',
  dog: 'a dog of ours',
  cockerel: 'a cockerel',
};

export const nearNames: Readonly<Record<Near, string>> = {
  woods: 'woods',
  water: 'water',
  town: 'houses and gardens',
  farmland: 'farmland',
  dogs: 'neighbours’ dogs',
  cover: 'brush or long grass',
  'stone-walls': 'stone walls, stacked wood',
  'feed-left-out': 'feed or eggs left out',
};

export const touchingNames: Readonly<Record<Touching, readonly [name: string, note: string]>> = {
  nothing: ['nothing', 'clear all along'],
  wood: ['a branch or a board', 'keep it off; wet wood leaks'],
  grass: ['grass', 'mow under it'],
  weeds: ['weeds lying over it', 'cut them; worst after rain'],
  insulator: ['a broken insulator', 'the post leads when it is wet: put in a new one'],
  snow: ['snow', 'raise it or dig it out'],
  mesh: ['the mesh itself', 'keep it off with stand-offs'],
  ground: ['the ground: it is down', 'hang it again'],
};

export const groundNames: Readonly<Record<Ground, readonly [name: string, note: string]>> = {
  wet: ['wet', 'after rain; wet leaf mould'],
  moist: ['moist', 'a spade comes up dark'],
  frozen: ['frozen', 'hard to the heel'],
  dry: ['dry', 'dust, or a crust'],
};

/** As the keeper calls them, or by their kind. */
export const groupName = ({ name, kind }: Pick<Group, 'name' | 'kind'>): string =>
  name ?? birdNames[kind];

export const landNames: Readonly<Record<Land, string>> = {
  gb: 'Great Britain',
  ie: 'Ireland',
  eu: 'Continental Europe',
  na: 'North America',
  au: 'Australia',
  nz: 'New Zealand',
};

/** Parts as a chip under their land says them; a land without parts has its own name. */
export const regionNames: Readonly<Record<Region, string>> = {
  ...landNames,
  'eu-north': 'Scandinavia, Finland, the Baltic',
  'eu-west': 'France and the Low Countries',
  'eu-central': 'Germany, the Alps, Poland, Bohemia',
  'eu-east': 'Ukraine, Romania and eastwards',
  'eu-south-west': 'Spain and Portugal',
  'eu-south-east': 'Italy, Greece, the Balkans',
  'na-north': 'Alaska and the Canadian north',
  'na-north-east': 'New England, Quebec, the Maritimes',
  'na-appalachia': 'the Appalachians and mid-Atlantic',
  'na-south-east': 'the south-east and the Gulf coast',
  'na-lakes': 'the Great Lakes and upper Midwest',
  'na-plains': 'the plains and prairies',
  'na-rockies': 'the Rockies and high basins',
  'na-south-west': 'the dry south-west and Texas',
  'na-california': 'California',
  'na-pacific-north-west': 'the Pacific north-west',
  'au-tropics': 'the tropical north',
  'au-east': 'the eastern coast and ranges',
  'au-south-east': 'Victoria and the south-east',
  'au-south-west': 'South and Western Australia',
  'au-tasmania': 'Tasmania',
};

export const surroundingsNames: Readonly<Record<Surroundings, string>> = {
  street: 'a street in town',
  suburb: 'a suburb',
  village: 'a village',
  farm: 'a farm',
  'woods-edge': 'the edge of woods',
  water: 'beside water',
};

export const unitsNames: Readonly<Record<Units, string>> = {
  metric: 'metres and mm',
  imperial: 'feet and inches',
};

/** Birds of a kind, many of them. */
export const birdNames: Readonly<Record<BirdKind, string>> = {
  grown: 'hens',
  bantam: 'bantams',
  ducks: 'ducks',
  chicks: 'chicks',
  sitting: 'sitting hens',
  other: 'other birds',
};

/** "mink", "mink and rats", "mink, stoats and rats". */
export function listOf(words: readonly string[], last = 'and'): string {
  if (words.length <= 1) return words[0] ?? '';
  return `${words.slice(0, -1).join(', ')} ${last} ${words[words.length - 1]}`;
}

export function animalList(ids: readonly AnimalId[]): string {
  return listOf(ids.map((id) => animalNames[id][1]));
}

/** "100,000", "0.125": to three places. */
export const figureText = (value: number): string => figures.format(value);
const figures = new Intl.NumberFormat('en', { useGrouping: 'min2', maximumFractionDigits: 3 });

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** "1 stop", "3 stops". */
export function count(number: number, one: string, many = `${one}s`): string {
  return `${number} ${number === 1 ? one : many}`;
}

/** "turn then pull": what a latch asks of a paw. */
export function motionWords(latch: LatchId | 'none'): string {
  if (latch === 'none') return 'nothing holds it';
  return listOf(
    latches[latch].motions.map(({ motion }) => motionNames[motion]),
    'then',
  );
}

/** How a reading was taken. */
export const methodNames: Readonly<Record<ReadingMethod, string>> = {
  measured: 'measured',
  probed: 'probed',
  estimated: 'estimated',
  looked: 'looked at',
  remembered: 'remembered',
};

export const gaugeNames: Readonly<Record<GaugeId, string>> = {
  finger: 'a finger',
  coin: 'a coin',
  egg: 'an egg',
  fist: 'a fist',
};

/** Which of a pair of names is that of the place's units: millimetres, inches. */
export function unitIndex({ units }: Pick<Place, 'units'>): 0 | 1 {
  return units === 'metric' ? 0 : 1;
}
