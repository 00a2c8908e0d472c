/** Schemas of what is kept beside a place: walks, mends, sightings. The types stand in place/walk.ts, mend.ts, sighting.ts. */
import * as yup from 'yup';
import { attributeIds, attributes, type AttributeId } from '../place/attributes';
import { getOrMake } from '../place/kept';
import { mendKinds, mendStates, spotKinds, type Mend } from '../place/mend';
import { sightingKinds, type LogEntry } from '../place/sighting';
import { putOffTo, readingMethods, walkKinds, walkPurposes, type Walk } from '../place/walk';
import { animalIds } from '../tables/animals';
import {
  byField,
  day,
  instant,
  length,
  list,
  maybe,
  oneOf,
  optionalText,
  readValue,
  shape,
  text,
  wholeNumber,
} from './schema-parts';

type Choices = readonly string[] | undefined;

const readingOf = (choices: Choices) =>
  shape<object>({
    id: text(),
    item: text(),
    attribute: oneOf(attributeIds),
    at: instant(),
    how: oneOf(readingMethods),
    value: readValue(choices),
    note: optionalText(2000),
  });

/** One for all numbers, one for each set of choices: built when the first reading of its kind is read. */
const readings = new Map<Choices, ReturnType<typeof readingOf>>();

const reading = yup.lazy((value: unknown) => {
  const { attribute } = (value ?? {}) as { attribute: AttributeId };
  // What an unknown attribute is read by refuses it, with what is wrong: the attribute.
  const known = Object.hasOwn(attributes, attribute) ? attributes[attribute] : undefined;
  const choices = known?.value === 'choice' ? known.choices : undefined;
  return getOrMake(readings, choices, () => readingOf(choices));
}) as unknown as yup.Schema<object>;

export const walkSchema = shape<Walk>({
  id: text(),
  placeId: text(),
  date: day(),
  kind: oneOf(walkKinds),
  ended: yup.boolean().required(),
  purpose: maybe(oneOf(walkPurposes)),
  bays: yup.array(text()).optional(),
  backwards: yup.boolean().oneOf([true]).optional(),
  putOff: yup.array(shape({ stop: text(), to: oneOf(putOffTo) }) as yup.Schema<object>).optional(),
  readings: yup.array(reading).required(),
});

const target = shape({
  item: text(),
  attribute: oneOf(attributeIds),
  value: byField(
    {
      is: shape({ is: text() }),
      atMost: shape({ atMost: length() }),
      atLeast: shape({ atLeast: length() }),
      near: shape({ near: length() }),
    },
    'atMost',
  ),
});

export const mendSchema = shape<Mend>({
  id: text(),
  placeId: text(),
  kind: oneOf(mendKinds),
  bay: text(),
  spot: shape({ kind: oneOf(spotKinds), item: text() }),
  stops: yup.array(oneOf(animalIds)).required(),
  targets: list(target),
  state: oneOf(mendStates),
  history: list(shape({ state: oneOf(mendStates), at: instant(), walk: optionalText(200) })),
  due: maybe(day()),
  who: optionalText(80),
  spent: maybe(
    shape({ cents: maybe(wholeNumber(100_000_000)), minutes: maybe(wholeNumber(100_000)) }),
  ),
  own: maybe(
    shape({ name: text(80), cents: wholeNumber(100_000_000), minutes: wholeNumber(100_000) }),
  ),
});

const sighting = shape({
  id: text(),
  placeId: text(),
  date: day(),
  what: oneOf(['sighting']),
  animal: oneOf(animalIds),
  how: oneOf(sightingKinds),
  bay: optionalText(200),
});

const quietCamera = shape({
  id: text(),
  placeId: text(),
  date: day(),
  what: oneOf(['quiet-camera']),
  nights: yup.number().integer().min(1).max(3660).required(),
});

export const logEntrySchema = byField<LogEntry>(
  { nights: quietCamera, animal: sighting },
  'animal',
);
