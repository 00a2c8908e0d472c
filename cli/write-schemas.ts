/** `npm run schemas`: writes the JSON Schemas to docs/format. A test checks that they are what is written here. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { publishedSchemas } from '../src/core/formats/published-schemas';

const folder = join(__dirname, '../docs/format');

for (const [name, schema] of Object.entries(publishedSchemas)) {
  writeFileSync(join(folder, `${name}.schema.json`), `${JSON.stringify(schema, null, 1)}\n`);
}
