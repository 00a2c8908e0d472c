/** Serves dist/ on PORT (8090): `tsx server/main.ts [--demo [--bare]]`; `--bare`: the demo places as first walked, without the year since. */
import { existsSync } from 'node:fs';
import { networkInterfaces } from 'node:os';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { lastDay } from '../demo/lived/last-day';
import { createApp } from './create-app';

const root = resolve(__dirname, '..');
const flag = { type: 'boolean', default: false } as const;
const { values } = parseArgs({ options: { demo: flag, bare: flag } });
const port = portOf(process.env.PORT ?? '8090');
const dist = join(root, 'dist');

if (!existsSync(join(dist, 'index.html'))) {
  console.error('There is no web export yet. Run: npm run build');
  process.exit(1);
}

/** The first is opened on a first visit. */
const demos = ['samphire-yard', 'tamarack-bank'];

const scenes = join(root, 'demo', ...(values.bare ? [] : ['lived']));

const app = createApp({
  dist,
  ...(values.demo && { demos: demos.map((name) => join(scenes, `${name}.json`)) }),
  ...(values.demo && !values.bare && { lastDay }),
});

const server = app.listen(port, () => {
  console.log(`Rookle is at http://localhost:${port}`);
  for (const address of otherAddresses())
    console.log(`  from a phone here: http://${address}:${port}`);
});
server.on('error', (error: NodeJS.ErrnoException) => {
  console.error(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken. Choose another: PORT=8091 npm start`
      : `Cannot serve: ${error.message}`,
  );
  process.exit(2);
});

function portOf(text: string): number {
  const number = Number(text);
  if (/^\d+$/.test(text) && number >= 1 && number <= 65_535) return number;
  console.error(`PORT=${text} is no port: it must be a whole number from 1 to 65535.`);
  return process.exit(2);
}

function otherAddresses(): string[] {
  return Object.values(networkInterfaces())
    .flatMap((addresses) => addresses ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);
}
