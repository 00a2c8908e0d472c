/** Schema of the structure of a place. The types it checks stand in place/place.ts. */
import * as yup from 'yup';
import {
  conditions,
  fixings,
  habits,
  openingKinds,
  soils,
  yesNo,
  type Place,
} from '../place/place';
import { animalIds } from '../tables/animals';
import { latchIds } from '../tables/latches';
import { meshIds } from '../tables/meshes';
import {
  length,
  list,
  maybe,
  maybeChoice,
  maybeLength,
  oneOf,
  optionalText,
  possibleChoice,
  possibleLength,
  shape,
  text,
} from './schema-parts';

const meshOrNone = [...meshIds, 'none'] as const;
const number = () => yup.number().required();

const side = shape({
  id: text(),
  name: text(),
  kind: oneOf(['fence', 'building', 'rock', 'trunk']),
  length: length(),
  entered: optionalText(60),
  turn: number().min(-360).max(360),
});

const outline = shape({
  start: shape({ x: number(), y: number() }),
  heading: number().min(-360).max(360),
  sides: list(side),
});

const zone = shape({ id: text(), kind: oneOf(['run', 'house']), name: text(), outline });

const layer = shape({
  id: text(),
  mesh: possibleChoice(meshOrNone),
  clear: maybeLength(),
  wire: maybeLength(),
  fixing: maybeChoice(fixings),
  condition: maybeChoice(conditions),
});

const band = shape({
  id: text(),
  from: length(),
  to: length(),
  layers: list(layer).min(1, '${path} needs a layer'),
});

const skirt = shape({
  mesh: possibleChoice(meshOrNone),
  depth: possibleLength(),
  outward: possibleLength(),
  tied: possibleChoice(yesNo),
});

const ground = shape({
  gap: maybeLength(),
  gapLifted: maybeLength(),
  soil: maybeChoice(soils),
  skirt: maybe(skirt),
});

const opening = shape({
  id: text(),
  name: text(),
  kind: oneOf(openingKinds),
  at: length(),
  up: length(),
  width: length(),
  height: length(),
  gap: maybeLength(),
  gapPulled: maybeLength(),
  latches: list(shape({ id: text(), kind: possibleChoice([...latchIds, 'none']) })),
  cover: yup.array(layer as yup.Schema<object>).optional(),
  habit: oneOf(habits),
  shutBy: oneOf(['hand', 'cord', 'light', 'nobody']),
});

const top = shape({
  kind: oneOf(['roof', 'open', 'overhang', 'hood', 'tilt']),
  width: yup.number().min(0).optional(),
});

const bay = shape({
  id: text(),
  name: text(),
  width: length(),
  height: length(),
  top,
  bands: list(band),
  ground: maybe(ground),
  openings: list(opening),
  strands: list(shape({ id: text(), height: length(), standOff: length() })),
  panelPulled: maybeLength(),
  largestHole: maybeLength(),
});

const face = shape({
  id: text(),
  kind: oneOf(['wall', 'roof', 'floor', 'partition']),
  between: yup.array(text()).length(2).required(),
  along: optionalText(200),
  bays: list(bay),
});

export const placeSchema = shape<Place>({
  id: text(),
  name: text(80),
  units: oneOf(['metric', 'imperial']),
  setting: shape({
    region: oneOf(['gb', 'ie', 'eu', 'na', 'au', 'nz']),
    lives: yup.array(oneOf(animalIds)).required(),
  }),
  flock: list(
    shape({
      id: text(),
      kind: oneOf(['bantam', 'grown', 'chicks', 'ducks']),
      count: yup.number().integer().min(0).max(10_000).required(),
      sleeps: text(),
    }),
  ),
  zones: list(zone),
  faces: list(face),
});
