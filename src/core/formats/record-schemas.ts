/** Schemas of what is kept beside a place: walks and mends. The types stand in place/walk.ts and place/mend.ts. */
import * as yup from 'yup';
import { attributeIds, attributes, type AttributeId } from '../place/attributes';
import { mendKinds, mendStates, spotKinds, type Mend } from '../place/mend';
import { readingMethods, type Walk } from '../place/walk';
import { animalIds } from '../tables/animals';
import {
  day,
  instant,
  length,
  list,
  oneOf,
  optionalText,
  readValue,
  shape,
  text,
} from './schema-parts';

const reading = yup.lazy((value: unknown) => {
  const attribute = (value as { attribute?: AttributeId } | null)?.attribute;
  const known = attribute === undefined ? undefined : attributes[attribute];
  const choices = known?.value === 'choice' ? known.choices : undefined;
  return shape({
    id: text(),
    item: text(),
    attribute: oneOf(attributeIds),
    at: instant(),
    how: oneOf(readingMethods),
    value: readValue(choices),
    note: optionalText(2000),
  });
}) as unknown as yup.Schema<object>;

export const walkSchema = shape<Walk>({
  id: text(),
  placeId: text(),
  date: day(),
  kind: oneOf(['lap', 'measure-again']),
  ended: yup.boolean().required(),
  readings: yup.array(reading).required(),
});

const target = shape({
  item: text(),
  attribute: oneOf(attributeIds),
  value: yup.lazy((value: unknown) =>
    typeof value === 'object' && value !== null && 'is' in value
      ? shape({ is: text() })
      : shape({ atMost: length() }),
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
});
