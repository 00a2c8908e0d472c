/**
 * `npm run soak`: five hundred kills, two in a walk for each in an evening as in the ordinary suite, at other moments. About an hour where
 * nothing else runs.
 */
import { ensureChromium } from './chromium.mjs';
import { bin, ensureBuilt, ensureInstalled, must } from './steps.mjs';

ensureInstalled();
ensureBuilt();
ensureChromium('shell');
const kills = Number(process.env.KILLS ?? 500);
const EVENING_KILLS = String(Math.round(kills / 3));
const KILLS = String(kills - Number(EVENING_KILLS));
const SEED = process.env.SEED ?? '11';
must(bin('playwright'), ['test', 'killed', '--project=phone'], { KILLS, EVENING_KILLS, SEED });
