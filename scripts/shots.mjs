/** `npm run shots`: one picture of each main view, from the demo data, in docs/screenshots/. */
import { ensureChromium } from './chromium.mjs';
import { bin, ensureBuilt, ensureInstalled, inRoot, must } from './steps.mjs';

ensureInstalled();
ensureBuilt();
ensureChromium();
must(bin('tsx'), [inRoot('e2e', 'shots.ts')]);
