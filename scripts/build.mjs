/** `npm run build`: the web export in dist/, its scripts asked for at once rather than one after the other. */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
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

/** Chunks that every screen needs; without a hint the browser only learns of them when the entry has run. */
const always = /^(__common|_layout)-/;

const page = inRoot('dist', 'index.html');
const text = splitShared(readFileSync(page, 'utf8'));
const hints = readdirSync(inRoot('dist', '_expo', 'static', 'js', 'web'))
  .filter((name) => always.test(name) && name.endsWith('.js'))
  .map((name) => `<link rel="preload" href="/_expo/static/js/web/${name}" as="script" />`);
writeFileSync(page, text.replace('</head>', `${hints.join('')}</head>`));
await writeServiceWorker();
compressExport();
