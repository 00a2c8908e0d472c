/**
 * Serves dist/ on PORT (8090): `tsx server/main.ts [--demo [--bare]] [--https]`; `--bare`: the demo places as first walked, without the
 * year since. `--https`: with a certificate of this machine's own, so that a phone opens it without a network too (docs/phone.md).
 */
import { existsSync } from 'node:fs';
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { networkInterfaces } from 'node:os';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { lastDay } from '../demo/lived/last-day';
import { certificateFor } from './certificate';
import { certificatePath, createApp } from './create-app';

const root = resolve(__dirname, '..');
const flag = { type: 'boolean', default: false } as const;
const { values } = parseArgs({ options: { demo: flag, bare: flag, https: flag } });
const port = portOf(process.env.PORT ?? '8090');
const dist = join(root, 'dist');

if (!existsSync(join(dist, 'index.html'))) {
  console.error('There is no web export yet. Run: npm run build');
  process.exit(1);
}

/** The first is opened on a first visit. */
const demos = ['samphire-yard', 'tamarack-bank'];

const scenes = join(root, 'demo', ...(values.bare ? [] : ['lived']));

serve().catch(cannot);

async function serve(): Promise<void> {
  const own = values.https
    ? await certificateFor(
        ['localhost', '127.0.0.1', ...otherAddresses()],
        join(root, '.certificate'),
        new Date(),
      )
    : undefined;
  const app = createApp({
    dist,
    ...(values.demo && { demos: demos.map((name) => join(scenes, `${name}.json`)) }),
    ...(values.demo && !values.bare && { lastDay }),
    ...(own && { certificate: own.cert }),
  });
  const server = own ? createSecureServer(own, app) : createServer(app);
  server.on('error', cannot).listen(port, () => {
    const at = (host: string): string => `${own ? 'https' : 'http'}://${host}:${port}`;
    console.log(`Rookle is at ${at('localhost')}`);
    for (const address of otherAddresses()) {
      console.log(`  from a phone here: ${at(address)}`);
      if (own) console.log(`  its certificate, once: ${at(address)}${certificatePath}`);
    }
  });
}

function cannot(error: NodeJS.ErrnoException): never {
  console.error(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken. Choose another: PORT=8091 npm start`
      : `Cannot serve: ${error.message}`,
  );
  return process.exit(2);
}

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
