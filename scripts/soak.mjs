/** `npm run soak`: the killing test five hundred times over, at other moments than in the ordinary suite. About two hours. */
import { ensureChromium } from './chromium.mjs';
import { bin, ensureBuilt, ensureInstalled, must } from './steps.mjs';

ensureInstalled();
ensureBuilt();
ensureChromium();
const KILLS = process.env.KILLS ?? '500';
const SEED = process.env.SEED ?? '11';
must(bin('playwright'), ['test', 'killed', '--project=phone'], { KILLS, SEED });
