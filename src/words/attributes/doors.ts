/** Gaps, corners, latches and habits of doors and lids. */
import { findItem } from '@/core/place/find';
import type { OpeningKind, Place } from '@/core/place/place';
import { openedBy } from '@/core/walk/what-it-means';
import { animalList, latchNames, motionWords } from '../names';
import type { AllWords, Asked } from './attribute-words';

const propped = 'prop it: a stone against it, a wedge in the gap, a clip at the corner that gives.';

export const doorWords = {
  'opening.gap': {
    ask: ({ opening = 'door' }) => ({
      title: `Gap round the ${opening}`,
      todo: 'Shut it as at dusk. Read the widest gap all round, at the hinges and under a corner that sags too.',
      short: `gap round the ${opening}`,
    }),
    sort: 'doors',
    givesWay: ({ opening }) => `round the ${opening}`,
    tonight: propped,
  },
  'opening.gapPulled': {
    ask: (asked, place) => {
      const { opening = 'door' } = asked;
      const [verb, todo] = pulls[openingKind(asked, place)] ?? [
        'Pull',
        'Shut and latched, pull each corner, at the hinge side too. Read the widest gap.',
      ];
      return { title: `${verb} the ${opening}`, todo, short: `corners of the ${opening}` };
    },
    sort: 'doors',
    givesWay: ({ opening }) => `${opening}, at the corner when pulled`,
    tonight: propped,
  },
  'opening.letGo': {
    ask: ({ opening = 'door' }) => ({
      title: `Let go of the ${opening}`,
      todo: 'From wide open and from a hand’s breadth. Does it fall shut and latch, both times?',
      short: 'whether it falls shut',
    }),
    answers: {
      'falls-shut': [
        'falls shut by itself',
        'forgotten, it is fastened only where its latch catches',
      ],
      'two-closers': ['two springs or cords', 'each is spare for the other'],
      'one-closer': ['one spring or cord', 'counted as gone: it breaks, and nobody sees'],
      stays: ['stays where it is', 'forgotten, it stands open'],
    },
    sort: 'doors',
    tonight: propped,
  },
  'opening.hinges': {
    ask: ({ opening = 'door' }) => ({
      title: `Hinges of the ${opening}`,
      todo: 'Try each screw with a thumb. Lift the free corner, pull at the hinge side: does it sag or give?',
      short: `hinges of the ${opening}`,
    }),
    answers: {
      tight: ['tight', 'screws hold, nothing gives'],
      loose: ['loose', 'a screw turns, it sags or gives at the hinge side'],
    },
    sort: 'doors',
    givesWay: ({ opening }) => `${opening}, off its hinges`,
    tonight: 'longer screws in the same holes, or a bolt through.',
  },
  'opening.habit': {
    ask: ({ opening = 'door' }) => ({
      title: `Is the ${opening} shut at night?`,
      todo: 'As it stood the last nights, not as it should.',
      short: 'how it stands at night',
    }),
    answers: {
      'every-night': ['shut every night', ''],
      'cold-or-storms': ['only in cold or storms', 'open on other nights'],
      never: ['never shut', ''],
    },
    sort: 'doors',
    tonight: propped,
  },
  'opening.byDay': {
    ask: ({ opening = 'door' }) => ({
      title: `How does the ${opening} stand by day?`,
      todo: 'As it stood the last days, not as it should.',
      short: 'how it stands by day',
    }),
    answers: {
      shut: ['shut by day', ''],
      'open-while-ranging': ['open while birds range', 'shut at other times'],
      open: ['open all day', ''],
    },
    sort: 'doors',
    tonight: propped,
  },
  'opening.shutBy': {
    ask: ({ opening = 'door' }) => ({
      title: `What shuts the ${opening}?`,
      todo: 'At dusk, as it went the last evenings. See it land all the way.',
      short: `what shuts the ${opening}`,
    }),
    answers: {
      light: ['a drive, by light or clock', 'it may stay open, or shut a bird out'],
      hand: ['somebody, by hand', ''],
      cord: ['somebody, by a cord', ''],
      nobody: ['nobody', ''],
    },
    sort: 'doors',
    tonight: propped,
  },
  'latch.kind': {
    ask: ({ opening = 'door' }) => ({
      title: `What holds the ${opening} shut?`,
      todo: 'As you leave it at night.',
      short: `latch of the ${opening}`,
    }),
    answers: (latch, place) => {
      const by = openedBy(place, latch);
      const motions = motionWords(latch);
      return [
        latchNames[latch],
        by.length > 0 ? `${motions}; opened by ${animalList(by)}` : motions,
      ];
    },
    sort: 'latches',
    givesWay: ({ opening }) => `${opening}, by the latch`,
    tonight: 'a clip or wire through the hasp. Check first that nobody can be shut in.',
  },
} satisfies Partial<AllWords>;

/** What hands do with an opening that does not swing like a door. */
const pulls: Readonly<
  Partial<Record<OpeningKind | 'none', readonly [verb: string, todo: string]>>
> = {
  'pop-door': [
    'Lift',
    'Shut as at dusk: lift it from below, then pull its edges. Read the widest gap.',
  ],
  'nest-lid': ['Lift', 'Shut and latched: lift it at each corner. Read the widest gap.'],
};

function openingKind({ item }: Asked, place: Place): OpeningKind | 'none' {
  const found = findItem(place, item);
  return found?.kind === 'opening' ? found.opening.kind : 'none';
}
