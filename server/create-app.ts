/** Serves the web export, and with `demo` the demo place. Every other address is the application's own. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express } from 'express';
import staticCompressed from 'express-static-gzip';
import { readPlaceFile } from '../src/core/formats/read-place-file';

export interface Served {
  /** Folder of the web export. */
  readonly dist: string;
  /** Files of the demo places, the one for a first visit first; without them there is none to open. */
  readonly demos?: readonly string[];
}

/** File names under /_expo carry a hash of their contents; the fonts carry a version in their package. */
const yearInSeconds = 365 * 24 * 60 * 60;

/** What the build has compressed is served so, by the smaller way where the browser takes both. */
const compressedAhead = { enableBrotli: true, orderPreference: ['br', 'gzip'] };

export function createApp({ dist, demos = [] }: Served): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(compression());
  const listed = demos.map(readDemo);
  const [first] = listed;
  app.get('/api/demos', (_request, response) => {
    response.json(listed.map(({ id, name }) => ({ id, name })));
  });
  app.get('/api/demos/:id', (request, response) => {
    const demo = listed.find(({ id }) => id === request.params.id);
    if (demo === undefined) response.status(404).json({ problem: 'no such demo place here' });
    else response.type('application/json').sendFile(demo.file);
  });
  app.use('/api', (_request, response) => {
    response.status(404).json({ problem: 'there is nothing at this address' });
  });
  app.use(
    '/_expo',
    staticCompressed(join(dist, '_expo'), {
      ...compressedAhead,
      serveStatic: { immutable: true, maxAge: yearInSeconds * 1000 },
    }),
  );
  app.use('/_expo', (_request, response) => {
    response.status(404).end();
  });
  app.use('/fonts', express.static(join(dist, 'fonts'), { maxAge: yearInSeconds * 1000 }));
  app.use(express.static(dist, { index: false }));
  app.get('/{*path}', (_request, response) => {
    if (first) response.set('Link', early(first));
    response.sendFile(join(dist, 'index.html'));
  });
  return app;
}

/** A first visit opens the first demo: the page asks for it while its scripts are still on their way. */
function early({ id }: Demo): string {
  const addresses = ['/api/demos', `/api/demos/${encodeURIComponent(id)}`];
  return addresses.map((it) => `<${it}>; rel=preload; as=fetch; crossorigin`).join(', ');
}

interface Demo {
  readonly id: string;
  readonly name: string;
  readonly file: string;
}

/** Throws where the file is no place: a slip of ours, to be seen when the server starts. */
function readDemo(file: string): Demo {
  const read = readPlaceFile(readFileSync(file, 'utf8'));
  if ('problem' in read) throw new Error(`${file} is no place file`);
  const { id, name } = read.file.place;
  return { id, name, file };
}
