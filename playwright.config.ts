/** Browser tests of the exported build, served by Express, on Debian's Chromium. */
import { defineConfig } from '@playwright/test';
import { chromiumArguments, chromiumPath, demoPort, emptyPort } from './e2e/places';

const serve = (port: number, ...args: string[]) => ({
  command: `node_modules/.bin/tsx server/main.ts ${args.join(' ')}`,
  env: { PORT: String(port) },
  url: `http://localhost:${port}/`,
  reuseExistingServer: false,
});

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'reports/e2e',
  workers: 2,
  forbidOnly: true,
  retries: 0,
  timeout: 90_000,
  expect: { timeout: 10_000 },
  reporter: [['list'], ['json', { outputFile: 'reports/e2e.json' }]],
  use: {
    baseURL: `http://localhost:${demoPort}`,
    launchOptions: { executablePath: chromiumPath, args: chromiumArguments },
    contextOptions: { reducedMotion: 'reduce' },
    // Each test has a browser of its own: keeping the whole application for each would take longer than the tests.
    serviceWorkers: 'block',
    trace: 'retain-on-failure',
  },
  projects: [
    { name: 'phone', use: { viewport: { width: 390, height: 844 }, hasTouch: true } },
    { name: 'wide', use: { viewport: { width: 1280, height: 800 } } },
  ],
  webServer: [serve(demoPort, '--demo'), serve(emptyPort)],
});
