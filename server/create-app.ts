/** Serves the web export, and with `demo` the demo place. Every other address is the application's own. */
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express } from 'express';

export interface Served {
  /** Folder of the web export. */
  readonly dist: string;
  /** The demo place's file; without it there is none to open. */
  readonly demo?: string;
}

/** File names under /_expo carry a hash of their contents; the fonts carry a version in their package. */
const yearInSeconds = 365 * 24 * 60 * 60;

export function createApp({ dist, demo }: Served): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(compression());
  app.get('/api/demo', (_request, response) => {
    if (demo === undefined) response.status(404).json({ problem: 'no demo place here' });
    else response.type('application/json').sendFile(demo);
  });
  app.use('/api', (_request, response) => {
    response.status(404).json({ problem: 'there is nothing at this address' });
  });
  app.use(
    '/_expo',
    express.static(join(dist, '_expo'), { immutable: true, maxAge: yearInSeconds * 1000 }),
  );
  app.use('/_expo', (_request, response) => {
    response.status(404).end();
  });
  app.use('/fonts', express.static(join(dist, 'fonts'), { maxAge: yearInSeconds * 1000 }));
  app.use(express.static(dist));
  app.get('/{*path}', (_request, response) => {
    response.sendFile(join(dist, 'index.html'));
  });
  return app;
}
