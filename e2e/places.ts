/** Where things are for browser tests, pictures and benchmarks. */
export const chromiumPath = process.env.CHROMIUM ?? '/usr/bin/chromium';

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
