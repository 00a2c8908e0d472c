/** Mends in plain words: name, how to, what to mind. */
import type { Amount, CatalogueKind, Caution, Material } from '@/core/mends/catalogue';
import type { Mend, MendState } from '@/core/records/mend';
import { moreMendWords } from './more-mend-words';
import type { Place } from '@/core/place/place';
import { distanceWords, lengthWords } from './length-words';
import { latchNames, meshNames, unitIndex } from './names';

export interface MendWords {
  readonly name: string;
  readonly steps: readonly string[];
}

export const mendWords: Readonly<Record<CatalogueKind, MendWords>> = {
  'sill-board': {
    name: 'Board along the sill',
    steps: [
      'Look under first: shut nothing in.',
      'Scribe the board to the ground and cut it.',
      'Screw it to the sill from outside, lower edge pressed into the soil.',
    ],
  },
  'base-timber': {
    name: 'New timber along the ground',
    steps: [
      'Look under first: shut nothing in. Prop the wall, so that it stands on nothing that you take out.',
      'Take the mesh off along the foot. Cut the rotten timber out, back to where a screwdriver no longer goes in.',
      'Screw in a treated one with a bracket at each end, its cut ends painted with preservative, on slabs or gravel where it can stand dry.',
      'Put the mesh back with screws and washers, and push the screwdriver in once more all along.',
    ],
  },
  'sill-apron': {
    name: 'Mesh apron from the sill',
    steps: [
      'Clear the ground along the bay.',
      'Bend 13 mm (½ in) welded mesh to an L: a hand up the sill, the rest outward on the ground.',
      'Screw it to the sill with washers; peg or weigh down the outer edge.',
    ],
  },
  'sill-stones': {
    name: 'Pack the gap with stones',
    steps: ['Wedge stones or slabs along the gap, tight enough that a hand cannot shift them.'],
  },
  'apron-out': {
    name: 'Lay a mesh apron outward',
    steps: [
      'Clear and level the ground along the bay.',
      'Fix 13 mm (½ in) welded mesh a hand up the wall and lay the rest flat outward.',
      'Tie it to the wall all along; peg or weigh down the outer edge. Grass grows through it.',
    ],
  },
  'skirt-down': {
    name: 'Let mesh into the ground',
    steps: [
      'Dig a trench along the outside of the wall.',
      'Hang 13 mm (½ in) welded mesh down it, fixed a hand up the wall.',
      'Fill and tread it firm.',
    ],
  },
  'skirt-and-foot': {
    name: 'Mesh down with a foot outward',
    steps: [
      'Dig a trench along the outside, widened at its floor.',
      'Bend 13 mm (½ in) welded mesh to an L: down the wall side, the foot outward.',
      'Fix it a hand up the wall; fill and tread it firm.',
    ],
  },
  'slabs-along': {
    name: 'Slabs along the wall',
    steps: ['Bed paving slabs tight against the wall and each other, level with the ground.'],
  },
  'line-welded-13': {
    name: 'Line with 13 mm (½ in) welded mesh',
    steps: [
      'Cut the mesh to cover the whole weak part with overlap on to wood all round.',
      'Fix with screws and washers, or under a batten. Staples alone draw out.',
    ],
  },
  'line-welded-6': {
    name: 'Line with 6 mm (¼ in) welded mesh',
    steps: [
      'Cut the mesh to cover the whole weak part with overlap on to wood all round.',
      'Fix with screws and washers, or under a batten. Staples alone draw out.',
    ],
  },
  'board-over': {
    name: 'Board it over for now',
    steps: ['Screw a sound board over the whole of the weak part. Leave the house its air.'],
  },
  'batten-edge': {
    name: 'Clamp the edge under a batten',
    steps: ['Pull the mesh flat.', 'Screw a batten over the whole edge that gave.'],
  },
  'screws-and-washers': {
    name: 'Screws and washers along the edge',
    steps: ['Put a screw with a wide washer through the mesh every hand’s breadth along the edge.'],
  },
  'patch-mesh': {
    name: 'Patch with 13 mm (½ in) mesh',
    steps: ['Cut a patch with overlap all round.', 'Lace or screw it to sound mesh or wood.'],
  },
  'patch-board': {
    name: 'Patch with a board',
    steps: ['Screw a piece of sound board over the hole, from outside.'],
  },
  'door-stop': {
    name: 'Stop battens round the frame',
    steps: ['Shut it.', 'Screw battens to the frame all round, pressed against the door or lid.'],
  },
  'second-fastening': {
    name: 'Second fastening at the corner',
    steps: [
      'Fit a two-motion latch near the corner that flexes.',
      'See that you can get out from inside.',
    ],
  },
  'pop-door-runners': {
    name: 'Channel and bottom rail for the pop door',
    steps: ['Fix channel down both sides.', 'Fix a rail for the lower edge to land in.'],
  },
  'two-motion-latch': {
    name: 'Add a two-motion latch',
    steps: [
      'Fit a latch that must be turned, then pulled.',
      'See that you can get out from inside.',
    ],
  },
  'clip-through-hasp': {
    name: 'Hasp with a clip through it',
    steps: ['Fit a hasp and put a spring clip through it each night.'],
  },
  padlock: {
    name: 'Hasp and padlock',
    steps: ['Fit a hasp. Keep the key where whoever shuts up can find it in the dark.'],
  },
  'roost-away': {
    name: 'Move the roost from the wall',
    steps: [
      'Shift the perch out of reach of every opening.',
      'Sit a hand where a bird would, and measure.',
    ],
  },
  'pegs-in': {
    name: 'Peg the frame down',
    steps: ['Drive a peg through an eye at each end of the edge, leaning away from the pull.'],
  },
  ...moreMendWords,
};

/** What a mend is called; the keeper's own as they call it. */
export function mendName({ kind, own }: Pick<Mend, 'kind' | 'own'>): string {
  return kind === 'own' ? (own?.name ?? 'A mend of your own') : mendWords[kind].name;
}

export const cautionWords: Readonly<Record<Caution, string>> = {
  'cut-wire':
    'Cut wire springs and scratches: gloves and eye cover. Collect offcuts; birds eat zinc.',
  digging:
    'Before driving pegs or digging, find out what cables and pipes run there; dig by hand near them.',
  air: 'Never block the house’s air. Fine mesh takes a fifth of it away: allow for that.',
  'animal-inside':
    'Make sure no animal or its young is shut in. Many are protected by law; ask your authority before disturbing one.',
  'keeper-shut-in': 'Whoever is inside must be able to get out.',
  'bird-out':
    'It fails in two ways: it stays open, or it shuts a late bird out. Count at dusk all the same.',
  shade:
    'Boards and sheet give shade, and heat under them in summer: keep a side that air moves through.',
  fire: 'Whoever is inside must get out in a fire, and birds be got out: keep one way that opens in the dark.',
  entangling:
    'Stretch it tight: loose net and wire ends catch birds, hedgehogs and snakes. Look at it daily at first.',
  drainage: 'Leave water a way out, or the run turns to mud.',
  snow: 'Snow lies on it: brush it off, and give it a prop in the middle.',
  ladder: 'A ladder on firm ground, someone to hold it, no reaching out.',
  electric:
    'A listed energizer and its instructions, switched off while you work; warning signs where people come by; never two energizers on one fence, never mains. Local rules apply.',
  'low-wire':
    'Children and pets, until they know it; hedgehogs and tortoises curl up under a wire lower than 150 mm (6 in): where they live, hang the lowest higher or switch it on by night only.',
  rots: 'Timber on wet ground lasts some years only: look at it yearly.',
  'scratched-out': 'For tonight only: hens scratch it out.',
};

export const mendStateWords: Readonly<Record<MendState, string>> = {
  open: 'open again',
  planned: 'planned',
  bought: 'bought',
  done: 'done, not measured',
  held: 'holds',
};

/** Over the track of a mend. */
export const mendStationNames: Readonly<Record<MendState, string>> = {
  open: 'open',
  planned: 'planned',
  bought: 'bought',
  done: 'done',
  held: 'holds',
};

const materialNames: Readonly<
  Record<Exclude<Material, keyof typeof meshNames | keyof typeof latchNames>, string>
> = {
  slabs: 'paving slabs',
  board: 'board',
  batten: 'batten',
  screws: 'screws',
  washers: 'wide washers',
  stones: 'stones or slabs',
  channel: 'channel',
  pegs: 'pegs',
  hasp: 'hasp',
  kerb: 'kerb stones',
  plate: 'metal plate',
  brackets: 'brackets',
  ballast: 'slabs for weight',
  closer: 'door spring or weight',
  'door-drive': 'door drive with light cell',
  insulators: 'insulators',
  'fence-wire': 'fence wire',
  'earth-stake': 'earth stake',
  energizer: 'energizer, listed',
  'gate-handle': 'gate handles',
  'fence-lead': 'insulated lead',
  'fence-sign': 'warning signs',
  'fence-tester': 'fence tester',
  'fence-battery': 'battery for the energizer',
  ties: 'wire ties',
};

/** Of what is sold one at a time, more than one. */
const severalNames: Readonly<Partial<Record<Material, string>>> = {
  hasp: 'hasps',
  plate: 'metal plates',
  closer: 'door springs or weights',
  'earth-stake': 'earth stakes',
  'fence-lead': 'insulated leads',
};

export function amountWords(place: Place, amount: Amount): string {
  const name = materialName(place.units, amount.material);
  if ('count' in amount) {
    return `${amount.count} ${amount.count === 1 ? name : (severalNames[amount.material] ?? name)}`;
  }
  const length = distanceWords(amount.length, place.units);
  return amount.height === undefined
    ? `${name}, ${length}`
    : `${name}, ${length} × ${lengthWords(amount.height, place.units)}`;
}

export function materialName(units: Place['units'], material: Material): string {
  // A board along a sill and boarding by the sheet are two things in a shop.
  if (material === 'solid-board') return 'boarding sheet';
  if (material in meshNames) {
    return meshNames[material as keyof typeof meshNames][unitIndex({ units })];
  }
  if (material in latchNames) return latchNames[material as keyof typeof latchNames];
  return materialNames[material as keyof typeof materialNames];
}
