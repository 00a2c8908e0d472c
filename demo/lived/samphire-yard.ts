/** Samphire Yard as it has been lived in: fourteen months of walks, mends, evenings, a loss by day and one by night. A scene of our own. */
import { samphireYard } from '../samphire-yard';
import type { Reading } from '../../src/core/records/walk';
import { barWidth } from '../../src/core/mends/shopping/bars';
import { before, Story } from './story';

const story = new Story(samphireYard, {
  setting: { ...samphireYard.place.setting, where: 'farm' },
  experience: { since: before(1540), lost: 2, asOf: before(420) },
});

const byHand = 'the younger of us';

// The first walk: gaps along the north side, a hole where a stone had worked through.
story.walk({
  ago: 420,
  otherwise: {
    'n1 ground.gap': 31,
    'n1 ground.gapLifted': 36,
    'n2 ground.gap': 27,
    'n2 ground.gapLifted': 33,
    's5 bay.largestHole': 42,
    'gate opening.gapPulled': 24,
  },
});
story.plan(419, { kind: 'sill-board', item: 'n1', name: 'board-n1' });
story.plan(419, { kind: 'sill-board', item: 'n2', name: 'board-n2' });
story.plan(419, { kind: 'patch-mesh', item: 's5', name: 'patch-s5' });
for (const name of ['board-n1', 'board-n2']) {
  story.move(415, name, 'bought', { cents: 950 });
  story.move(414, name, 'done', { cents: 950, minutes: 40 });
}
story.walk({
  ago: 413,
  kind: 'measure-again',
  otherwise: {
    'n1 ground.gap': 6,
    'n1 ground.gapLifted': 9,
    'n2 ground.gap': 7,
    'n2 ground.gapLifted': 9,
  },
});
story.move(402, 'patch-s5', 'done', { minutes: 25 });
story.walk({ ago: 401, kind: 'measure-again', otherwise: { 's5 bay.largestHole': 4 } });

// A hen is taken in the open, by day.
story.say(332, { what: 'sighting', animal: 'red-fox', how: 'seen' });
story.say(331, {
  what: 'loss',
  birds: 1,
  group: 'bantams',
  animal: 'red-fox',
  signs: [
    { question: 'hour', answer: 'day' },
    { question: 'trace', answer: 'trail' },
  ],
  thought: [{ culprit: 'red-fox', share: 0.7 }],
});
story.say(300, { what: 'quiet-camera', nights: 12 });
story.say(262, { what: 'weather', weather: 'storm' });
const looked = (bays: readonly string[]) => (it: Reading) =>
  bays.some((bay) => it.item === bay) &&
  ['ground.gap', 'bay.panelPulled', 'bay.largestHole'].includes(it.attribute);
story.walk({
  ago: 261,
  purpose: 'storm',
  how: 'looked',
  only: looked(['w2', 'w3', 'n1', 'n2', 'n3', 'e1', 's1', 's2']),
});

// In the half year's walk the patch is found torn at one corner: mended again, with staples this time.
story.walk({
  ago: 205,
  how: 'looked',
  only: ({ attribute }) => !attribute.startsWith('skirt') && !attribute.startsWith('layer'),
  otherwise: { 's5 bay.largestHole': 38, 'n2 ground.gap': 8, 'n2 ground.gapLifted': 12 },
});
story.move(204, 'patch-s5', 'planned');
story.move(198, 'patch-s5', 'done', { minutes: 30 });
story.walk({ ago: 197, kind: 'measure-again', otherwise: { 's5 bay.largestHole': 0 } });

story.say(150, { what: 'sighting', animal: 'norway-rat', how: 'droppings', bay: 'h1' });
story.say(120, { what: 'young-near', animal: 'stoat', weeks: 7 });
story.say(112, { what: 'sighting', animal: 'stoat', how: 'seen', bay: 'w3' });

// One night the pop door stood open.
story.evenings(
  96,
  41,
  { bantams: 12 },
  {
    88: { doors: { 'pop-door': 'open' }, told: 'morning' },
    74: { silent: true },
    63: { fewer: { bantams: 1 } },
    57: { doors: { 'pop-door': 'open' }, told: 'morning' },
  },
);
story.say(57, {
  what: 'loss',
  birds: 1,
  dead: 1,
  fewer: 1,
  group: 'bantams',
  animal: 'american-mink',
  bay: 'hw',
  signs: [
    { question: 'toll', answer: 'few-dead' },
    { question: 'hour', answer: 'night' },
    { question: 'body', answer: 'neck-bites' },
    { question: 'works', answer: 'stood-open' },
  ],
  thought: [
    { culprit: 'american-mink', share: 0.55 },
    { culprit: 'stoat', share: 0.35 },
  ],
});
story.walk({
  ago: 56,
  purpose: 'loss',
  bays: ['hw', 'h1'],
  only: ({ item }) => ['hw', 'h1', 'pop-door', 'nest-lid'].includes(item),
});
story.say(55, { what: 'sighting', animal: 'american-mink', how: 'tracks', bay: 's4' });

// A week away, the neighbour's eldest covers; one evening the pop door was stuck.
story.say(40, { what: 'away', until: before(34), covers: 'next door’s eldest' });
const eldest = { by: 'next door’s eldest' };
story.evenings(
  40,
  34,
  { bantams: 11 },
  {
    40: eldest,
    39: eldest,
    38: eldest,
    37: { ...eldest, doors: { 'pop-door': 'jammed' } },
    36: eldest,
    35: { silent: true },
    34: eldest,
  },
);
story.evenings(
  33,
  1,
  { bantams: 11 },
  {
    30: { by: byHand },
    29: { by: byHand },
    21: { silent: true },
    16: { by: byHand, fewer: { bantams: 1 } },
    12: { doors: { 'pop-door': 'bird-out' }, fewer: { bantams: 1 } },
    5: { by: byHand },
  },
);
story.say(26, { what: 'quiet-camera', nights: 9 });
story.say(19, { what: 'sighting', animal: 'norway-rat', how: 'tracks', bay: 'h1' });
story.say(9, { what: 'own-round', name: 'Oats and grit bin scrubbed', every: 28 });

// The whole walk a week ago: the board at the north side has come away.
story.lastWalk();
story.plan(6, { kind: 'second-fastening', item: 'nest-lid', name: 'lid-again' });
story.move(3, 'lid-again', 'bought', { cents: 1240 });
story.plan(6, { kind: 'slabs-along', item: 's3', name: 'slabs-s3', who: 'both of us' }, -9);
story.plan(6, { kind: 'pop-door-runners', item: 'pop-door', name: 'runners' });
story.move(2, 'runners', 'done', { cents: 1450, minutes: 35 });

export const livedSamphireYard = story.file({
  allowance: 10,
  prices: [
    {
      id: 'board 2400',
      material: 'board',
      size: { form: 'bar', length: 2400 },
      cents: 1090,
      seen: before(6),
    },
    {
      id: 'welded-13 900x10000',
      material: 'welded-13',
      size: { form: 'sheet', width: 900, length: 10_000 },
      cents: 6890,
      seen: before(415),
    },
    {
      id: 'screws 100',
      material: 'screws',
      size: { form: 'pack', count: 100 },
      cents: 690,
      seen: before(415),
    },
  ],
  offcuts: [
    { id: 'offcut-1', material: 'welded-13', length: 2300, width: 900 },
    { id: 'offcut-2', material: 'board', length: 620, width: barWidth },
  ],
  ticked: [],
  purchases: [
    {
      id: 'purchase-1',
      date: before(415),
      mends: ['board-n1', 'board-n2'],
      cents: 2870,
      cuttings: [],
    },
    { id: 'purchase-2', date: before(3), mends: ['lid-again'], cents: 1240, cuttings: [] },
  ],
});

export const samphireStates = story.states();
