/** What the trade does and finds, without a printed source (common practice). Figures stand as keepers give them. */
import type { AnimalId } from '../tables/animals';
import type { Pen } from './one-pen';
import { closurePin, digPin, overPin, reachLengthPin, reachPin, tearPin } from './pins';
import type { Prescription } from './prescription';

const trade = 'common practice';
const openRoof = { kind: 'open' } as const;

/** Mesh of at most so many mm shuts it out. */
function shutsOut(
  animal: AnimalId,
  most: number,
  just: number,
  open: number,
  more: Pick<Pen, 'scenario'> = {},
): Prescription {
  const mesh = (clear: number): Pen => ({ ...more, mesh: 'stock-panel', clear });
  return {
    what: `${animal}: mesh of ${most} mm or less`,
    source: trade,
    animal,
    built: [mesh(most)],
    short: [mesh(just)],
    broken: [mesh(open)],
    pins: [closurePin(animal)],
  };
}

/** Netting overhead of 2 in or less, and no open top. */
function nettedOver(animal: AnimalId, scenario: Pen['scenario']): Prescription {
  const pen: Pen = { ...(scenario && { scenario }), mesh: 'welded-25' };
  return {
    what: `${animal}: netting overhead of 51 mm or less`,
    source: trade,
    animal,
    built: [
      { ...pen, roof: 'deer-netting' },
      { ...pen, roof: 'hex-50' },
    ],
    short: [{ ...pen, roof: 'sheet', roofHole: 54 }],
    broken: [
      { ...pen, top: openRoof },
      { ...pen, roof: 'sheet', roofHole: 120 },
    ],
    pins: [closurePin(animal)],
  };
}

const paws: Pen = { mesh: 'welded-25', roost: 0 };

export const practisedPrescriptions: readonly Prescription[] = [
  shutsOut('european-badger', 50, 53, 110),
  shutsOut('bobcat', 51, 54, 115),
  shutsOut('cougar', 51, 54, 175),
  {
    what: 'cougar: roofed chain link of 2 in on posts',
    source: trade,
    animal: 'cougar',
    built: [{ mesh: 'chain-link-50', roof: 'chain-link-50' }],
    short: [],
    broken: [
      { mesh: 'chain-link-50', top: openRoof },
      { mesh: 'chain-link-50', fixing: 'ties' },
      { mesh: 'hex-50', roof: 'chain-link-50' },
    ],
    pins: [],
  },
  shutsOut('virginia-opossum', 51, 54, 76),
  shutsOut('striped-skunk', 51, 54, 90),
  shutsOut('coyote', 50.8, 54, 155),
  shutsOut('pine-marten', 25, 27, 45),
  shutsOut('stone-marten', 30, 32, 50),
  shutsOut('polecat', 25, 27, 45),
  shutsOut('fisher', 25.4, 27, 65),
  shutsOut('quoll', 25, 27, 40),
  shutsOut('goanna', 25, 27, 52, { scenario: 'day-run' }),
  shutsOut('carpet-python', 12, 14, 25),
  {
    what: 'crow: netting overhead of 38 mm or less',
    source: trade,
    animal: 'crow',
    built: [{ scenario: 'day-run', mesh: 'welded-25', roof: 'sheet', roofHole: 38 }],
    short: [{ scenario: 'day-run', mesh: 'welded-25', roof: 'sheet', roofHole: 40 }],
    broken: [{ scenario: 'day-run', mesh: 'welded-25', roof: 'hex-50' }],
    pins: [closurePin('crow')],
  },
  nettedOver('goshawk', 'day-run'),
  nettedOver('coopers-hawk', 'day-run'),
  nettedOver('red-tailed-hawk', 'day-run'),
  nettedOver('bald-eagle', 'day-run'),
  nettedOver('great-horned-owl', 'night-shut'),
  {
    what: 'foxes are kept from digging by 450 mm down, or 450 mm laid out and tied',
    source: trade,
    animal: 'red-fox',
    built: [
      { mesh: 'welded-25', depth: 450 },
      { mesh: 'welded-25', outward: 450 },
    ],
    short: [
      { mesh: 'welded-25', depth: 420 },
      { mesh: 'welded-25', outward: 420 },
    ],
    broken: [
      { mesh: 'welded-25', outward: 600, tied: 'no' },
      { mesh: 'welded-25', depth: 150 },
    ],
    pins: [digPin('red-fox', 1, 'depth'), digPin('red-fox', 2, 'outward')],
  },
  {
    what: 'a skirt of hex netting does not stop a fox; welded mesh does',
    source: trade,
    animal: 'red-fox',
    built: [{ mesh: 'welded-25', depth: 450, skirtMesh: 'welded-25' }],
    short: [],
    broken: [{ mesh: 'welded-25', depth: 450, skirtMesh: 'hex-25' }],
    pins: [],
  },
  {
    what: 'dogs: 305 mm down, or laid out',
    source: trade,
    animal: 'domestic-dog',
    built: [
      { mesh: 'chain-link', depth: 305 },
      { mesh: 'chain-link', outward: 305 },
    ],
    short: [
      { mesh: 'chain-link', depth: 290 },
      { mesh: 'chain-link', outward: 290 },
    ],
    broken: [{ mesh: 'chain-link', depth: 100 }],
    pins: [digPin('domestic-dog', 0, 'depth'), digPin('domestic-dog', 1, 'outward')],
  },
  {
    what: 'dogs: a 6 ft (1829 mm) fence',
    source: trade,
    animal: 'domestic-dog',
    built: [{ mesh: 'chain-link', height: 1829, top: openRoof }],
    short: [{ mesh: 'chain-link', height: 1750, top: openRoof }],
    broken: [{ mesh: 'chain-link', height: 1200, top: openRoof }],
    pins: [overPin('domestic-dog', 0, 'height')],
  },
  {
    what: 'dogs go through hex netting and thin welded mesh, and pull laced mesh off; not what is battened',
    source: trade,
    animal: 'domestic-dog',
    built: [{ mesh: 'chain-link' }, { mesh: 'welded-13', fixing: 'batten' }],
    short: [{ mesh: 'welded-13', fixing: 'lacing' }],
    broken: [{ mesh: 'hex-50' }, { mesh: 'welded-6' }, { mesh: 'welded-13', fixing: 'staples' }],
    pins: [tearPin('domestic-dog', 'breaks'), tearPin('domestic-dog', 'pulls')],
  },
  {
    what: 'foxes bite through hex netting, not through welded mesh',
    source: trade,
    animal: 'red-fox',
    built: [{ mesh: 'welded-6' }, { mesh: 'welded-13', fixing: 'staples' }],
    short: [],
    broken: [
      { mesh: 'hex-50' },
      { mesh: 'hex-25' },
      { mesh: 'welded-13', fixing: 'staples', condition: 'worn' },
    ],
    pins: [tearPin('red-fox', 'breaks'), tearPin('red-fox', 'pulls')],
  },
  {
    what: 'raccoons go through hex netting, light mesh and whatever is stapled; clamped ½ in 19 gauge holds',
    source: trade,
    animal: 'raccoon',
    built: [{ mesh: 'welded-13' }, { mesh: 'welded-13', fixing: 'lacing' }],
    short: [],
    broken: [{ mesh: 'hex-50' }, { mesh: 'welded-6' }, { mesh: 'welded-13', fixing: 'staples' }],
    pins: [tearPin('raccoon', 'breaks'), tearPin('raccoon', 'pulls')],
  },
  {
    what: 'rotten boards give way to strong animals, sound ones do not',
    source: trade,
    animal: 'european-badger',
    built: [{ mesh: 'solid-board' }],
    short: [],
    broken: [{ mesh: 'solid-board', condition: 'failing' }],
    pins: [],
  },
  {
    what: 'insect screen, canvas and plastic netting are strong against nothing',
    source: trade,
    animal: 'stoat',
    built: [{ mesh: 'welded-6' }],
    short: [],
    broken: [{ mesh: 'insect-screen' }, { mesh: 'canvas' }, { mesh: 'plastic-netting' }],
    pins: [],
  },
  {
    what: 'rats gnaw wood, never steel',
    source: trade,
    animal: 'norway-rat',
    built: [{ mesh: 'sheet' }, { mesh: 'welded-13' }],
    short: [{ mesh: 'solid-board' }],
    broken: [{ mesh: 'solid-board', condition: 'failing' }, { mesh: 'canvas' }],
    pins: [],
  },
  {
    what: 'fine mesh of ½ in keeps paws from birds that sleep against it; 1 in does not',
    source: trade,
    animal: 'raccoon',
    built: [
      { ...paws, clear: 12.7 },
      { mesh: 'welded-13', roost: 0 },
    ],
    short: [{ ...paws, clear: 26 }],
    broken: [{ mesh: 'chain-link', roost: 0 }],
    pins: [reachPin('raccoon')],
  },
  {
    what: 'roosts moved away from coarse mesh are out of a raccoon’s reach',
    source: `${trade}; the length is an assumption of ours`,
    animal: 'raccoon',
    built: [{ mesh: 'chain-link', roost: 320 }],
    short: [{ mesh: 'chain-link', roost: 280 }],
    broken: [{ mesh: 'chain-link', roost: 50 }],
    pins: [reachLengthPin('raccoon')],
  },
  {
    what: 'a cat takes chicks through 1 in mesh they sleep against',
    source: trade,
    animal: 'domestic-cat',
    built: [
      { ...paws, clear: 12.7 },
      { mesh: 'welded-50x100', roost: 160 },
    ],
    short: [{ ...paws, clear: 26 }],
    broken: [{ mesh: 'welded-50x100', roost: 50 }],
    pins: [reachPin('domestic-cat')],
  },
  {
    what: 'a raccoon works one motion; two different ones keep it all night, a clip through the hasp stops it',
    source: trade,
    animal: 'raccoon',
    built: [
      { door: { latches: ['slide-bolt', 'clip'] } },
      { door: { latches: ['carabiner'] } },
      { door: { latches: ['padlock'] } },
    ],
    // Two latches of one motion are learned one after the other; two motions are each worked.
    short: [
      { door: { latches: ['slide-bolt', 'slide-bolt'] } },
      { door: { latches: ['two-motion'] } },
      { door: { latches: ['turn-button', 'slide-bolt'] } },
    ],
    broken: [
      { door: { latches: ['slide-bolt'] } },
      { door: { latches: ['hook-and-eye'] } },
      { door: { latches: ['turn-button'] } },
      { door: { latches: ['lever'] } },
    ],
    pins: [],
  },
  {
    what: 'a fox pushes an unlatched door and works no latch',
    source: trade,
    animal: 'red-fox',
    built: [{ door: { latches: ['hook-and-eye'] } }],
    short: [],
    broken: [{ door: { latches: [] } }],
    pins: [],
  },
  {
    what: 'one latch in the middle lets a corner flex',
    source: trade,
    animal: 'american-mink',
    built: [{ door: { latches: ['two-motion'], corner: 20 } }],
    short: [],
    broken: [{ door: { latches: ['two-motion'], corner: 40 } }],
    pins: [],
  },
  ...(['norway-rat', 'stoat', 'american-mink', 'virginia-opossum'] as const).map(
    (animal): Prescription => ({
      what: `a 4 in (102 mm) feed pipe left open passes a ${animal}; capped it does not`,
      source: trade,
      animal,
      built: [{ pipe: { bore: 102, plugged: true } }],
      short: [],
      broken: [{ pipe: { bore: 102, plugged: false } }],
      pins: [],
    }),
  ),
  {
    what: 'pegs of 300 mm pull out of soft ground, 450 mm hold; on slabs none go in',
    source: trade,
    animal: 'domestic-dog',
    built: [
      { frame: { weight: 20, pegs: 450 }, depth: 305, soil: 'soft' },
      { frame: { weight: 20, pegs: 300 }, depth: 305, soil: 'firm' },
      { frame: { weight: 120, pegs: 0 }, soil: 'hard-surface' },
    ],
    short: [{ frame: { weight: 60, pegs: 0 }, soil: 'hard-surface' }],
    broken: [
      { frame: { weight: 20, pegs: 300 }, depth: 305, soil: 'soft' },
      { frame: { weight: 20, pegs: 450 }, soil: 'hard-surface' },
    ],
    pins: [],
  },
  {
    what: 'slabs stop digging, never a gap',
    source: trade,
    animal: 'norway-rat',
    built: [{ mesh: 'welded-13', soil: 'hard-surface' }],
    short: [],
    broken: [{ mesh: 'welded-13', soil: 'hard-surface', gap: 20 }],
    pins: [],
  },
  {
    what: 'a wire floor ends digging',
    source: trade,
    animal: 'red-fox',
    built: [{ mesh: 'welded-25', floor: 'welded-25' }],
    short: [],
    broken: [
      { mesh: 'welded-25', floor: 'hex-25' },
      { mesh: 'welded-25', depth: 0 },
    ],
    pins: [],
  },
  {
    what: 'netting overhead stops hawks, not climbers',
    source: trade,
    animal: 'stone-marten',
    built: [{ mesh: 'welded-25', roof: 'welded-25' }],
    short: [],
    broken: [
      { mesh: 'welded-25', roof: 'deer-netting' },
      { mesh: 'welded-25', roof: 'hex-25' },
      { mesh: 'welded-25', top: openRoof },
    ],
    pins: [],
  },
  {
    what: 'a low band of fine mesh does not stop what climbs to the coarse one above',
    source: trade,
    animal: 'long-tailed-weasel',
    built: [{ mesh: 'welded-13', upperMesh: 'welded-13' }],
    short: [],
    broken: [{ mesh: 'welded-13', upperMesh: 'chain-link', fineTo: 1200 }],
    pins: [],
  },
  {
    what: 'hex netting as a second layer adds minutes, fine welded mesh behind it closes it',
    source: trade,
    animal: 'raccoon',
    built: [{ mesh: 'hex-50', second: 'welded-13' }],
    short: [],
    broken: [{ mesh: 'hex-50', second: 'hex-25' }],
    pins: [],
  },
  {
    what: 'a panel that opens 25 mm when pulled is a 25 mm gap',
    source: trade,
    animal: 'stoat',
    built: [{ pulled: 12 }],
    short: [],
    broken: [{ pulled: 25 }],
    pins: [],
  },
  {
    what: 'a badger clambers about a metre and no more',
    source: trade,
    animal: 'european-badger',
    built: [{ mesh: 'welded-25', height: 1800, top: openRoof }],
    short: [],
    broken: [{ mesh: 'welded-25', height: 900, top: openRoof }],
    pins: [],
  },
];
