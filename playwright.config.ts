/** Browser tests of the exported build, served by Express, on Debian's Chromium. */
import { defineConfig } from '@playwright/test';
import { chromiumArguments, demoPort, emptyPort, shellPath } from './e2e/places';

const serve = (port: number, ...args: string[]) => ({
  command: `node_modules/.bin/tsx server/main.ts ${args.join(' ')}`,
  env: { PORT: String(port) },
  url: `http://localhost:${port}/`,
  reuseExistingServer: false,
});

/** Driven by touch, on screens of their own, or about what is kept and judged: there the size of the window changes nothing. */
const onlyOnPhone =
  /e2e\/(access\.|agreement|devices|due|files|first-load|full|judgement|killed|nothing-lost|offline|readings|stops-driver|stops-small|two-keepers|walk-driver)[^/]*$/;

/** Walked whole only on demand (`LONG=1 npx playwright test`): others of the kind are walked each time. */
const onDemand = process.env.LONG ? [] : [/@long/];

const busy = Boolean(process.env.CI);

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'reports/e2e',
  workers: 2,
  // The long files would otherwise be left to one worker at the end.
  fullyParallel: true,
  forbidOnly: true,
  // A browser without windows now and then stops drawing frames: that alone is forgiven a test, and said (`scripts/test.mjs`).
  retries: busy ? 1 : 0,
  // A busy machine is slow, not wrong: nothing here is a measure of speed (`npm run bench` is).
  timeout: busy ? 300_000 : 90_000,
  expect: { timeout: busy ? 45_000 : 10_000 },
  reporter: [['list'], ['json', { outputFile: 'reports/e2e.json' }]],
  use: {
    baseURL: `http://localhost:${demoPort}`,
    // Whatever is clicked is there long before, or never.
    actionTimeout: busy ? 120_000 : 0,
    launchOptions: { executablePath: shellPath, args: chromiumArguments },
    contextOptions: { reducedMotion: 'reduce' },
    // Each test has a browser of its own: keeping the whole application for each would take longer than the tests.
    serviceWorkers: 'block',
    // Recording every test for the few that fail takes a seventh of the time.
    trace: busy ? 'off' : 'retain-on-failure',
  },
  projects: [
    {
      name: 'phone',
      use: { viewport: { width: 390, height: 844 }, hasTouch: true },
      // Keys are for a desk.
      testIgnore: /e2e\/stops-keys[^/]*$/,
      grepInvert: [/@wide/, ...onDemand],
    },
    {
      name: 'wide',
      use: { viewport: { width: 1280, height: 800 } },
      testIgnore: onlyOnPhone,
      // A test that has a tag is for the other size alone: what it tries does not hang on the width.
      grepInvert: [/@phone/, ...onDemand],
    },
  ],
  webServer: [serve(demoPort, '--demo', '--bare'), serve(emptyPort)],
});
