/**
 * The demo place: Samphire Yard, a scene of our own. An L-shaped run round a small hut on a cold coast, a dozen
 * bantams, mink and rat country. Most bays are good; two ways in at night, one slow way where the skirt is short, a few
 * things nobody has looked at yet.
 */
import type { AttributeId } from '../src/core/attributes';
import type { Bay, Face, GroundLine, Layer, Opening, Place, Skirt } from '../src/core/place/place';
import type { Walk } from '../src/core/records/walk';
import type { PlaceFile } from '../src/core/formats/place-file';
import type { Fixing } from '../src/core/tables/fixings';
import type { MeshId } from '../src/core/tables/meshes';

const placeId = 'samphire-yard';
const walkId = 'samphire-yard-walk-1';

/** What the walk of October read in a bay, mm; what is left out was not looked at. */
interface Found {
  readonly gap?: number;
  readonly lifted?: number;
  readonly pulled?: number;
  readonly hole?: number;
}

const readings: { item: string; attribute: AttributeId; value: number | string }[] = [];

function read(item: string, attribute: AttributeId, value: number | string | undefined): void {
  if (value !== undefined) readings.push({ item, attribute, value });
}

/** Slabs up to the wall, or soil with mesh let in so deep and turned out so far. */
type Edge = 'slabs' | readonly [depth: number, outward: number];

function groundLine(id: string, edge: Edge): GroundLine {
  if (edge === 'slabs') {
    read(id, 'ground.soil', 'hard-surface');
    return {};
  }
  const [depth, outward] = edge;
  read(id, 'ground.soil', 'firm');
  read(id, 'ground.digging', 'no');
  read(id, 'skirt.depth', depth);
  read(id, 'skirt.outward', outward);
  read(id, 'skirt.mesh', 'welded-13');
  read(id, 'skirt.tied', 'yes');
  const skirt: Skirt = {
    mesh: { any: true },
    depth: { any: true },
    outward: { any: true },
    tied: { any: true },
  };
  return { skirt };
}

function layer(id: string, mesh: MeshId): Layer {
  read(id, 'layer.mesh', mesh);
  return { id, mesh: { any: true } };
}

/** How its cover is fixed; all of it is sound still. */
function held(id: string, fixing: Fixing): void {
  read(id, 'bay.fixing', fixing);
  read(id, 'bay.condition', 'sound');
}

function runBay(
  id: string,
  name: string,
  width: number,
  found: Found,
  more: { edge?: Edge; upper?: MeshId[]; openings?: Opening[]; board?: boolean } = {},
): Bay {
  read(id, 'ground.gap', found.gap);
  read(id, 'ground.gapLifted', found.lifted);
  const upper = more.upper ?? ['welded-13'];
  const bay: Bay = {
    id,
    name,
    width,
    height: 1800,
    top: { kind: 'roof' },
    bands: [
      { id: `${id}-low`, from: 0, to: 600, layers: [layer(`${id}-low-1`, 'welded-13')] },
      {
        id: `${id}-high`,
        from: 600,
        to: 1800,
        layers: [
          ...upper.map((mesh, index) => layer(`${id}-high-${index + 1}`, mesh)),
          ...(more.board ? [winterBoard(id)] : []),
        ],
      },
    ],
    ground: groundLine(id, more.edge ?? 'slabs'),
    openings: more.openings ?? [],
    strands: [],
  };
  held(id, more.board ? 'screws-washers' : 'batten');
  read(id, 'bay.panelPulled', found.pulled);
  read(id, 'bay.largestHole', found.hole);
  return bay;
}

/** Up on the weather side from November to March. */
function winterBoard(id: string): Layer {
  return { ...layer(`${id}-board`, 'solid-board'), on: { from: '11-01', to: '03-31' } };
}

function boarded(id: string, name: string, width: number, openings: Opening[], height = 1100): Bay {
  const bay: Bay = {
    id,
    name,
    width,
    height,
    top: { kind: 'roof' },
    bands: [
      { id: `${id}-band`, from: 0, to: height, layers: [layer(`${id}-board`, 'solid-board')] },
    ],
    openings,
    strands: [],
  };
  held(id, 'screws-washers');
  read(id, 'bay.panelPulled', 2);
  read(id, 'bay.largestHole', 0);
  return bay;
}

function gate(): Opening {
  read('gate', 'opening.gap', 9);
  read('gate', 'opening.gapPulled', 11);
  read('gate', 'opening.hinges', 'tight');
  read('gate-bolt', 'latch.kind', 'slide-bolt');
  read('gate-clip', 'latch.kind', 'clip');
  return {
    id: 'gate',
    name: 'gate',
    kind: 'gate',
    at: 100,
    up: 60,
    width: 900,
    height: 1700,
    latches: [
      { id: 'gate-bolt', kind: { any: true } },
      { id: 'gate-clip', kind: { any: true } },
    ],
    cover: [doorOf('gate', 'welded-13')],
    habit: 'every-night',
    shutBy: 'hand',
  };
}

/** What a door is made of, held on by screws and sound. */
function doorOf(id: string, mesh: MeshId): Layer {
  const cover = layer(`${id}-cover`, mesh);
  read(cover.id, 'layer.fixing', 'screws-washers');
  read(cover.id, 'layer.condition', 'sound');
  return { ...cover, fixing: { any: true }, condition: { any: true } };
}

function nestLid(): Opening {
  read('nest-lid', 'opening.gap', 8);
  read('nest-lid', 'opening.gapPulled', 22);
  read('nest-lid', 'opening.hinges', 'tight');
  read('nest-hook', 'latch.kind', 'hook-and-eye');
  return {
    id: 'nest-lid',
    name: 'nest lid',
    kind: 'nest-lid',
    at: 250,
    up: 420,
    width: 700,
    height: 320,
    latches: [{ id: 'nest-hook', kind: { any: true } }],
    cover: [doorOf('nest-lid', 'solid-board')],
    habit: 'every-night',
    shutBy: 'hand',
  };
}

function popDoor(): Opening {
  read('pop-door', 'opening.gap', 12);
  read('pop-door', 'opening.gapPulled', 31);
  return {
    id: 'pop-door',
    name: 'pop door',
    kind: 'pop-door',
    at: 450,
    up: 200,
    width: 280,
    height: 330,
    latches: [],
    cover: [doorOf('pop-door', 'solid-board')],
    habit: 'every-night',
    shutBy: 'cord',
  };
}

function vent(): Opening {
  read('vent-mesh', 'layer.mesh', 'welded-13');
  read('vent-mesh', 'layer.clear', 11.5);
  return {
    id: 'vent',
    name: 'vent under the eaves',
    kind: 'vent',
    at: 400,
    up: 900,
    width: 600,
    height: 150,
    latches: [],
    cover: [{ id: 'vent-mesh', mesh: { any: true } }],
    habit: 'every-night',
    shutBy: 'nobody',
  };
}

const wall = (id: string, along: string, bays: Bay[]): Face => ({
  id,
  kind: 'wall',
  between: ['outside', 'run'],
  along,
  bays,
});
const partition = (id: string, along: string, bays: Bay[]): Face => ({
  id,
  kind: 'partition',
  between: ['run', 'house'],
  along,
  bays,
});

function roof(id: string, name: string, inside: string, above: string, mesh: MeshId): Face {
  const bay: Bay = {
    id: `${id}-bay`,
    name,
    width: 2000,
    height: 2000,
    top: { kind: 'roof' },
    bands: [{ id: `${id}-band`, from: 1800, to: 1800, layers: [layer(`${id}-cover`, mesh)] }],
    openings: [],
    strands: [],
  };
  held(bay.id, 'screws-washers');
  read(bay.id, 'bay.panelPulled', 8);
  read(bay.id, 'bay.largestHole', 0);
  return { id, kind: 'roof', between: [above, inside], bays: [bay] };
}

/** Two feet down with a foot turned out; and what was left when the roots were in the way. */
const rightDown: Edge = [620, 320];
const halfDown: Edge = [330, 240];

const good: Found = { gap: 6, lifted: 9, pulled: 4, hole: 0 };

const faces: Face[] = [
  wall('west', 'west', [
    runBay('w1', 'gate bay', 1100, { ...good, gap: 8 }, { openings: [gate()] }),
    runBay('w2', 'west 2', 1500, good),
    runBay('w3', 'west 3', 1500, { ...good, gap: 4, lifted: 6 }, { board: true }),
  ]),
  wall('north', 'north', [
    runBay('n1', 'north 1', 1900, good),
    runBay('n2', 'north 2', 1850, { gap: 34, lifted: 38, pulled: 6, hole: 0 }),
    runBay('n3', 'north 3', 1850, { ...good, lifted: 10 }),
  ]),
  wall('east-run', 'east', [runBay('e1', 'east 1', 1000, { ...good, gap: 3 })]),
  {
    id: 'hut-back',
    kind: 'wall',
    between: ['outside', 'house'],
    along: 'east',
    bays: [boarded('h1', 'hut back wall', 1200, [nestLid()])],
  },
  wall('east-end', 'east', [runBay('e2', 'east 2', 500, good)]),
  wall('elbow-south', 'elbow-south', [
    runBay('s1', 'elbow 1', 1100, { ...good, gap: 11, lifted: 12 }, { edge: rightDown }),
    runBay('s2', 'elbow 2', 1100, good, { edge: rightDown }),
  ]),
  wall('elbow-east', 'elbow-east', [
    runBay('s3', 'elbow 3', 1400, { gap: 7, lifted: 9 }, { edge: halfDown }),
  ]),
  wall('south', 'south', [
    runBay('s4', 'south 1', 1690, good, { edge: halfDown, upper: ['hex-25', 'welded-13'] }),
    runBay('s5', 'south 2', 1690, { gap: 6, pulled: 5, hole: 0 }, { edge: rightDown }),
  ]),
  roof('run-roof', 'run roof', 'run', 'outside', 'welded-13'),
  partition('hut-north', 'hut-north', [boarded('hn', 'hut north wall', 1400, [vent()])]),
  partition('hut-south', 'hut-south', [boarded('hs', 'hut south wall', 1400, [])]),
  partition('hut-west', 'hut-west', [boarded('hw', 'hut front', 1200, [popDoor()])]),
  roof('hut-roof', 'hut roof', 'house', 'run', 'solid-board'),
];

const place: Place = {
  id: placeId,
  name: 'Samphire Yard',
  units: 'metric',
  setting: {
    region: 'ie',
    position: { latitude: 53, longitude: -8 },
    near: ['water', 'farmland', 'stone-walls'],
    lives: [
      'red-fox',
      'european-badger',
      'american-mink',
      'stoat',
      'norway-rat',
      'domestic-cat',
      'goshawk',
    ],
  },
  flock: [{ id: 'bantams', kind: 'bantam', count: 12, sleeps: 'house' }],
  zones: [
    {
      id: 'run',
      kind: 'run',
      name: 'run',
      height: 1800,
      outline: {
        start: { x: 0, y: 0 },
        heading: 0,
        // Paced: the walk misses its start by 20 mm, which the compass rule shares out.
        sides: [
          { id: 'west', name: 'west', kind: 'fence', length: 4100, entered: '4.1 m', turn: 90 },
          { id: 'north', name: 'north', kind: 'fence', length: 5600, entered: '5.6 m', turn: 90 },
          { id: 'east', name: 'east', kind: 'fence', length: 2700, entered: '2.7 m', turn: 90 },
          { id: 'elbow-south', name: 'elbow', kind: 'fence', length: 2200, turn: -90 },
          { id: 'elbow-east', name: 'elbow', kind: 'fence', length: 1400, turn: 90 },
          { id: 'south', name: 'south', kind: 'fence', length: 3380, entered: '3.38 m', turn: 90 },
        ],
      },
    },
    {
      id: 'house',
      kind: 'house',
      name: 'hut',
      height: 1100,
      outline: {
        start: { x: 4200, y: 3100 },
        heading: 90,
        sides: [
          { id: 'hut-north', name: 'hut north', kind: 'building', length: 1400, turn: 90 },
          { id: 'hut-east', name: 'hut back', kind: 'building', length: 1200, turn: 90 },
          { id: 'hut-south', name: 'hut south', kind: 'building', length: 1400, turn: 90 },
          { id: 'hut-west', name: 'hut front', kind: 'building', length: 1200, turn: 90 },
        ],
      },
    },
  ],
  faces,
  routine: { shuts: 'either of us, by hand', whenAway: 'next door’s eldest' },
};

const walk: Walk = {
  id: walkId,
  placeId,
  date: '2026-10-18',
  kind: 'lap',
  ended: true,
  readings: readings.map(({ item, attribute, value }, index) => ({
    id: `${walkId}-${index + 1}`,
    item,
    attribute,
    at: `2026-10-18T14:${String(Math.floor(index / 4)).padStart(2, '0')}:${String((index % 4) * 15).padStart(2, '0')}Z`,
    how: 'measured',
    value: typeof value === 'number' ? { is: value, entered: `${value} mm` } : { is: value },
  })),
};

export const samphireYard: PlaceFile = {
  format: 'rookle-place',
  version: 12,
  place,
  walks: [walk],
  mends: [],
  sightings: [],
};
