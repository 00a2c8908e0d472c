/** `npm start` and `npm run demo`: installs and builds where that is needed, then serves. */
import { bin, ensureBuilt, ensureInstalled, inRoot, must } from './steps.mjs';

ensureInstalled('use');
ensureBuilt();
must(bin('tsx'), [inRoot('server', 'main.ts'), ...process.argv.slice(2)]);
