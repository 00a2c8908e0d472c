/** The JSON Schemas of docs/format, made from the descriptions that files and answers are checked by. */
import { jsonSchemaOf, type JsonSchema } from '../schema/json-schema';
import { deviceDocumentSchema, deviceVersion } from '../devices/device-reading';
import { assessSchema, assessVersion } from './assess-document';
import { fenceSchema, fenceVersion } from './fence-document';
import { formatVersion, placeFileSchema } from './place-file';
import { planSchema, planVersion } from './plan-document';
import { settleSchema, settleVersion } from './settle-document';
import { signsSchema, signsVersion } from './signs-document';
import { foundSignsSchema } from '../records/found-signs';

/** By the name of their file, without ".schema.json". */
export const publishedSchemas: Readonly<
  Record<
    'place' | 'assess' | 'plan' | 'settle' | 'found' | 'signs' | 'fence' | 'device',
    JsonSchema
  >
> = {
  device: jsonSchemaOf(deviceDocumentSchema, `Device readings, version ${deviceVersion}`),
  place: jsonSchemaOf(placeFileSchema, `Rookle place file, version ${formatVersion}`),
  assess: jsonSchemaOf(assessSchema, `Rookle assessment, version ${assessVersion}`),
  plan: jsonSchemaOf(planSchema, `Rookle plan of mends, version ${planVersion}`),
  settle: jsonSchemaOf(
    settleSchema,
    `Rookle readings that would settle it, version ${settleVersion}`,
  ),
  found: jsonSchemaOf(foundSignsSchema, 'What was found after a loss'),
  signs: jsonSchemaOf(signsSchema, `Rookle suspicions after a loss, version ${signsVersion}`),
  fence: jsonSchemaOf(fenceSchema, `Rookle electric line, version ${fenceVersion}`),
};
