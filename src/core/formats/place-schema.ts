/** Schema of the structure of a place. The types it checks stand in place/place.ts and place/bay.ts. */
import * as yup from 'yup';
import { byDays, habits, letGos, openingKinds, topKinds, yesNo } from '../place/bay';
import { birdKinds, movesOn, sideKinds, strandHours, zoneKinds, type Place } from '../place/place';
import { animalIds } from '../tables/animals';
import { conditions, fixings } from '../tables/fixings';
import { latchIds } from '../tables/latches';
import { meshIds } from '../tables/meshes';
import { touching } from '../tables/shocking';
import { soils } from '../tables/soils';
import { nearThings, oftenWords } from '../tables/visiting';
import {
  length,
  list,
  maybe,
  maybeChoice,
  maybeLength,
  oneOf,
  optionalLength,
  optionalText,
  possibleChoice,
  possibleLength,
  shape,
  text,
  wholeNumber,
} from './schema-parts';

const meshOrNone = [...meshIds, 'none'] as const;
const number = () => yup.number().required();

const dayOfYear = () =>
  yup
    .string()
    .matches(
      /^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/,
      '${path} must be a month and day, like 10-15',
    )
    .required();
const yearSpan = shape({ from: dayOfYear(), to: dayOfYear() });

const side = shape({
  id: text(),
  name: text(),
  kind: oneOf(sideKinds),
  length: length(),
  entered: optionalText(60),
  turn: number().min(-360).max(360),
});

const outline = shape({
  start: shape({ x: number(), y: number() }),
  heading: number().min(-360).max(360),
  sides: list(side),
});

const zone = shape({
  id: text(),
  kind: oneOf(zoneKinds),
  name: text(),
  outline,
  height: optionalLength(),
  base: optionalLength(),
  moves: maybe(oneOf(movesOn)),
  inUse: maybe(yearSpan),
});

const layer = shape({
  id: text(),
  mesh: possibleChoice(meshOrNone),
  clear: maybeLength(),
  wire: maybeLength(),
  fixing: maybeChoice(fixings),
  condition: maybeChoice(conditions),
  on: maybe(yearSpan),
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
  digging: maybeChoice(yesNo),
  floor: maybeChoice(meshOrNone),
  weight: maybeLength(),
  pegs: maybeLength(),
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
  byDay: maybe(oneOf(byDays)),
  letGo: maybe(oneOf(letGos)),
});

const top = shape({
  kind: oneOf(topKinds),
  width: yup.number().min(0).optional(),
  tilt: yup.number().min(0).max(90).optional(),
});

const strand = shape({
  id: text(),
  height: possibleLength(),
  standOff: possibleLength(),
  touching: maybeChoice(touching),
});

const bay = shape({
  id: text(),
  name: text(),
  width: length(),
  height: length(),
  base: optionalLength(),
  top,
  bands: list(band),
  ground: maybe(ground),
  openings: list(opening),
  strands: list(strand),
  panelPulled: maybeLength(),
  largestHole: maybeLength(),
  fixing: maybeChoice(fixings),
  condition: maybeChoice(conditions),
  roost: maybeLength(),
  ready: yup.boolean().oneOf([true]).optional(),
});

const face = shape({
  id: text(),
  kind: oneOf(['wall', 'roof', 'floor', 'partition']),
  between: yup.array(text()).length(2).required(),
  along: optionalText(200),
  from: optionalLength(),
  bays: list(bay),
});

const group = shape({
  id: text(),
  name: optionalText(80),
  kind: oneOf(birdKinds),
  count: wholeNumber(10_000),
  sleeps: text(),
  days: optionalText(200),
  ranging: maybe(
    shape({
      zone: text(),
      hours: yup.number().min(0).max(24).required(),
      watched: yup.boolean().required(),
    }),
  ),
});

export const placeSchema = shape<Place>({
  id: text(),
  name: text(80),
  units: oneOf(['metric', 'imperial']),
  setting: shape({
    region: oneOf(['gb', 'ie', 'eu', 'na', 'au', 'nz']),
    lives: yup.array(oneOf(animalIds)).required(),
    near: yup.array(oneOf(nearThings)).required(),
    often: yup
      .array(shape({ animal: oneOf(animalIds), often: oneOf(oftenWords) }) as yup.Schema<object>)
      .optional(),
    currency: yup
      .string()
      .matches(/^[A-Z]{3}$/, '${path} must be three capitals, like EUR')
      .optional(),
    position: maybe(
      shape({ latitude: number().min(-90).max(90), longitude: number().min(-180).max(180) }),
    ),
  }),
  flock: list(group),
  zones: list(zone),
  faces: list(face),
  fence: maybe(shape({ id: text(), volts: maybeLength(), on: oneOf(strandHours) })),
  routine: maybe(
    shape({
      shuts: optionalText(200),
      whenAway: optionalText(200),
      nightsUnshut: yup.number().integer().min(0).max(366).optional(),
      rounds: maybe(
        shape({
          made: wholeNumber(1_000_000),
          missed: wholeNumber(1_000_000).test(
            'no-more',
            '${path} must not be more than were made',
            (missed, { parent }) => missed <= (parent as { made: number }).made,
          ),
        }),
      ),
    }),
  ),
});
