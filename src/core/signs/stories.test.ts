/**
 * Sixteen stories as keys to kills tell them (the keys named in figures of the trade: number killed, what is left; common knowledge of
 * extension services and keepers, recalled from memory). Source beside each. The right one is among the first two when nothing is known
 * of the place, and first where its ways shut the others out.
 */
import type { SignAnswer, SignColumn, SignQuestion } from '../tables/signs';
import { otherCauses, unknownWay } from '../tables/signs';
import type { AnimalId } from '../tables/animals';
import type { Culprit } from '../records/sighting';
import type { Sign } from '../records/found-signs';
import { byCulprit, posterior } from './posterior';
import type { Suspicion } from './suspicion';

/** One animal for each column of the table. */
const oneOf: Readonly<Partial<Record<SignColumn, AnimalId>>> = {
  raccoon: 'raccoon',
  fox: 'red-fox',
  coyote: 'coyote',
  dog: 'domestic-dog',
  cat: 'domestic-cat',
  opossum: 'virginia-opossum',
  skunk: 'striped-skunk',
  weasel: 'american-mink',
  marten: 'pine-marten',
  rat: 'norway-rat',
  snake: 'rat-snake',
  hawk: 'goshawk',
  owl: 'great-horned-owl',
  crow: 'crow',
  badger: 'european-badger',
  bear: 'black-bear',
};
const culprits: readonly Culprit[] = [...Object.values(oneOf), ...otherCauses];
const flat: readonly Suspicion[] = culprits.map((culprit) => ({ culprit, prior: 1 }));

type Told = Partial<Record<SignQuestion, SignAnswer>>;

const stories: readonly (readonly [who: AnimalId, source: string, told: Told])[] = [
  [
    'american-mink',
    'weasel or mink: bites at the neck, several to dozens, sometimes piled, little eaten',
    { toll: 'many-dead', body: 'neck-bites', works: 'nothing', smell: 'musk' },
  ],
  [
    'raccoon',
    'raccoon: heads off, crop and breast eaten; works latches',
    { toll: 'few-dead', body: 'head-gone', works: 'latch-opened', hour: 'night' },
  ],
  [
    'red-fox',
    'fox: one carried off when undisturbed, a trail of feathers',
    { toll: 'one-gone', trace: 'trail', works: 'dug', hour: 'night' },
  ],
  [
    'coyote',
    'coyote: carried off whole; digs; prints like a dog’s',
    { toll: 'several-gone', trace: 'nothing', works: 'dug', tracks: 'dog', heard: 'barking' },
  ],
  [
    'domestic-dog',
    'dog: many mauled, little eaten, often by day, with a din',
    { toll: 'many-dead', body: 'mauled', works: 'torn', hour: 'day', heard: 'barking' },
  ],
  [
    'domestic-cat',
    'cat: chicks gone, or wings and feathers left',
    { chicks: 'gone', trace: 'feathers-in-one-spot', tracks: 'cat' },
  ],
  [
    'virginia-opossum',
    'opossum: usually one bird, opened at the abdomen, smashed eggs',
    { toll: 'few-dead', body: 'vent-eaten', eggs: 'crushed', hour: 'night' },
  ],
  [
    'striped-skunk',
    'skunk: eggs opened at one end, musk',
    { toll: 'none-taken', eggs: 'opened', smell: 'musk' },
  ],
  [
    'norway-rat',
    'rat: chicks dragged to a hole, legs bitten, by night',
    { chicks: 'at-a-hole', works: 'nothing', hour: 'night' },
  ],
  [
    'rat-snake',
    'snake: eggs whole, nothing broken, no trace',
    { toll: 'one-gone', trace: 'nothing', eggs: 'gone', works: 'nothing', tracks: 'none' },
  ],
  [
    'goshawk',
    'hawk: plucked and eaten on the spot, by day',
    { toll: 'few-dead', trace: 'plucked-ring', body: 'plucked', hour: 'day' },
  ],
  [
    'great-horned-owl',
    'owl: one or two a night, head and neck gone, nothing broken',
    { toll: 'few-dead', body: 'head-gone', works: 'nothing', hour: 'night', tracks: 'none' },
  ],
  [
    'crow',
    'crow or magpie: punctured shells near by, by day',
    { toll: 'none-taken', eggs: 'opened', hour: 'day', tracks: 'bird', smell: 'none' },
  ],
  [
    'european-badger',
    'badger: dug and torn open with force, opened from below, by night',
    { toll: 'few-dead', body: 'scraps', works: 'dug', tracks: 'broad-claws', hour: 'night' },
  ],
  [
    'black-bear',
    'bear: destruction; crushed eggs',
    { toll: 'few-dead', body: 'scraps', works: 'torn', eggs: 'crushed', tracks: 'broad-claws' },
  ],
  [
    'pine-marten',
    'marten: as weasels, with neck bites and heads taken; nothing broken, by night',
    { toll: 'many-dead', body: 'neck-bites', works: 'nothing', tracks: 'small-five' },
  ],
];

const signsOf = (told: Told): Sign[] =>
  Object.entries(told).map(([question, answer]) => ({
    question: question as SignQuestion,
    answer,
  }));

const ranking = (suspicions: readonly Suspicion[], told: Told): Culprit[] =>
  [...byCulprit(suspicions, posterior(suspicions, signsOf(told)))]
    .sort(([, a], [, b]) => b - a)
    .map(([culprit]) => culprit);

test.each(stories)('%s, with nothing known of the place (%s)', (who, _, told) => {
  expect(ranking(flat, told).slice(0, 2)).toContain(who);
});

test.each(stories)('%s, where the place keeps the others out (%s)', (who, _, told) => {
  // Of the others only what comes by a way that nobody knows of.
  const shutOut = flat.map((it) => (it.culprit === who ? it : { ...it, prior: unknownWay.value }));
  expect(ranking(shutOut, told)[0]).toBe(who);
});

test('several dead without a wound are illness before anything else', () => {
  const told: Told = { toll: 'many-dead', body: 'no-wound', works: 'nothing' };
  expect(ranking(flat, told)[0]).toBe('disease');
});
