/** What a choice of a reading is called, and what is to be said of it. */
import type { AttributeId } from '@/core/place/attributes';
import { isCheck } from '@/core/place/checks';
import type { Habit, Place } from '@/core/place/place';
import type { TopKind } from '@/core/place/bay';
import type { Reading } from '@/core/place/walk';
import type { Condition, Fixing } from '@/core/tables/fixings';
import type { LatchId } from '@/core/tables/latches';
import { meshes, type MeshId } from '@/core/tables/meshes';
import type { Touching } from '@/core/tables/shocking';
import type { Soil } from '@/core/tables/soils';
import { openedBy, tornBy } from '@/core/walk/what-it-means';
import { checkAnswer } from './check-words';
import { amountWords, lengthWords } from './length-words';
import {
  animalList,
  conditionNames,
  fixingNames,
  latchNames,
  meshNames,
  motionWords,
  soilNames,
  touchingNames,
} from './names';
import { unitIndex } from './spot-words';

type Say = (place: Place, choice: string) => readonly [name: string, note: string];

const topNames: Readonly<Record<TopKind, readonly [string, string]>> = {
  roof: ['joined to a roof', 'nothing gets over it'],
  hood: ['under a hood', 'smooth, reaching out'],
  overhang: ['an overhang', 'mesh or boards reaching out'],
  tilt: ['leaning outward', ''],
  open: ['free', 'climbers and leapers get over it'],
};

const habitNames: Readonly<Record<Habit, readonly [string, string]>> = {
  'every-night': ['shut every night', ''],
  'cold-or-storms': ['only in cold or storms', 'open on other nights'],
  never: ['never shut', ''],
};

const says: Partial<Record<AttributeId, Say>> = {
  'layer.mesh': meshWords,
  'skirt.mesh': meshWords,
  'ground.floor': meshWords,
  'latch.kind': latchWords,
  'ground.soil': (_place, choice) => soilNames[choice as Soil],
  'bay.fixing': (_place, choice) => fixingNames[choice as Fixing],
  'bay.condition': (_place, choice) => conditionNames[choice as Condition],
  'strand.touching': (_place, choice) => touchingNames[choice as Touching],
  'ground.digging': (_place, choice) =>
    choice === 'yes'
      ? ['yes, fresh earth', 'somebody has begun: it counts a step easier']
      : ['none', 'grass or trodden earth'],
  'top.kind': (_place, choice) => topNames[choice as TopKind],
  'opening.letGo': (_place, choice) =>
    choice === 'falls-shut'
      ? ['falls shut', 'a forgotten round leaves it shut']
      : ['stays where it is', 'forgotten, it stands open'],
  'opening.habit': (_place, choice) => habitNames[choice as Habit],
  'skirt.tied': (_place, choice) =>
    choice === 'yes'
      ? ['tied all along', 'the apron counts']
      : ['loose or lifted', 'the apron counts for nothing'],
};

export function choiceWords(
  place: Place,
  attribute: AttributeId,
  choice: string,
): readonly [name: string, note: string] {
  if (isCheck(attribute)) return checkAnswer(attribute, choice);
  return says[attribute]?.(place, choice) ?? [choice, ''];
}

/** A reading as it was taken: "34 mm", "20 to 30 mm", "slide bolt", "could not tell". */
export function readingWords(
  place: Place,
  { attribute, value }: Pick<Reading, 'attribute' | 'value'>,
): string {
  if (value === 'cannot-tell') return 'could not tell';
  const amount = (it: number) => amountWords(it, attribute, place.units);
  if (!('is' in value)) return `${amount(value.from)} to ${amount(value.to)}`;
  return typeof value.is === 'number'
    ? amount(value.is)
    : choiceWords(place, attribute, value.is)[0];
}

function latchWords(place: Place, choice: string): readonly [name: string, note: string] {
  const latch = choice as LatchId | 'none';
  const by = openedBy(place, latch);
  const opened = by.length > 0 ? `; opened by ${animalList(by)}` : '';
  return [latchNames[latch], motionWords(latch) + opened];
}

function meshWords(place: Place, choice: string): readonly [name: string, note: string] {
  return [meshNames[choice as MeshId | 'none'][unitIndex(place)], clearWords(place, choice)];
}

function clearWords(place: Place, choice: string): string {
  if (choice === 'none') return 'open';
  const { clear, kind } = meshes[choice as MeshId];
  const torn = tornBy(place, choice as MeshId);
  const tearing = torn.length > 0 ? `; torn by ${animalList(torn)}` : '';
  const opening =
    kind === 'solid' || clear.value === 0
      ? 'no opening while it is sound'
      : `clears ${lengthWords(clear.value, place.units)}`;
  return opening + tearing;
}
