/** Where things are for browser tests, pictures and benchmarks. */
import { existsSync } from 'node:fs';

/** As a keeper has it: for pictures and measures. */
export const chromiumPath = process.env.CHROMIUM ?? '/usr/bin/chromium';

const shell = '/usr/bin/chromium-headless-shell';

/** The same without windows, which takes tests a fifth less time (decision 34); where it is missing, the whole browser. */
export const shellPath = process.env.CHROMIUM ?? (existsSync(shell) ? shell : chromiumPath);

export const chromiumArguments = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/** One server hands out the demo place, the other has none. */
export const demoPort = 8191;
export const emptyPort = 8192;
