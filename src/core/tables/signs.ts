/**
 * What is found after a loss, and how often each culprit leaves it: weights 0 to 3, 0 rare and 3 usual. A synthesis of our own from printed
 * keys to kills (common knowledge of keepers and extension services, recalled from memory); no published table. Signs overlap, and what
 * comes later changes a carcass: a ranked list, never a verdict.
 */
import { ours } from './assumptions';
import type { Figure } from './figure';

/** Columns of the table: animals that leave the same signs, and causes that are no animal from outside. */
export const signColumns = [
  'raccoon',
  'fox',
  'coyote',
  'dog',
  'cat',
  'opossum',
  'skunk',
  'weasel',
  'marten',
  'rat',
  'snake',
  'hawk',
  'owl',
  'crow',
  'badger',
  'bear',
  'disease',
  'own-flock',
  'strayed',
  'person',
] as const;
/** One of them. */
export type SignColumn = (typeof signColumns)[number];

/** What takes birds, or seems to, and is no animal from outside. */
export const otherCauses = ['disease', 'own-flock', 'strayed', 'person'] as const;
/** One of them. */
export type OtherCause = (typeof otherCauses)[number];

/** What is asked after a loss, with the answers to each. `toll` follows from the count. */
export const signAnswers = {
  toll: ['one-gone', 'several-gone', 'few-dead', 'many-dead', 'none-taken'],
  chicks: ['gone', 'at-a-hole', 'dead'],
  hour: ['night', 'day'],
  trace: ['nothing', 'feathers-in-one-spot', 'trail', 'plucked-ring'],
  body: [
    'no-wound',
    'neck-bites',
    'head-gone',
    'breast-opened',
    'vent-eaten',
    'pulled-through',
    'mauled',
    'scraps',
    'plucked',
    'pecked-raw',
  ],
  works: ['nothing', 'stood-open', 'torn', 'dug', 'latch-opened'],
  eggs: ['untouched', 'gone', 'crushed', 'opened'],
  tracks: ['none', 'small-hand', 'dog', 'cat', 'broad-claws', 'small-five', 'bird', 'shoe'],
  smell: ['none', 'musk'],
  heard: ['nothing', 'uproar', 'barking'],
} as const;
/** A question about what was found. */
export type SignQuestion = keyof typeof signAnswers;
/** An answer to it; which go with which question: `signAnswers`. */
export type SignAnswer = (typeof signAnswers)[SignQuestion][number];

/** All questions, in no order. */
export const signQuestions = Object.keys(signAnswers) as readonly SignQuestion[];

/** Chance of a weight before the answers to one question are made to add up to one. A 0 is rare, not impossible. */
export const chanceOfWeight: readonly Figure[] = [
  ours(0.02, 'share', 'Weight 0: rare, never impossible.'),
  ours(0.2, 'share', 'Weight 1: now and then.'),
  ours(0.5, 'share', 'Weight 2: often.'),
  ours(1, 'share', 'Weight 3: as a rule.'),
];

/** A digit a column, in the order of `signColumns`; the last four, and rows the keys have not, are ours alone. */
const weights: { readonly [Q in SignQuestion]: Readonly<Record<string, string>> } = {
  toll: {
    'one-gone': '1331100020012001' + '0031',
    'several-gone': '1321000110000011' + '0023',
    'few-dead': '2112232211133122' + '3300',
    'many-dead': '2213000330000011' + '2000',
    'none-taken': '1102123112211311' + '0110',
  },
  chicks: {
    gone: '1110311113311200' + '0021',
    'at-a-hole': '0000000203000000' + '0000',
    dead: '1001121221000111' + '3200',
  },
  hour: {
    night: '3332233233203032' + '2112',
    day: '1223200211230311' + '2322',
  },
  trace: {
    nothing: '1120101111311100' + '1033',
    'feathers-in-one-spot': '2222221120022021' + '0100',
    trail: '1321100010000011' + '0000',
    'plucked-ring': '0110100000030000' + '0000',
  },
  body: {
    'no-wound': '0000000000000000' + '3101',
    'neck-bites': '0110100331000000' + '0000',
    'head-gone': '3100000220013000' + '0000',
    'breast-opened': '3110110010032011' + '0100',
    'vent-eaten': '1110032101000121' + '0300',
    'pulled-through': '3101110110011000' + '0000',
    mauled: '0113010010000010' + '0000',
    scraps: '2011131011010122' + '0100',
    plucked: '0110100000030000' + '0000',
    'pecked-raw': '0000000001000100' + '0300',
  },
  works: {
    nothing: '2221222333333310' + '3332',
    'stood-open': '2222222221011111' + '1131',
    torn: '2113000010000023' + '0001',
    dug: '1333012102000031' + '0000',
    'latch-opened': '3001000000000001' + '0003',
  },
  eggs: {
    untouched: '1333311221033120' + '3132',
    gone: '1211010122300201' + '0002',
    crushed: '2002032011000122' + '0100',
    opened: '1000013221000210' + '0200',
  },
  tracks: {
    none: '1111111222333111' + '3331',
    'small-hand': '3000031001000000' + '0000',
    dog: '0333000000000000' + '0000',
    cat: '0100300000000000' + '0000',
    'broad-claws': '0000002010000033' + '0000',
    'small-five': '0000001332000000' + '0000',
    bird: '0000000000011200' + '0200',
    shoe: '0000000000000000' + '0003',
  },
  smell: {
    none: '3233321123333333' + '3333',
    musk: '0100003310000000' + '0000',
  },
  heard: {
    nothing: '1221112213322211' + '3231',
    uproar: '2222222221021222' + '0211',
    barking: '0123000000000000' + '0001',
  },
};

/** 0 to 3; answers that a question has not are a slip of the caller's. */
export function signWeight(question: SignQuestion, answer: string, column: SignColumn): number {
  const row = weights[question][answer];
  if (row === undefined) throw new Error(`${question} has no answer ${answer}`);
  return Number(row[signColumns.indexOf(column)]);
}

/** Chance that a culprit leaves this, of all answers to the question; they add up to one. */
export function signChance(question: SignQuestion, answer: string, column: SignColumn): number {
  const known = chances.get(question) ?? chancesOf(question);
  chances.set(question, known);
  const chance = known.get(`${answer} ${column}`);
  if (chance === undefined) throw new Error(`${question} has no answer ${answer}`);
  return chance;
}

const chances = new Map<SignQuestion, ReadonlyMap<string, number>>();

function chancesOf(question: SignQuestion): ReadonlyMap<string, number> {
  const answers: readonly string[] = signAnswers[question];
  return new Map(
    signColumns.flatMap((column) => {
      const own = answers.map((it) => chanceOfWeight[signWeight(question, it, column)]?.value ?? 0);
      const sum = own.reduce((all, it) => all + it, 0);
      return answers.map((it, index) => [`${it} ${column}`, (own[index] ?? 0) / sum] as const);
    }),
  );
}

/** Times a bird or more are gone or dead for no animal from outside, a bird a year (assumptions of ours). */
export const otherCauseRates: Readonly<Record<OtherCause, Figure>> = {
  disease: ours(0.05, 'share', 'Illness and age: about one bird in twenty a year dies of itself.'),
  'own-flock': ours(0.005, 'share', 'Pecked by its own flock, or a cockerel.'),
  strayed: ours(0.005, 'share', 'Over the fence, asleep elsewhere, or counted wrongly.'),
  person: ours(0.001, 'share', 'Taken by a person, or let out.'),
};

/** Birds that are gone or dead at one time then, on the average (assumptions of ours). */
export const otherCauseBirds: Readonly<Record<OtherCause, Figure>> = {
  disease: ours(0.5, 'birds', 'Mostly one; several at once only where something goes round.'),
  'own-flock': ours(0.1, 'birds', 'One.'),
  strayed: ours(1, 'birds', 'One, or a few together.'),
  person: ours(3, 'birds', 'Some at a time.'),
};

/** Of all that gets at birds, what comes by a way that nobody knows of (assumption of ours). */
export const unknownWay = ours(
  0.01,
  'share',
  'Once in a hundred tries, each animal that lives here may have come by a way nobody has read.',
);

/** Share of an answer’s weight where the way and what was found broken do not fit together (assumption of ours). */
export const unlikeWay = ours(
  0.1,
  'share',
  'A hole dug speaks for a way that is dug; the others stay possible.',
);
