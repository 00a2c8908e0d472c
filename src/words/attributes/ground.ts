/** Ground line, skirt, frame and pegs. */
import { findBay } from '@/core/place/find';
import type { CoverId } from '@/core/place/bay';
import type { Moves, Place } from '@/core/place/place';
import { soilNames, timberNames } from '../names';
import type { AllWords, Asked } from './attribute-words';
import { coverWords } from './cover-words';

const edge = 'a board or slab against the edge, with weight on it.';
/** As floors are called. */
const floorNames: Readonly<Partial<Record<CoverId, string>>> = {
  'solid-board': 'boards',
  masonry: 'slabs, brick or concrete',
};
const foot = 'slabs or a board flat along the foot of the wall.';

export const groundWords = {
  'ground.gap': {
    ask: (asked, place) => ({
      title: 'Gap under the sill',
      todo:
        movesOf(asked, place) === 'wheels'
          ? 'The sill is the bottom edge of the wall. Run the tape along the ground under it, and look on both sides of every wheel. Read the widest spot.'
          : 'The sill is the bottom edge of the wall. Run the tape along the ground under it: dips, ruts, roots, burrows. Read the widest spot.',
      short: 'gap under the sill',
    }),
    sort: 'gaps at the ground',
    givesWay: () => 'under the sill',
    tonight: 'stones or a board along the gap, wedged so that they cannot be rolled away.',
  },
  'ground.gapLifted': {
    ask: {
      title: 'Lift the bottom edge',
      todo: 'Midway between the posts, lift by hand. Read the gap while it is up.',
      short: 'lift the bottom edge',
    },
    sort: 'gaps at the ground',
    givesWay: () => 'under the sill, lifted by hand',
    tonight: edge,
  },
  'ground.soil': {
    ask: {
      title: 'What is the ground here?',
      todo: 'Along the outside of the bay, a spade’s width.',
      short: 'what the ground is',
    },
    answers: soilNames,
    sort: 'soil',
    tonight: edge,
  },
  'ground.timber': {
    ask: {
      title: 'Timber along the ground',
      todo: 'Push a screwdriver into it at its lower edge and at both ends. Read the worst spot.',
      short: 'timber along the ground',
    },
    answers: timberNames,
    sort: 'timber',
    givesWay: () => 'through the timber along the ground',
    tonight: edge,
  },
  'ground.digging': {
    ask: {
      title: 'Fresh digging?',
      todo: 'Along the edge, from either side.',
      short: 'fresh digging',
    },
    answers: {
      yes: ['yes, fresh earth', 'somebody has begun: it counts a step easier'],
      no: ['none', 'grass or trodden earth'],
    },
    sort: 'digging',
    tonight: edge,
  },
  'ground.floor': {
    ask: {
      title: 'The floor: boards, slabs or mesh right across?',
      todo: 'Under soil and litter too: scrape in a corner. It counts where it is joined to the walls all round.',
      short: 'what the floor is',
    },
    answers: (cover, place) => {
      if (cover === 'none') return ['bare earth', 'what digs comes up in it'];
      const [name, opening] = coverWords(cover, place);
      return [floorNames[cover] ?? name, opening];
    },
    sort: 'floors',
    tonight: edge,
  },
  'ground.weight': {
    ask: {
      title: 'What does the frame weigh?',
      todo: 'All of it, in kilograms. Lift one edge: what you feel is half.',
      short: 'weight of the frame',
    },
    sort: 'frames',
    tonight: edge,
  },
  'ground.pegs': {
    ask: {
      title: 'How long are the pegs?',
      todo: 'That hold this edge down; 0 where there are none.',
      short: 'length of the pegs',
    },
    sort: 'frames',
    tonight: edge,
  },
  'skirt.depth': {
    ask: {
      title: 'Mesh below the wall',
      todo: 'A skirt is mesh that goes on down into the ground. How deep? Probe it, or say what you remember; 0 where there is none.',
      short: 'mesh below the wall',
    },
    sort: 'skirts',
    tonight: foot,
  },
  'skirt.outward': {
    ask: {
      title: 'Mesh laid outward',
      todo: 'An apron is mesh laid flat away from the wall, on the ground or just under it. How far out? 0 where there is none.',
      short: 'mesh laid outward',
    },
    sort: 'skirts',
    tonight: foot,
  },
  'skirt.mesh': {
    ask: {
      title: 'What is the mesh in the ground?',
      todo: 'Uncover a hand’s breadth, or say what you remember.',
      short: 'mesh in the ground',
    },
    answers: coverWords,
    sort: 'skirts',
    tonight: foot,
  },
  'skirt.tied': {
    ask: {
      title: 'Is it tied to the wall?',
      todo: 'Pull at its inner edge. Lifted by frost or scratched loose is not tied.',
      short: 'whether it is tied',
    },
    answers: {
      yes: ['tied all along', 'the apron counts'],
      no: ['loose or lifted', 'the apron counts for nothing'],
    },
    sort: 'skirts',
    tonight: foot,
  },
} satisfies Partial<AllWords>;

/** On what the pen is moved whose wall this is, if it is. */
function movesOf({ bay }: Asked, place: Place): Moves | undefined {
  const face = bay === undefined ? undefined : findBay(place, bay)?.face;
  return place.zones.find(({ id, moves }) => moves && face?.between.includes(id))?.moves;
}
