/** `npm run -s calibration`: writes the table of docs/calibration.md anew, from the places and the tables as they are. */
import { readFileSync, writeFileSync } from 'node:fs';
import { calibrationTable } from '../src/core/tests/calibration-table';

const document = 'docs/calibration.md';
const [before, after] = [/^[^]*?(?=^\| kind of place)/m, /(?<=^\|[^\n]*\|\n)(?!\|)[^]*$/m].map(
  (part) => part.exec(readFileSync(document, 'utf8'))?.[0] ?? '',
);
writeFileSync(document, `${before}${calibrationTable()}\n${after}`);
