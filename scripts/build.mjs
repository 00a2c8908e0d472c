/** `npm run build`: the web export in dist/. */
import { copyFonts } from './fonts.mjs';
import { bin, must } from './steps.mjs';

copyFonts();
must(bin('expo'), ['export', '--platform', 'web', '--output-dir', 'dist'], {
  CI: '1',
  EXPO_OFFLINE: '1',
  EXPO_NO_TELEMETRY: '1',
});
