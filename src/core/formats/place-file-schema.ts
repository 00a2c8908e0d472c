/** Schema of a place file. */
import * as yup from 'yup';
import { formatName, formatVersion, type PlaceFile } from './place-file';
import { placeSchema } from './place-schema';
import { logEntrySchema, mendSchema, walkSchema } from './record-schemas';
import { maybe, oneOf, shape } from './schema-parts';
import { shopSchema } from './shop-schema';

export const placeFileSchema = shape<PlaceFile>({
  format: oneOf([formatName]),
  version: yup.number().oneOf([formatVersion]).required(),
  place: placeSchema,
  walks: yup.array(walkSchema as yup.Schema<object>).required(),
  mends: yup.array(mendSchema as yup.Schema<object>).required(),
  sightings: yup.array(logEntrySchema as yup.Schema<object>).required(),
  shop: maybe(shopSchema),
});
