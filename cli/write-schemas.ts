/** `npm run schemas`: writes the JSON Schemas of both formats to docs/format. A test checks that they are what is written here. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { assessJsonSchema } from '../src/core/formats/json-schema/assess-json-schema';
import { placeJsonSchema } from '../src/core/formats/json-schema/place-json-schema';
import { planJsonSchema } from '../src/core/formats/json-schema/plan-json-schema';

const folder = join(__dirname, '../docs/format');

for (const [name, schema] of [
  ['place', placeJsonSchema],
  ['assess', assessJsonSchema],
  ['plan', planJsonSchema],
] as const) {
  writeFileSync(join(folder, `${name}.schema.json`), `${JSON.stringify(schema, null, 1)}\n`);
}
