/** The place file as a JSON Schema, its lists taken from the tables. Written to docs/format/place.schema.json. */
import { attributeIds } from '../../place/attributes';
import { byDays, habits, letGos, openingKinds, topKinds, yesNo } from '../../place/bay';
import { mendKinds, mendStates, spotKinds } from '../../place/mend';
import { birdKinds, movesOn, sideKinds, strandHours, zoneKinds } from '../../place/place';
import { sightingKinds } from '../../place/sighting';
import { putOffTo, readingMethods, walkKinds, walkPurposes } from '../../place/walk';
import { animalIds } from '../../tables/animals';
import { conditions, fixings } from '../../tables/fixings';
import { latchIds } from '../../tables/latches';
import { meshIds } from '../../tables/meshes';
import { touching } from '../../tables/shocking';
import { soils } from '../../tables/soils';
import { nearThings, oftenWords } from '../../tables/visiting';
import { formatName, formatVersion } from '../place-file';
import { shopDefs } from './shop-json-schema';
import {
  commonDefs,
  list,
  maxText,
  number,
  oneOf,
  possibleChoice,
  ref,
  shape,
  whole,
  type JsonSchema,
} from './parts';

const text = ref('text');
const length = ref('length');
const maybeLength = ref('possibleLength');
const mesh = ref('mesh');

const span = shape(
  { from: ref('dayOfYear'), to: ref('dayOfYear') },
  'Days of the year, both included; may run over the new year.',
);

const structure: Readonly<Record<string, JsonSchema>> = {
  dayOfYear: { type: 'string', pattern: '^(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$' },
  possibleLength: {
    description: 'The set of values a length may have.',
    oneOf: [
      shape({ is: length, 'entered?': ref('entered') }),
      shape({ from: length, to: length, 'entered?': ref('entered') }),
      ref('any'),
    ],
  },
  mesh: possibleChoice([...meshIds, 'none']),
  latchKind: possibleChoice([...latchIds, 'none']),
  yesNo: possibleChoice(yesNo),
  side: shape({
    id: text,
    name: text,
    kind: oneOf(sideKinds),
    length,
    'entered?': ref('entered'),
    turn: number(-360, 360),
  }),
  outline: shape({
    start: shape({ x: number(), y: number() }),
    heading: number(-360, 360),
    sides: list(ref('side')),
  }),
  zone: shape({
    id: text,
    kind: oneOf(zoneKinds),
    name: text,
    outline: ref('outline'),
    'height?': length,
    'base?': length,
    'moves?': oneOf(movesOn),
    'inUse?': span,
  }),
  layer: shape({
    id: text,
    mesh,
    'clear?': maybeLength,
    'wire?': maybeLength,
    'fixing?': possibleChoice(fixings),
    'condition?': possibleChoice(conditions),
    'on?': span,
  }),
  band: shape({ id: text, from: length, to: length, layers: list(ref('layer'), { minItems: 1 }) }),
  skirt: shape({ mesh, depth: maybeLength, outward: maybeLength, tied: ref('yesNo') }),
  ground: shape({
    'gap?': maybeLength,
    'gapLifted?': maybeLength,
    'soil?': possibleChoice(soils),
    'skirt?': ref('skirt'),
    'digging?': ref('yesNo'),
    'floor?': mesh,
    'weight?': maybeLength,
    'pegs?': maybeLength,
  }),
  opening: shape({
    id: text,
    name: text,
    kind: oneOf(openingKinds),
    at: length,
    up: length,
    width: length,
    height: length,
    'gap?': maybeLength,
    'gapPulled?': maybeLength,
    latches: list(shape({ id: text, kind: ref('latchKind') })),
    'cover?': list(ref('layer')),
    habit: oneOf(habits),
    shutBy: oneOf(['hand', 'cord', 'light', 'nobody']),
    'byDay?': oneOf(byDays),
    'letGo?': oneOf(letGos),
  }),
  strand: shape({
    id: text,
    height: maybeLength,
    standOff: maybeLength,
    'touching?': possibleChoice(touching),
  }),
  bay: shape({
    id: text,
    name: text,
    width: length,
    height: length,
    'base?': length,
    top: shape({
      kind: oneOf(topKinds),
      'width?': number(0),
      'tilt?': number(0, 90),
    }),
    bands: list(ref('band')),
    'ground?': ref('ground'),
    openings: list(ref('opening')),
    strands: list(ref('strand')),
    'panelPulled?': maybeLength,
    'largestHole?': maybeLength,
    'fixing?': possibleChoice(fixings),
    'condition?': possibleChoice(conditions),
    'roost?': maybeLength,
    'ready?': { const: true },
  }),
  face: shape({
    id: text,
    kind: oneOf(['wall', 'roof', 'floor', 'partition']),
    between: list(text, { minItems: 2, maxItems: 2 }),
    'along?': maxText(200),
    'from?': length,
    bays: list(ref('bay')),
  }),
  group: shape({
    id: text,
    'name?': maxText(80),
    kind: oneOf(birdKinds),
    count: whole(0, 10_000),
    sleeps: text,
    'days?': maxText(200),
    'ranging?': shape({ zone: text, hours: number(0, 24), watched: { type: 'boolean' } }),
  }),
  place: shape({
    id: text,
    name: { type: 'string', minLength: 1, maxLength: 80 },
    units: oneOf(['metric', 'imperial']),
    setting: shape({
      region: oneOf(['gb', 'ie', 'eu', 'na', 'au', 'nz']),
      lives: list(oneOf(animalIds)),
      near: list(oneOf(nearThings)),
      'often?': list(shape({ animal: oneOf(animalIds), often: oneOf(oftenWords) })),
      'currency?': { description: 'ISO 4217.', type: 'string', pattern: '^[A-Z]{3}$' },
      'position?': shape({ latitude: number(-90, 90), longitude: number(-180, 180) }),
    }),
    flock: list(ref('group')),
    zones: list(ref('zone')),
    faces: list(ref('face')),
    'fence?': shape({ id: text, 'volts?': maybeLength, on: oneOf(strandHours) }),
    'routine?': shape({
      'shuts?': maxText(200),
      'whenAway?': maxText(200),
      'nightsUnshut?': whole(0, 366),
      'rounds?': shape({ made: whole(0, 1_000_000), missed: whole(0, 1_000_000) }),
    }),
  }),
};

const records: Readonly<Record<string, JsonSchema>> = {
  reading: shape({
    id: text,
    item: text,
    attribute: oneOf(attributeIds),
    at: ref('instant'),
    how: oneOf(readingMethods),
    value: {
      oneOf: [
        { const: 'cannot-tell' },
        shape({ is: { anyOf: [length, { type: 'string' }] }, 'entered?': ref('entered') }),
        shape({ from: length, to: length, 'entered?': ref('entered') }),
      ],
    },
    'note?': maxText(2000),
  }),
  walk: shape({
    id: text,
    placeId: text,
    date: ref('day'),
    kind: oneOf(walkKinds),
    ended: { type: 'boolean' },
    'purpose?': oneOf(walkPurposes),
    'bays?': list(text),
    'backwards?': { const: true },
    'putOff?': list(shape({ stop: text, to: oneOf(putOffTo) })),
    readings: list(ref('reading')),
  }),
  target: shape({
    item: text,
    attribute: oneOf(attributeIds),
    value: {
      oneOf: [
        shape({ is: text }),
        shape({ atMost: length }),
        shape({ atLeast: length }),
        shape({ near: length }),
      ],
    },
  }),
  mend: shape({
    id: text,
    placeId: text,
    kind: oneOf(mendKinds),
    bay: text,
    spot: shape({ kind: oneOf(spotKinds), item: text }),
    stops: list(oneOf(animalIds)),
    targets: list(ref('target')),
    state: oneOf(mendStates),
    history: list(shape({ state: oneOf(mendStates), at: ref('instant'), 'walk?': maxText(200) })),
    'due?': ref('day'),
    'who?': maxText(80),
    'spent?': shape({ 'cents?': whole(0, 100_000_000), 'minutes?': whole(0, 100_000) }),
    'own?': shape({
      name: { type: 'string', minLength: 1, maxLength: 80 },
      cents: whole(0, 100_000_000),
      minutes: whole(0, 100_000),
    }),
  }),
  logEntry: {
    oneOf: [
      shape({
        id: text,
        placeId: text,
        date: ref('day'),
        what: { const: 'sighting' },
        animal: oneOf(animalIds),
        how: oneOf(sightingKinds),
        'bay?': maxText(200),
      }),
      shape({
        id: text,
        placeId: text,
        date: ref('day'),
        what: { const: 'quiet-camera' },
        nights: whole(1, 3660),
      }),
    ],
  },
};

export const placeJsonSchema: JsonSchema = {
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: `Rookle place file, version ${formatVersion}`,
  ...shape({
    format: { const: formatName },
    version: { const: formatVersion },
    place: ref('place'),
    walks: list(ref('walk')),
    mends: list(ref('mend')),
    sightings: list(ref('logEntry')),
    'shop?': ref('shop'),
  }),
  $defs: { ...commonDefs, ...structure, ...records, ...shopDefs },
};
