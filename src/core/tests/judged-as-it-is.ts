/**
 * Facts of the trade that were judged falsely once: what doors are made of and how they move, bands between shut out and passed,
 * strips that are torn away, pulls by hand, lines that stand in front, who digs how. Common practice where nothing else is said.
 */
import type { AnimalId } from '../tables/animals';
import type { LatchId } from '../tables/latches';
import type { MeshId } from '../tables/meshes';
import type { Pen } from './one-pen';
import type { Prescription } from './prescription';

const trade = 'common practice';

interface Check {
  readonly built?: readonly Pen[];
  readonly short?: readonly Pen[];
  readonly broken?: readonly Pen[];
  readonly source?: string;
}

const check = (
  animal: AnimalId,
  what: string,
  { built = [], short = [], broken = [], source = trade }: Check,
): Prescription => ({ what: `${animal}: ${what}`, source, animal, built, short, broken, pins: [] });

/** A gate held by a padlock, made of this. */
const gateOf = (cover: MeshId | 'none', more: Pen = {}): Pen => ({
  ...more,
  door: { latches: ['padlock'], cover },
});

/** A gate is as good as what is in it. */
const gates: readonly Prescription[] = (
  [
    ['red-fox', 'welded-25', ['none', 'insect-screen', 'hex-50'], {}],
    ['grey-fox', 'chain-link', ['none', 'canvas'], {}],
    ['coyote', 'welded-13', ['none', 'hex-50'], {}],
    ['domestic-dog', 'welded-25', ['none', 'insect-screen'], { scenario: 'day-run' }],
    ['domestic-cat', 'welded-25', ['none', 'deer-netting'], {}],
    ['european-badger', 'welded-25', ['none', 'hex-25', 'plastic-netting'], {}],
    ['american-badger', 'welded-25', ['none', 'insect-screen'], {}],
    ['raccoon', 'welded-13', ['none', 'hex-25', 'insect-screen'], {}],
    ['virginia-opossum', 'welded-25', ['none', 'insect-screen'], {}],
    ['striped-skunk', 'welded-25', ['none', 'insect-screen'], {}],
    ['bobcat', 'welded-25', ['none', 'insect-screen'], {}],
    ['american-mink', 'welded-25', ['none', 'chain-link-50'], {}],
    ['stoat', 'welded-13', ['none', 'welded-25', 'hex-25'], {}],
    ['long-tailed-weasel', 'welded-13', ['none', 'welded-25'], {}],
    ['least-weasel', 'welded-6', ['none', 'welded-25'], {}],
    ['pine-marten', 'welded-25', ['none', 'chain-link-50'], {}],
    ['stone-marten', 'welded-25', ['none', 'chain-link'], {}],
    ['norway-rat', 'welded-13', ['none', 'welded-25', 'plastic-netting'], {}],
    ['house-mouse', 'welded-6', ['none', 'welded-13'], {}],
    ['goshawk', 'welded-25', ['none'], { scenario: 'day-run' }],
  ] as const
).map(([animal, sound, bad, more]) =>
  check(animal, `a gate of ${sound} stops it, one of ${bad.join(', ')} does not`, {
    built: [gateOf(sound, more)],
    broken: bad.map((cover) => gateOf(cover, more)),
  }),
);

type Door = NonNullable<Pen['door']>;
const door = (moves: Door['moves'], ...latches: readonly LatchId[]): Pen => ({
  door: { latches, ...(moves && { moves }) },
});

/** How a door moves, and what holds it. */
const doors: readonly Prescription[] = [
  ...(['domestic-dog', 'coyote', 'black-bear'] as const).map((animal) =>
    check(
      animal,
      'a padlocked door on loose hinges is drawn off them; on tight ones not by a dog',
      {
        built: animal === 'black-bear' ? [] : [{ door: { latches: ['padlock'] } }],
        broken: [{ door: { latches: ['padlock'], hinges: 'loose' } }],
      },
    ),
  ),
  check('stoat', 'loose hinges are nothing to what has no strength', {
    built: [{ door: { latches: ['padlock'], hinges: 'loose' } }],
  }),
  check('red-fox', 'left open: two closers have it shut, one alone is counted as gone', {
    built: [
      { scenario: 'left-open', door: { latches: ['lever'], letGo: 'two-closers' } },
      { scenario: 'left-open', door: { latches: ['two-motion'], letGo: 'falls-shut' } },
    ],
    broken: [
      { scenario: 'left-open', door: { latches: ['lever'], letGo: 'one-closer' } },
      { scenario: 'left-open', door: { latches: ['lever'], letGo: 'stays' } },
    ],
  }),
  ...(['padlock', 'clip', 'slide-bolt', 'hook-and-eye'] as const).map((latch) =>
    check('red-fox', `left open: a door that has fallen shut has no ${latch} on`, {
      built: [
        { door: { latches: [latch], letGo: 'two-closers' } },
        { scenario: 'left-open', door: { latches: [latch, 'lever'], letGo: 'two-closers' } },
      ],
      broken: [{ scenario: 'left-open', door: { latches: [latch], letGo: 'two-closers' } }],
    }),
  ),

  ...(['slides-up', 'slides-sideways', 'drops-open', 'lifts-off'] as const).map((moves) =>
    check('raccoon', `a door that ${moves} without a latch is one motion to it; a clip stops it`, {
      built: [door(moves, 'clip'), door(moves, 'padlock')],
      short: [door(moves, 'slide-bolt', 'turn-button')],
      broken: [door(moves), door(moves, 'slide-bolt')],
    }),
  ),
  ...(['pin', 'cord-loop', 'elastic-cords', 'two-sided-lock'] as const).map((latch) =>
    check('raccoon', `${latch} is undone in one motion`, {
      built: [door('swings', latch, 'clip')],
      broken: [door('swings', latch)],
    }),
  ),
  check('red-fox', 'a slide without a latch keeps it out, a swinging door without one does not', {
    built: [door('slides-up'), door('slides-sideways')],
    broken: [door('swings')],
  }),
  check('domestic-dog', 'it noses a slide up and paws a lever down, and works no clip', {
    built: [
      { ...door('slides-up', 'clip'), scenario: 'day-run' },
      { ...door('swings', 'clip'), scenario: 'day-run' },
    ],
    broken: [
      { ...door('slides-up'), scenario: 'day-run' },
      { ...door('swings', 'lever'), scenario: 'day-run' },
      { ...door('swings', 'pin'), scenario: 'day-run' },
    ],
  }),
  check('cougar', 'it shoulders elastic cords off their hooks, and no bolt', {
    built: [door('swings', 'slide-bolt')],
    broken: [door('swings', 'elastic-cords')],
  }),
  check('european-badger', 'it shoves a gate held by elastic cords or a loop of cord', {
    built: [door('swings', 'hook-and-eye')],
    broken: [door('swings', 'elastic-cords'), door('swings', 'cord-loop')],
  }),
];

/** Between the design figure and what is known to pass it is slow, never at once. */
const bands: readonly Prescription[] = [
  check('coyote', 'sheep wire of 152 × 102 mm is no open door to a grown one; 160 mm is', {
    source: 'PCWD, Coyotes (recalled from memory)',
    short: [{ mesh: 'stock-panel', clear: 102 }],
    broken: [{ mesh: 'stock-panel', clear: 160 }],
  }),
  check('european-badger', '2 in mesh is over its design figure; a grown one needs 100–130 mm', {
    built: [{ mesh: 'stock-panel', clear: 50 }],
    short: [{ mesh: 'stock-panel', clear: 50.8 }],
    broken: [{ mesh: 'stock-panel', clear: 125 }],
  }),
  check('domestic-cat', '2 in mesh hardly lets it by: its head takes 65–75 mm', {
    built: [{ mesh: 'stock-panel', clear: 50 }],
    short: [{ mesh: 'stock-panel', clear: 50.8 }],
    broken: [{ mesh: 'stock-panel', clear: 75 }],
  }),
  check('american-mink', 'an inch shuts it out, a round hole of 35–40 mm lets it in', {
    built: [{ hole: 25.4 }],
    short: [{ hole: 26 }],
    broken: [{ hole: 37 }],
  }),
  check(
    'norway-rat',
    'half an inch shuts it out, the young squeeze by a little more, grown ones by 20–25',
    {
      built: [{ hole: 12.7 }],
      short: [{ hole: 13.5 }],
      broken: [{ hole: 22 }],
    },
  ),
];

/** A strip at the top of the wall of 40 mm, of 300 mm. */
const strip = (upperMesh: MeshId, high: number): Pen => ({
  mesh: 'welded-13',
  fineTo: 1800 - high,
  upperMesh,
});

const torn: readonly Prescription[] = [
  check('red-fox', 'a strip of screen 40 mm high, torn out, leaves a slit that it does not fit', {
    built: [strip('insect-screen', 40)],
    broken: [strip('insect-screen', 300)],
  }),
  check('raccoon', 'a strip of screen 40 mm high, torn out, leaves a slit that it does not fit', {
    built: [strip('insect-screen', 40)],
    broken: [strip('insect-screen', 300)],
  }),
  check('stoat', 'a strip of screen 40 mm high, torn out, is a door to it', {
    broken: [strip('insect-screen', 40)],
  }),
];

const stapled = (pulled: number, more: Pen = {}): Pen => ({
  mesh: 'welded-13',
  fixing: 'staples',
  pulled,
  ...more,
});

const pulled: readonly Prescription[] = [
  ...(['raccoon', 'coyote', 'european-badger'] as const).map((animal) =>
    check(animal, 'staples that a hard pull by hand did not move hold; ones that gave do not', {
      built: [stapled(0)],
      broken: [stapled(5)],
    }),
  ),
  check('black-bear', 'what pulls harder than a hand has them off all the same', {
    broken: [stapled(0)],
  }),
  check('red-tailed-hawk', 'it lifts no edge and pulls no panel; a hole as wide lets it in', {
    built: [{ scenario: 'day-run', pulled: 200 }],
    broken: [{ scenario: 'day-run', hole: 200 }],
  }),
];

const foxWires = {
  wires: [
    [152, 0],
    [305, 0],
    [457, 0],
  ],
  kilovolts: 6,
} as const;
const raccoonWires = {
  wires: [
    [152, 0],
    [305, 0],
  ],
  kilovolts: 6,
} as const;

/** A line in front comes before everything behind it. */
const lines: readonly Prescription[] = [
  check(
    'red-fox',
    'wires that cross a gate nobody latched are met before the gate; not where they leave it out',
    {
      built: [{ ...foxWires, door: { latches: [] } }],
      broken: [
        { ...foxWires, door: { latches: [], crossed: 'no' } },
        { ...foxWires, kilovolts: 0, door: { latches: [] } },
      ],
    },
  ),
  check('raccoon', 'wires that cross a hooked gate are met before the hook', {
    built: [{ ...raccoonWires, door: { latches: ['hook-and-eye'] } }],
    broken: [{ ...raccoonWires, door: { latches: ['hook-and-eye'], crossed: 'no' } }],
  }),
  check('red-fox', 'wires before a light frame are met before it is lifted', {
    built: [{ ...foxWires, frame: { weight: 8, pegs: 0 } }],
    broken: [{ frame: { weight: 8, pegs: 0 } }],
  }),
  check('raccoon', 'wires before every wall are met before the climb to a holed roof', {
    built: [{ ...raccoonWires, roofHole: 200 }],
    broken: [
      { roofHole: 200 },
      { ...raccoonWires, kilovolts: 0, roofHole: 200 },
      { ...raccoonWires, wireless: 'north', roofHole: 200 },
    ],
  }),
];

const digging: readonly Prescription[] = [
  check('norway-rat', 'a ½ in apron of 600 mm, tied to the wall, keeps it from digging', {
    built: [{ mesh: 'welded-13', depth: 0, outward: 600 }],
    short: [{ mesh: 'welded-13', depth: 0, outward: 500 }],
    broken: [{ mesh: 'welded-13', depth: 0, outward: 150 }],
  }),
  check('striped-skunk', 'it digs, and is slower at it than a fox', {
    built: [{ mesh: 'welded-25', depth: 305 }],
    short: [{ mesh: 'welded-25', depth: 0 }],
  }),
  check('american-mink', 'it follows burrows: none there, it is long at it; with one it is in', {
    short: [{ mesh: 'welded-25', depth: 0 }],
    broken: [{ mesh: 'welded-25', depth: 0, freshDigging: true }],
  }),
];

export const judgedAsItIs: readonly Prescription[] = [
  ...gates,
  ...doors,
  ...bands,
  ...torn,
  ...pulled,
  ...lines,
  ...digging,
];
