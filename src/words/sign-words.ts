/** What was found after a loss, and who it may have been, in words. */
import type { Sign } from '@/core/records/found-signs';
import type { Culprit } from '@/core/records/sighting';
import type { OtherCause, SignAnswer, SignQuestion, signAnswers } from '@/core/tables/signs';
import { otherCauses } from '@/core/tables/signs';
import { animalName } from './headline';

export const causeNames: Readonly<Record<OtherCause, string>> = {
  disease: 'Illness or age',
  'own-flock': 'Its own flock',
  strayed: 'Strayed, or counted wrongly',
  person: 'A person',
};

export function culpritName(culprit: Culprit): string {
  return isCause(culprit) ? causeNames[culprit] : animalName(culprit);
}

const isCause = (culprit: Culprit): culprit is OtherCause =>
  (otherCauses as readonly string[]).includes(culprit);

/** What is asked, one question a screen. */
export const signQuestionWords: Readonly<Record<SignQuestion, string>> = {
  toll: 'How many, gone or dead?',
  chicks: 'Where are the chicks?',
  hour: 'When was it?',
  trace: 'What is left where they were taken?',
  body: 'What do the dead or hurt look like?',
  works: 'What is broken, dug or open?',
  eggs: 'What of the eggs?',
  tracks: 'What prints are there?',
  smell: 'What does it smell of?',
  heard: 'What was heard?',
};

type Answers = {
  readonly [Q in SignQuestion]: Readonly<
    Record<(typeof signAnswers)[Q][number], readonly [answer: string, found: string]>
  >;
};

/** An answer as it is tapped, and as something found. */
const answers: Answers = {
  toll: {
    'one-gone': ['One gone', 'one bird gone'],
    'several-gone': ['Several gone', 'several gone at once'],
    'few-dead': ['One or two dead', 'one or two left dead'],
    'many-dead': ['Many dead', 'many killed and left'],
    'none-taken': ['None taken', 'none taken'],
  },
  chicks: {
    gone: ['Gone without a trace', 'chicks gone without a trace'],
    'at-a-hole': ['Dragged to a hole, legs bitten', 'chicks dragged to a hole'],
    dead: ['Dead where they were', 'chicks dead where they were'],
  },
  hour: {
    night: ['By night', 'it was by night'],
    day: ['By day', 'it was by day'],
  },
  trace: {
    nothing: ['Nothing at all', 'nothing left'],
    'feathers-in-one-spot': ['Feathers in one spot', 'feathers in one spot'],
    trail: ['A trail of feathers', 'a trail of feathers'],
    'plucked-ring': ['A ring of plucked feathers', 'a ring of plucked feathers'],
  },
  body: {
    'no-wound': ['No wound', 'no wound'],
    'neck-bites': ['Small bites on neck or head', 'small bites on neck or head'],
    'head-gone': ['Head or neck gone', 'head or neck gone'],
    'breast-opened': ['Breast or crop opened', 'breast or crop opened'],
    'vent-eaten': ['Opened from below or behind', 'opened from below or behind'],
    'pulled-through': ['Head or leg pulled through the wire', 'pulled at through the wire'],
    mauled: ['Mauled, not eaten', 'mauled and not eaten'],
    scraps: ['Eaten there, scraps left', 'eaten on the spot'],
    plucked: ['Plucked and eaten there', 'plucked and eaten there'],
    'pecked-raw': ['Pecked raw', 'pecked raw'],
  },
  works: {
    nothing: ['Nothing', 'nothing broken'],
    'stood-open': ['A door stood open', 'a door stood open'],
    torn: ['Something torn or pushed in', 'something torn'],
    dug: ['A hole dug', 'a hole dug'],
    'latch-opened': ['A latch was opened', 'a latch opened'],
  },
  eggs: {
    untouched: ['Untouched', 'eggs untouched'],
    gone: ['Gone, no shells', 'eggs gone, no shells'],
    crushed: ['Crushed in the nest', 'eggs crushed in the nest'],
    opened: ['Opened at one end, or holed', 'eggs opened at one end'],
  },
  tracks: {
    none: ['None to be seen', 'no prints'],
    'small-hand': ['Like a small hand', 'prints like a small hand'],
    dog: ['Like a dog’s, four toes and claws', 'prints like a dog’s'],
    cat: ['Like a cat’s, four toes, no claws', 'prints like a cat’s'],
    'broad-claws': ['Broad, five toes, long claws', 'broad prints with long claws'],
    'small-five': ['Small, five toes', 'small prints with five toes'],
    bird: ['A bird’s', 'a bird’s prints'],
    shoe: ['A shoe’s', 'a shoe’s print'],
  },
  smell: {
    none: ['Nothing strange', 'no smell'],
    musk: ['Strong musk', 'a strong smell of musk'],
  },
  heard: {
    nothing: ['Nothing', 'nothing heard'],
    uproar: ['The flock in uproar', 'the flock in uproar'],
    barking: ['Barking or yapping', 'barking or yapping'],
  },
};

export function answerWords(question: SignQuestion, answer: SignAnswer): readonly [string, string] {
  const own = answers[question] as Readonly<Record<string, readonly [string, string]>>;
  return own[answer] ?? [answer, answer];
}

/** "A trail of feathers", as something found. */
export const foundWords = ({ question, answer }: Sign): string => answerWords(question, answer)[1];

/** "46 %", "under 1 %". */
export function shareWords(share: number): string {
  const percent = Math.round(share * 100);
  return percent === 0 ? 'under 1 %' : `${percent} %`;
}
