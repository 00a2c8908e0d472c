/** Writes the export's scripts compressed beside themselves, as small as they get: done once here, not for every visit. */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { inRoot } from './steps.mjs';

const isText = /\.(js|css)$/;
/** Smaller files gain nothing, bytes. */
const leastSize = 1000;

export function compressExport() {
  const folder = inRoot('dist', '_expo');
  for (const entry of readdirSync(folder, { recursive: true, withFileTypes: true })) {
    if (!entry.isFile() || !isText.test(entry.name)) continue;
    const path = join(entry.parentPath, entry.name);
    const bytes = readFileSync(path);
    if (bytes.length < leastSize) continue;
    const size = { [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length };
    writeFileSync(`${path}.br`, brotliCompressSync(bytes, { params: size }));
    writeFileSync(`${path}.gz`, gzipSync(bytes, { level: 9 }));
  }
}
