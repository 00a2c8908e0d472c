/**
 * The second demo place: Tamarack Bank, a scene of our own. A small brick dairy turned hen house on a hillside, its run on two
 * sides of it, and a hoop pen on skids where turkey poults are moved to fresh grass. Fishers, bobcats, owls, weasels, and a bear
 * that passes. Everything in feet and inches.
 */
import type { AttributeId } from '../src/core/attributes';
import {
  fitOpening,
  gate,
  hatch,
  nestLid,
  peopleDoor,
  popDoor,
  vent,
} from '../src/core/place/faces/first-openings';
import { isFixed } from '../src/core/place/opening-cover';
import { swings } from '../src/core/place/opening-moves';
import { facesOf } from '../src/core/place/faces/faces-of';
import { houseDress, runDress } from '../src/core/place/faces/zone-dress';
import {
  outside,
  type Bay,
  type Face,
  type Place,
  type Side,
  type Zone,
} from '../src/core/place/place';
import type { PlaceFile } from '../src/core/formats/place-file';
import { startRecord } from './record';

const placeId = 'tamarack-bank';
const record = startRecord(placeId, { id: `${placeId}-walk-1`, date: '2026-10-03' });

const inch = 25.4;
const foot = 12 * inch;

/** An inch reading, as a keeper writes it: "1 1/2 in". */
function readInches(item: string, attribute: AttributeId, inches: number): void {
  const whole = Math.floor(inches);
  const eighths = Math.round((inches - whole) * 8);
  const fraction = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'][eighths] ?? '';
  const entered = [whole > 0 || fraction === '' ? String(whole) : '', fraction]
    .filter((it) => it !== '')
    .join(' ');
  record.read(item, attribute, Math.round(inches * inch * 1000) / 1000, `${entered} in`);
}

const fence = (id: string, name: string, feet: number, turn: number): Side => ({
  id,
  name,
  kind: 'fence',
  length: Math.round(feet * foot * 10) / 10,
  entered: `${feet} ft`,
  turn,
});

const zones: Zone[] = [
  {
    id: 'run',
    kind: 'run',
    name: 'run',
    height: 6 * foot,
    outline: {
      start: { x: 12 * foot, y: -8 * foot },
      heading: 270,
      sides: [
        fence('down-hill', 'downhill', 20, 90),
        fence('orchard', 'orchard', 18, 90),
        fence('lane', 'lane', 8, 90),
        // Two walls of the dairy itself.
        { ...fence('dairy-west', 'dairy west', 10, -90), kind: 'building' },
        { ...fence('dairy-south', 'dairy south', 12, 90), kind: 'building' },
        fence('spring', 'spring', 8, 90),
      ],
    },
  },
  {
    id: 'house',
    kind: 'house',
    name: 'dairy',
    height: 8 * foot,
    outline: {
      start: { x: 0, y: 0 },
      heading: 0,
      sides: [
        { ...fence('wall-west', 'dairy west', 10, 90), kind: 'building' },
        { ...fence('wall-north', 'dairy uphill', 12, 90), kind: 'building' },
        { ...fence('wall-east', 'dairy east', 10, 90), kind: 'building' },
        { ...fence('wall-south', 'dairy south', 12, 90), kind: 'building' },
      ],
    },
  },
  {
    id: 'hoop',
    kind: 'run',
    name: 'hoop pen',
    height: 5 * foot,
    moves: 'skids',
    inUse: [{ from: '05-15', to: '11-20' }],
    outline: {
      start: { x: 29 * foot, y: -6 * foot },
      heading: 270,
      sides: [
        fence('hoop-front', 'hoop front', 8, 90),
        fence('hoop-west', 'hoop west', 10, 90),
        fence('hoop-back', 'hoop back', 8, 90),
        fence('hoop-east', 'hoop east', 10, 90),
      ],
    },
  },
];

function opened(): Face[] {
  let faces = facesOf(zones, {
    run: { ...runDress, spacing: 8 * foot, roof: [{ any: true }] },
    house: { ...houseDress, cover: [{ any: true }] },
    hoop: {
      ...runDress,
      cover: [{ any: true }, { any: true }],
      roof: [{ any: true }, { any: true }],
      spacing: Infinity,
      edge: 'frame',
    },
  });
  const inner = { between: ['run', 'house'] } as const;
  faces = fitOpening(faces, (bay) => ({ ...gate()(bay), lineBy: 'handle' }), {
    between: [outside, 'run'],
    along: 'lane',
    bay: 'first',
  });
  faces = fitOpening(faces, popDoor(), { ...inner, along: 'dairy-south' });
  faces = fitOpening(faces, peopleDoor('dairy-door', undefined), {
    between: [outside, 'house'],
    along: 'wall-east',
  });
  faces = fitOpening(faces, nestLid(), { between: [outside, 'house'], along: 'wall-north' });
  faces = fitOpening(faces, vent(), { between: [outside, 'house'], along: 'wall-east' });
  return fitOpening(faces, hatch('hoop-door', 'hoop door'), {
    between: [outside, 'hoop'],
    along: 'hoop-front',
  });
}

/** A strand runs round the run, a hand's breadth up. */
function strung(face: Face): Face {
  const isRun = face.kind === 'wall' && face.between.includes('run');
  const bays = face.bays.map((bay): Bay => {
    if (!isRun) return bay;
    const strand = {
      id: `${bay.id}-strand`,
      height: { any: true },
      standOff: { any: true },
    } as const;
    readInches(strand.id, 'strand.height', 6);
    readInches(strand.id, 'strand.standOff', 5);
    record.read(strand.id, 'strand.touching', bay.id.startsWith('orchard') ? 'grass' : 'nothing');
    return { ...bay, strands: [strand] };
  });
  return { ...face, bays };
}

/** What the walk of October found, bay by bay. */
const floors = new Set<string>();

function walked(face: Face): void {
  const isHouse = face.between.includes('house');
  const isHoop = face.between.includes('hoop');
  for (const bay of face.bays) {
    const solid = isHouse && face.kind !== 'roof';
    for (const band of bay.bands) {
      const [outer, inner] = band.layers;
      if (outer)
        record.read(
          outer.id,
          'layer.mesh',
          meshOf({
            solid,
            isHoop,
            isRoof: face.kind === 'roof',
            isLow: band.from === 0 && band.to < bay.height,
            isHouse,
          }),
        );
      if (inner) record.read(inner.id, 'layer.mesh', face.kind === 'roof' ? 'canvas' : 'hex-25');
    }
    record.read(
      bay.id,
      'bay.fixing',
      solid || isHouse ? 'screws-washers' : isHoop ? 'ties' : 'batten',
    );
    record.read(bay.id, 'bay.condition', isHoop ? 'worn' : 'sound');
    readInches(bay.id, 'bay.panelPulled', isHoop ? 1 : solid ? 0 : 0.25);
    readInches(bay.id, 'bay.largestHole', holes[bay.id] ?? 0);
    if (bay.ground && !bay.ground.onFloor) walkedEdge(bay, isHoop);
    const zone = bay.ground?.onFloor ? 'house' : face.between.find((it) => it !== outside);
    // Flags in the dairy, earth in the pens: read once in each.
    if (bay.ground && zone !== undefined && !floors.has(zone)) {
      floors.add(zone);
      record.read(bay.id, 'ground.floor', zone === 'house' ? 'masonry' : 'none');
    }
    for (const opening of bay.openings) walkedOpening(opening);
  }
}

/** A brick is loose behind the nest lid: an inch and a half. */
const holes: Readonly<Record<string, number>> = { 'wall-north-1': 1.5 };

interface Where {
  readonly solid: boolean;
  readonly isHoop: boolean;
  readonly isRoof: boolean;
  readonly isLow: boolean;
  readonly isHouse: boolean;
}

function meshOf({ solid, isHoop, isRoof, isLow, isHouse }: Where): string {
  if (solid) return 'masonry';
  if (isHouse) return 'sheet';
  if (isHoop) return 'stock-panel';
  if (isRoof) return 'welded-25x50';
  return isLow ? 'welded-13' : 'welded-25x50';
}

function walkedEdge({ id }: Bay, isHoop: boolean): void {
  record.read(id, 'ground.soil', isHoop ? 'soft' : 'stony');
  readInches(id, 'ground.gap', isHoop ? 2 : 0.25);
  readInches(id, 'ground.gapLifted', isHoop ? 4 : 0.375);
  if (isHoop) {
    record.read(id, 'ground.weight', 60);
    record.read(id, 'ground.pegs', 0);
    record.read(id, 'ground.timber', 'sound');
    return;
  }
  record.read(id, 'ground.digging', 'no');
  // Mesh went down with the posts on the orchard side, as far as a spade gets among the stones, its foot turned out.
  const hasSkirt = id.startsWith('orchard');
  record.read(id, 'skirt.mesh', hasSkirt ? 'welded-13' : 'none');
  if (!hasSkirt) return;
  readInches(id, 'skirt.depth', 14);
  readInches(id, 'skirt.outward', 10);
  record.read(id, 'skirt.tied', 'yes');
}

/** What is not of board: the gate is meshed like the run, the hoop's door like the hoop. */
const madeOf: Readonly<Record<string, string>> = { gate: 'welded-13', hatch: 'stock-panel' };

function walkedOpening(opening: Bay['openings'][number]): void {
  const { id, kind, latches, cover } = opening;
  if (kind !== 'vent' && kind !== 'window') {
    readInches(id, 'opening.gap', 0.25);
    readInches(id, 'opening.gapPulled', kind === 'nest-lid' ? 0.875 : 0.375);
  }
  if (!isFixed(opening) && swings(opening)) record.read(id, 'opening.hinges', 'tight');
  const [latch] = latches;
  if (latch) record.read(latch.id, 'latch.kind', kind === 'hatch' ? 'hook-and-eye' : 'two-motion');
  const [layer] = cover ?? [];
  if (!layer) return;
  const isDoor = kind !== 'vent' && kind !== 'window';
  record.read(layer.id, 'layer.mesh', isDoor ? (madeOf[kind] ?? 'solid-board') : 'welded-13');
  if (!isDoor) return;
  record.read(layer.id, 'layer.fixing', 'screws-washers');
  record.read(layer.id, 'layer.condition', 'sound');
  if (kind !== 'gate') return;
  record.read(id, 'opening.crossed', 'yes');
  record.read(id, 'opening.hooked', 'yes');
}

const faces = opened().map(strung);
faces.forEach(walked);
record.read('fence', 'fence.open', 7.6, '7.6 kV');
record.read('fence', 'check.voltsNear', 6.6, '6.6 kV');
record.read('fence', 'fence.volts', 6.2, '6.2 kV');
record.read('fence', 'check.earth', 0.4, '0.4 kV');
record.read('fence', 'fence.ground', 'moist');
record.read('fence', 'check.battery', 'full');
record.read('fence', 'check.restVolts', 12.5, '12.5 V');

const place: Place = {
  id: placeId,
  name: 'Tamarack Bank',
  units: 'imperial',
  setting: {
    region: 'na',
    position: { latitude: 44, longitude: -72 },
    near: ['woods', 'water', 'stone-walls'],
    lives: ['fisher', 'bobcat', 'great-horned-owl', 'long-tailed-weasel', 'black-bear'],
    often: [{ animal: 'black-bear', often: 'passes' }],
  },
  flock: [
    {
      id: 'hens',
      kind: 'grown',
      count: 14,
      sleeps: 'house',
      days: 'run',
      ranging: { zone: outside, hours: 4, watched: true },
    },
    { id: 'poults', name: 'turkey poults', kind: 'other', count: 6, sleeps: 'hoop', days: 'hoop' },
  ],
  zones,
  faces,
  fence: {
    id: 'fence',
    on: 'always',
    line: {
      energizer: {
        feed: 'battery-12',
        open: 8,
        loaded: 5,
        joules: 0.5,
        battery: { kind: 'lead-acid', charge: 60 },
      },
      wire: 'polywire-9',
      shape: 'open',
      rods: { count: 2, length: 4 * foot, diameter: 0.625 * 25.4, apart: 6 * foot },
      back: 'ground',
    },
  },
  routine: { shuts: 'whoever is home first', whenAway: 'a neighbor from across the brook' },
};

export const tamarackBank: PlaceFile = {
  format: 'rookle-place',
  version: 12,
  place,
  walks: [record.walk()],
  mends: [],
  sightings: [],
};
