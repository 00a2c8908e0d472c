/** Writes the demo places as the files that the server hands out and the command line reads: as first walked, and as lived in. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { writePlaceFile } from '../src/core/formats/place-file';
import { livedSamphireYard } from './lived/samphire-yard';
import { livedTamarackBank } from './lived/tamarack-bank';
import { samphireYard } from './samphire-yard';
import { tamarackBank } from './tamarack-bank';

for (const file of [samphireYard, tamarackBank]) {
  writeFileSync(join(__dirname, `${file.place.id}.json`), writePlaceFile(file));
}
for (const file of [livedSamphireYard, livedTamarackBank]) {
  writeFileSync(join(__dirname, 'lived', `${file.place.id}.json`), writePlaceFile(file));
}
