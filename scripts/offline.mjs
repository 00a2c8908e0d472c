/**
 * The service worker: everything of the export is kept at installation, every address answers with the page, and a new version waits
 * until it is asked to take over (decision 16).
 */
import { generateSW } from 'workbox-build';
import { inRoot } from './steps.mjs';

export async function writeServiceWorker() {
  const { count, size, warnings } = await generateSW({
    globDirectory: inRoot('dist'),
    globPatterns: ['**/*.{html,js,css,woff2,svg,png,webmanifest}'],
    swDest: inRoot('dist', 'sw.js'),
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//],
    dontCacheBustURLsMatching: /^_expo\/static\//,
    maximumFileSizeToCacheInBytes: 3_000_000,
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    skipWaiting: false,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    mode: 'production',
  });
  // What is too large would be missing in the yard.
  if (warnings.length > 0) throw new Error(warnings.join('\n'));
  console.log(`Kept for use without a network: ${count} files, ${Math.round(size / 1000)} kB.`);
}
