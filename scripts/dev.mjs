/** `npm run dev`: Expo's own server, with reload on every change. It has no demo place to hand out. */
import { copyFonts } from './fonts.mjs';
import { bin, ensureInstalled, must } from './steps.mjs';

ensureInstalled();
copyFonts();
must(bin('expo'), ['start', '--web', ...process.argv.slice(2)], {
  EXPO_OFFLINE: '1',
  EXPO_NO_TELEMETRY: '1',
});
