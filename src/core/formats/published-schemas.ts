/** The JSON Schemas of docs/format, made from the descriptions that files and answers are checked by. */
import { jsonSchemaOf, type JsonSchema } from '../schema/json-schema';
import { assessSchema, assessVersion } from './assess-document';
import { formatVersion, placeFileSchema } from './place-file';
import { planSchema, planVersion } from './plan-document';

/** By the name of their file, without ".schema.json". */
export const publishedSchemas: Readonly<Record<'place' | 'assess' | 'plan', JsonSchema>> = {
  place: jsonSchemaOf(placeFileSchema, `Rookle place file, version ${formatVersion}`),
  assess: jsonSchemaOf(assessSchema, `Rookle assessment, version ${assessVersion}`),
  plan: jsonSchemaOf(planSchema, `Rookle plan of mends, version ${planVersion}`),
};
