/** `npm run build`: the web export in dist/, its scripts asked for at once rather than one after the other. */
import { readFileSync, writeFileSync } from 'node:fs';
import { compressExport } from './compress.mjs';
import { copyFonts } from './fonts.mjs';
import { writeServiceWorker } from './offline.mjs';
import { splitShared } from './split.mjs';
import { bin, inRoot, must } from './steps.mjs';

copyFonts();
must(bin('expo'), ['export', '--platform', 'web', '--output-dir', 'dist'], {
  CI: '1',
  EXPO_OFFLINE: '1',
  EXPO_NO_TELEMETRY: '1',
});

const page = inRoot('dist', 'index.html');
writeFileSync(page, splitShared(readFileSync(page, 'utf8')));
await writeServiceWorker();
compressExport();
