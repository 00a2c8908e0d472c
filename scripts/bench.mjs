/** `npm run bench`: what the build weighs, how Lighthouse sees it, what judging costs; written to docs/performance.md. */
import { ensureChromium } from './chromium.mjs';
import { bin, ensureBuilt, ensureInstalled, inRoot, must } from './steps.mjs';

ensureInstalled();
ensureBuilt();
ensureChromium();
must(bin('tsx'), [inRoot('bench', 'main.ts')]);
