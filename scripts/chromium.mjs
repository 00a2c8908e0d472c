/** Debian's Chromium, installed where it is missing: the browser for pictures and benchmarks, its shell without windows for tests. */
import { existsSync } from 'node:fs';
import { run } from './steps.mjs';

/** Debian's packages, each installed as the program of its name. */
const programs = { browser: 'chromium', shell: 'chromium-headless-shell' };

/** `kind`: `shell` draws no windows and takes a fifth less time; the browser stands in for it where it cannot be had. */
export function ensureChromium(kind = 'browser') {
  const wanted = programs[kind];
  if (process.env.CHROMIUM || existsSync(pathOf(wanted)) || installed(wanted)) return;
  if (existsSync(pathOf(programs.browser))) return;
  console.error('Chromium could not be installed. Install it by hand, or name yours in CHROMIUM.');
  process.exit(1);
}

const pathOf = (program) => `/usr/bin/${program}`;

function installed(program) {
  console.log(`Installing ${program} from Debian’s packages …`);
  const sudo = process.getuid?.() === 0 ? [] : ['sudo'];
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, 'apt-get', ...args];
    return run(command, rest, { DEBIAN_FRONTEND: 'noninteractive' });
  };
  return apt('update') === 0 && apt('install', '-y', program) === 0;
}
