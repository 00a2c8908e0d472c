/** Debian's Chromium for browser tests, pictures and benchmarks; installed where it is missing. */
import { existsSync } from 'node:fs';
import { run } from './steps.mjs';

const path = process.env.CHROMIUM ?? '/usr/bin/chromium';

export function ensureChromium() {
  if (existsSync(path)) return;
  console.log('Installing Chromium from Debian’s packages …');
  const sudo = process.getuid?.() === 0 ? [] : ['sudo'];
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, 'apt-get', ...args];
    return run(command, rest, { DEBIAN_FRONTEND: 'noninteractive' });
  };
  if (apt('update') !== 0 || apt('install', '-y', 'chromium') !== 0) {
    console.error(
      'Chromium could not be installed. Install it by hand, or name yours in CHROMIUM.',
    );
    process.exit(1);
  }
}
