/**
 * Prescriptions in print, all recalled from memory; nothing was looked up. Figures are written here as they stand in the
 * source (inches in the remark), never taken from the tables. PCWD is Prevention and Control of Wildlife Damage, 1994.
 */
import { closurePin, digPin, overPin, standOffPin, voltsPin, wirePin } from './pins';
import type { Prescription } from './prescription';

const foxFence = { mesh: 'welded-50x100', depth: 305, outward: 305 } as const;
const openRoof = { kind: 'open' } as const;

export const publishedPrescriptions: readonly Prescription[] = [
  {
    what: 'red fox: mesh openings under 3 in (76 mm)',
    source: 'PCWD, Foxes (Phillips & Schmidt)',
    animal: 'red-fox',
    built: [{ mesh: 'welded-50x100', clear: 75 }],
    short: [{ mesh: 'welded-50x100', clear: 80 }],
    broken: [{ mesh: 'welded-50x100', clear: 100 }],
    pins: [closurePin('red-fox')],
  },
  {
    what: 'red fox: mesh buried 12 in (305 mm) with at least 12 in turned outward',
    source: 'PCWD, Foxes',
    animal: 'red-fox',
    built: [foxFence, { ...foxFence, depth: 610 }],
    short: [
      { ...foxFence, depth: 290 },
      { ...foxFence, outward: 290 },
    ],
    broken: [
      { ...foxFence, depth: 100, outward: 100 },
      { ...foxFence, depth: 0, outward: 0 },
    ],
    pins: [digPin('red-fox', 0, 'depth'), digPin('red-fox', 0, 'outward')],
  },
  {
    what: 'red fox: electric wires at 6, 12 and 18 in (152, 305, 457 mm)',
    source: 'PCWD, Foxes',
    animal: 'red-fox',
    built: [
      {
        mesh: 'none',
        wires: [
          [152, 0],
          [305, 0],
          [457, 0],
        ],
        kilovolts: 5,
      },
    ],
    short: [
      {
        mesh: 'none',
        wires: [
          [152, 0],
          [305, 0],
        ],
        kilovolts: 5,
      },
    ],
    broken: [
      {
        mesh: 'none',
        wires: [
          [152, 0],
          [305, 0],
          [457, 0],
        ],
        kilovolts: 0.5,
      },
      { mesh: 'none', wires: [[700, 0]], kilovolts: 5 },
    ],
    pins: [wirePin('red-fox', 0, 1), wirePin('red-fox', 0, 2)],
  },
  {
    what: 'fox: 1.8 m fence with a 600 mm overhang',
    source: 'Moseby & Read 2006',
    animal: 'red-fox',
    built: [{ mesh: 'welded-25', height: 1800, top: { kind: 'overhang', width: 600 } }],
    short: [
      { mesh: 'welded-25', height: 1700, top: { kind: 'overhang', width: 600 } },
      { mesh: 'welded-25', height: 1800, top: { kind: 'overhang', width: 560 } },
    ],
    broken: [
      { mesh: 'welded-25', height: 1800, top: openRoof },
      { mesh: 'welded-25', height: 1200, top: openRoof },
    ],
    pins: [overPin('red-fox', 0, 'height'), overPin('red-fox', 0, 'overhang')],
  },
  {
    what: 'cat: 1.8 m fence with a 600 mm overhang',
    source: 'Moseby & Read 2006',
    animal: 'domestic-cat',
    built: [{ mesh: 'welded-25', height: 1800, top: { kind: 'overhang', width: 600 } }],
    short: [
      { mesh: 'welded-25', height: 1700, top: { kind: 'overhang', width: 600 } },
      { mesh: 'welded-25', height: 1800, top: { kind: 'overhang', width: 560 } },
    ],
    broken: [{ mesh: 'welded-25', height: 1800, top: openRoof }],
    pins: [overPin('domestic-cat', 0, 'height'), overPin('domestic-cat', 0, 'overhang')],
  },
  {
    what: 'cat: mesh of 50 mm or less',
    source: 'Long & Robley 2004',
    animal: 'domestic-cat',
    built: [{ mesh: 'welded-50x100', clear: 50 }],
    short: [{ mesh: 'welded-50x100', clear: 53 }],
    broken: [{ mesh: 'welded-50x100', clear: 75 }],
    pins: [closurePin('domestic-cat')],
  },
  {
    what: 'raccoon: openings of 3 in (76.2 mm), the stricter of two bulletins',
    source: 'PCWD, Raccoons (Boggess)',
    animal: 'raccoon',
    built: [{ mesh: 'chain-link', clear: 76.2 }, { mesh: 'chain-link' }],
    short: [{ mesh: 'chain-link', hole: 80 }],
    broken: [{ mesh: 'chain-link', hole: 102 }],
    pins: [closurePin('raccoon')],
  },
  {
    what: 'raccoon: two wires at 6 and 12 in (152, 305 mm)',
    source: 'PCWD, Raccoons',
    animal: 'raccoon',
    built: [
      {
        mesh: 'none',
        wires: [
          [152, 0],
          [305, 0],
        ],
        kilovolts: 4,
      },
    ],
    short: [
      {
        mesh: 'none',
        wires: [
          [152, 0],
          [305, 0],
        ],
        kilovolts: 3,
      },
    ],
    broken: [
      { mesh: 'none', wires: [[152, 0]], kilovolts: 4 },
      { mesh: 'none', wires: [], kilovolts: 4 },
    ],
    pins: [wirePin('raccoon', 0, 0), wirePin('raccoon', 0, 1), voltsPin('raccoon')],
  },
  {
    what: 'raccoon: one wire 8 in (203 mm) high and 8 in out from an existing fence',
    source: 'PCWD, Raccoons',
    animal: 'raccoon',
    built: [{ mesh: 'hex-50', wires: [[203, 203]], kilovolts: 5 }],
    short: [{ mesh: 'hex-50', wires: [[203, 140]], kilovolts: 5 }],
    broken: [{ mesh: 'hex-50', wires: [[203, 203]], kilovolts: 0 }, { mesh: 'hex-50' }],
    pins: [wirePin('raccoon', 1, 0), standOffPin('raccoon', 1)],
  },
  {
    what: 'Norway rat: ½ in (12.7 mm) shuts it out',
    source: 'Baker, Bodman & Timm, Rodent-proof construction; CDC',
    animal: 'norway-rat',
    built: [{ mesh: 'welded-13' }, { gap: 12.7 }, { hole: 12.7 }],
    short: [{ gap: 13.5 }, { hole: 14 }],
    broken: [{ mesh: 'welded-25' }, { gap: 25 }],
    pins: [closurePin('norway-rat')],
  },
  {
    what: 'Norway rat: curtain wall 24 in (610 mm) down with a foot 12 in (305 mm) outward',
    source: 'Baker, Bodman & Timm',
    animal: 'norway-rat',
    built: [{ mesh: 'welded-13', depth: 610, outward: 305 }],
    short: [
      { mesh: 'welded-13', depth: 570, outward: 305 },
      { mesh: 'welded-13', depth: 610, outward: 285 },
    ],
    broken: [
      { mesh: 'welded-13', depth: 150, outward: 0 },
      // It digs to 4 ft: depth alone is no answer.
      { mesh: 'welded-13', depth: 900, outward: 0 },
    ],
    pins: [digPin('norway-rat', 0, 'depth'), digPin('norway-rat', 0, 'outward')],
  },
  {
    what: 'roof rat: ½ in (12.7 mm), and it climbs to what is open above',
    source: 'PCWD, Roof rats (Marsh)',
    animal: 'roof-rat',
    built: [{ mesh: 'welded-13' }, { mesh: 'welded-13', roof: 'welded-13' }],
    short: [{ hole: 13.5 }],
    broken: [{ mesh: 'welded-13', roof: 'hex-25' }, { mesh: 'welded-25' }],
    pins: [closurePin('roof-rat')],
  },
  {
    what: 'house mouse: ¼ in (6.4 mm)',
    source: 'Baker, Bodman & Timm; CDC',
    animal: 'house-mouse',
    built: [{ mesh: 'welded-6' }, { hole: 6.4 }],
    short: [{ hole: 6.8 }],
    broken: [{ mesh: 'welded-13' }],
    pins: [closurePin('house-mouse')],
  },
  {
    what: 'American mink: close openings over 1 in (25.4 mm)',
    source: 'PCWD, Mink (Boggess)',
    animal: 'american-mink',
    built: [{ mesh: 'welded-25' }, { gap: 25.4 }],
    short: [{ gap: 27 }],
    broken: [{ gap: 35 }, { mesh: 'hex-50' }, { mesh: 'chain-link' }],
    pins: [closurePin('american-mink')],
  },
  {
    what: 'long-tailed weasel: ½ in (12.7 mm), not the 1 in of the same chapter',
    source: 'PCWD, Weasels (Henderson)',
    animal: 'long-tailed-weasel',
    built: [{ mesh: 'welded-13' }, { hole: 12.7 }],
    short: [{ hole: 13.5 }],
    broken: [{ mesh: 'welded-25' }, { mesh: 'hex-25' }],
    pins: [closurePin('long-tailed-weasel')],
  },
  {
    what: 'stoat: ½ in (12.7 mm)',
    source: 'PCWD, Weasels; Clapperton & Day 2001 print 6–12 mm',
    animal: 'stoat',
    built: [{ mesh: 'welded-13' }, { hole: 12.7 }],
    short: [{ hole: 13.5 }],
    broken: [{ mesh: 'welded-25' }, { mesh: 'hex-25' }],
    pins: [closurePin('stoat')],
  },
  {
    what: 'stoat: skirt of 300 mm',
    source: 'Day & MacGibbon 2007',
    animal: 'stoat',
    built: [{ mesh: 'welded-13', depth: 0, outward: 300 }],
    short: [{ mesh: 'welded-13', depth: 0, outward: 280 }],
    // It follows burrows: where one leads under, it is in.
    broken: [{ mesh: 'welded-13', depth: 0, outward: 100, freshDigging: true }],
    pins: [digPin('stoat', 0, 'outward')],
  },
  {
    what: 'least weasel: ¼ in (6.4 mm) where it occurs',
    source: 'PCWD, Weasels; King & Powell 2007',
    animal: 'least-weasel',
    built: [{ mesh: 'welded-6' }, { hole: 6.4 }],
    short: [{ hole: 6.8 }],
    broken: [{ mesh: 'welded-25' }],
    pins: [closurePin('least-weasel')],
  },
  {
    what: 'snakes: ¼ in (6.4 mm) mesh, all the way up',
    source: 'PCWD, Nonpoisonous snakes (Byford)',
    animal: 'rat-snake',
    built: [{ mesh: 'welded-6' }, { hole: 6.4 }],
    short: [{ hole: 6.8 }],
    // Fine mesh low down does not stop a climber.
    broken: [{ mesh: 'welded-6', upperMesh: 'welded-25' }, { mesh: 'welded-13' }],
    pins: [closurePin('rat-snake')],
  },
  {
    what: 'snake fence: 36 in (914 mm) of ¼ in mesh, 6 in of it buried, leaning outward 30°',
    source: 'PCWD, Nonpoisonous snakes',
    animal: 'rat-snake',
    built: [{ mesh: 'welded-6', height: 762, top: { kind: 'tilt', tilt: 30 } }],
    short: [
      { mesh: 'welded-6', height: 720, top: { kind: 'tilt', tilt: 30 } },
      { mesh: 'welded-6', height: 762, top: { kind: 'tilt', tilt: 28 } },
    ],
    broken: [{ mesh: 'welded-6', height: 762, top: openRoof }],
    pins: [overPin('rat-snake', 0, 'height'), overPin('rat-snake', 0, 'tilt')],
  },
  {
    what: 'coyote: apron of 15 in (380 mm)',
    source: 'PCWD, Coyotes (Green, Henderson & Collinge)',
    animal: 'coyote',
    built: [{ mesh: 'welded-25', outward: 381 }],
    short: [{ mesh: 'welded-25', outward: 360 }],
    broken: [
      { mesh: 'welded-25', outward: 150 },
      { mesh: 'welded-25', outward: 381, tied: 'no' },
    ],
    pins: [digPin('coyote', 0, 'outward')],
  },
  {
    what: 'coyote: fence of 5½ ft (1676 mm)',
    source: 'PCWD, Coyotes',
    animal: 'coyote',
    built: [{ mesh: 'welded-25', height: 1676, top: openRoof }],
    short: [{ mesh: 'welded-25', height: 1600, top: openRoof }],
    broken: [{ mesh: 'welded-25', height: 1200, top: openRoof }],
    pins: [overPin('coyote', 0, 'height')],
  },
  {
    what: 'cougar: open pens of 10 ft (3048 mm) and more',
    source: 'PCWD, Mountain lions (Knight)',
    animal: 'cougar',
    built: [{ mesh: 'chain-link', clear: 51, height: 3048, top: openRoof }],
    short: [{ mesh: 'chain-link', clear: 51, height: 2900, top: openRoof }],
    broken: [{ mesh: 'chain-link', clear: 51, height: 1800, top: openRoof }],
    pins: [overPin('cougar', 0, 'height')],
  },
  {
    what: 'black bear: wires from 10 in (254 mm) every 10 in to 40 in, 6 kV',
    source: 'PCWD, Black bears (Hygnstrom); state guides',
    animal: 'black-bear',
    built: [
      {
        mesh: 'chain-link',
        wires: [
          [254, 0],
          [508, 0],
          [762, 0],
          [1016, 0],
        ],
        kilovolts: 6,
      },
    ],
    short: [
      {
        mesh: 'chain-link',
        wires: [
          [254, 0],
          [508, 0],
          [762, 0],
        ],
        kilovolts: 6,
      },
    ],
    broken: [
      // Electric is the only practical barrier.
      { mesh: 'chain-link' },
      { mesh: 'solid-board' },
      {
        mesh: 'chain-link',
        wires: [
          [254, 0],
          [508, 0],
          [762, 0],
          [1016, 0],
        ],
        kilovolts: 1,
      },
    ],
    pins: [wirePin('black-bear', 0, 0), wirePin('black-bear', 0, 3)],
  },
  {
    what: 'European badger: 500 mm down with a return of 300',
    source: 'Design Manual for Roads and Bridges, HA 59',
    animal: 'european-badger',
    built: [{ mesh: 'welded-25', depth: 500, outward: 300 }],
    short: [
      { mesh: 'welded-25', depth: 470, outward: 300 },
      { mesh: 'welded-25', depth: 500, outward: 280 },
    ],
    broken: [{ mesh: 'welded-25', depth: 200, outward: 0 }],
    pins: [digPin('european-badger', 0, 'depth'), digPin('european-badger', 0, 'outward')],
  },
  {
    what: 'American badger: 18 in (457 mm) down',
    source: 'PCWD, Badgers (Lindzey)',
    animal: 'american-badger',
    built: [{ mesh: 'welded-25', depth: 457 }],
    short: [{ mesh: 'welded-25', depth: 430 }],
    broken: [{ mesh: 'welded-25', depth: 120 }],
    pins: [digPin('american-badger', 0, 'depth')],
  },
];
