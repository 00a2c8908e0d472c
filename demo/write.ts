/** Writes the demo place as the file that the server hands out and the command line reads. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { writePlaceFile } from '../src/core/formats/place-file';
import { samphireYard } from './samphire-yard';

writeFileSync(join(__dirname, 'samphire-yard.json'), writePlaceFile(samphireYard));
