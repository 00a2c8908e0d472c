/** Serves the web export, and with `demo` the demo place. Every other address is the application's own. */
import { existsSync, readFileSync, realpathSync } from 'node:fs';
import { join, sep } from 'node:path';
import compression from 'compression';
import express, {
  type ErrorRequestHandler,
  type Express,
  type Request,
  type RequestHandler,
  type Response,
} from 'express';
import staticCompressed from 'express-static-gzip';
import { deviceRoutes } from './devices/device-routes';
import { permissions, securityHeaders } from './security';
import { readPlaceFile } from '../src/core/formats/read-place-file';

export interface Served {
  /** Folder of the web export. */
  readonly dist: string;
  /** Files of the demo places, the one for a first visit first; without them there is none to open. */
  readonly demos?: readonly string[];
  /** The day on which their stories end, YYYY-MM-DD: who opens one moves its days to their own. */
  readonly lastDay?: string;
  /** The certificate it is served with, PEM: a phone fetches it here to trust it. */
  readonly certificate?: string;
}

/** File names under /_expo carry a hash of their contents; the fonts carry a version in their package. */
const yearInSeconds = 365 * 24 * 60 * 60;

/** What the build has compressed is served so, by the smaller way where the browser takes both. */
const compressedAhead = { enableBrotli: true, orderPreference: ['br', 'gzip'] };

/** Where a phone finds the certificate. */
export const certificatePath = '/rookle.crt';

export function createApp({ dist, demos = [], lastDay, certificate }: Served): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(securityHeaders(readFileSync(join(dist, 'index.html'), 'utf8')), permissions);
  app.use(onlyRead, onlyWithin(dist));
  app.use(compression());
  if (certificate !== undefined) {
    app.get(certificatePath, (_request, response) => {
      response.type('application/x-x509-ca-cert').send(certificate);
    });
  }
  const listed = demos.map(readDemo);
  const [first] = listed;
  app.get('/api/demos', (_request, response) => {
    response.json(
      listed.map(({ id, name, photos }) => ({
        id,
        name,
        ...(lastDay && { lastDay }),
        ...(photos && { photos: true }),
      })),
    );
  });
  app.get('/api/demos/:id', (request, response) => {
    const demo = listed.find(({ id }) => id === request.params.id);
    if (demo === undefined) response.status(404).json({ problem: 'no such demo place here' });
    else response.type('application/json').sendFile(demo.file);
  });
  app.get('/api/demos/:id/photos', (request, response) => {
    const { photos } = listed.find(({ id }) => id === request.params.id) ?? {};
    if (!photos) response.status(404).json({ problem: 'no photos of a demo place here' });
    else response.type('application/json').sendFile(photos);
  });
  // Stand-ins ship with the demo places: without them a keeper's own server plays nothing.
  if (demos.length > 0) app.use('/api/devices', deviceRoutes());
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
  app.use('/_expo', missing);
  const files = { index: false, redirect: false, dotfiles: 'ignore' } as const;
  for (const folder of ['fonts', 'assets']) {
    const maxAge = yearInSeconds * 1000;
    app.use(`/${folder}`, express.static(join(dist, folder), { ...files, maxAge }), missing);
  }
  app.use(express.static(dist, files));
  app.get('/{*path}', (request, response) => {
    // A file at the root that is not there; every other address is the application's own.
    if (/^\/[^/]*\.\w+$/.test(request.path)) return void missing(request, response);
    if (first && !hasBeenHere(request)) response.set('Link', early(first)).cookie(...beenHere);
    // The page names the scripts of this build: it is asked for anew each time.
    response.set('Cache-Control', 'no-cache').sendFile(join(dist, 'index.html'));
  });
  app.use(inOneLine);
  return app;
}

const missing = (_request: Request, response: Response): void => {
  response.status(404).type('text').send('There is nothing at this address.\n');
};

const onlyRead: RequestHandler = (request, response, next) => {
  if (request.method === 'GET' || request.method === 'HEAD') return next();
  response
    .status(405)
    .set('Allow', 'GET, HEAD')
    .type('text')
    .send('Only reading is answered here.\n');
};

/** A link in the folder may lead anywhere on this machine: what it leads to outside is not handed out. */
function onlyWithin(dist: string): RequestHandler {
  const root = realpathSync(dist);
  return (request, response, next) => {
    try {
      const real = realpathSync(join(root, decodeURIComponent(request.path)));
      if (real !== root && !real.startsWith(root + sep)) return missing(request, response);
    } catch (error) {
      // An address that cannot be read is told so; a file that is not there is no matter of this.
      if (error instanceof URIError || isBadPath(error)) return void malformed(response);
    }
    next();
  };
}

const isBadPath = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && error.code === 'ERR_INVALID_ARG_VALUE';

const malformed = (response: Response): Response =>
  response.status(400).type('text').send('This address cannot be read.\n');

/** Whatever else goes wrong is said in one line, without a word about this machine. */
const inOneLine: ErrorRequestHandler = (
  error: { readonly status?: number },
  _request,
  response,
  next,
) => {
  if (response.headersSent) return void next(error);
  const status = error.status ?? 500;
  const words = status < 500 ? 'This address cannot be read.' : 'That did not work.';
  response.status(status).type('text').send(`${words}\n`);
};

/** Left with a browser that opens a page for the first time; it says that and nothing else. */
const beenHere = [
  'been',
  '1',
  { maxAge: yearInSeconds * 1000, sameSite: 'strict', httpOnly: true },
] as const;

const hasBeenHere = ({ headers }: Request): boolean =>
  /(^|; )been=1(;|$)/.test(headers.cookie ?? '');

/** A first visit opens the first demo: the page asks for it while its scripts are still on their way. */
function early({ id }: Demo): string {
  const addresses = ['/api/demos', `/api/demos/${encodeURIComponent(id)}`];
  return addresses.map((it) => `<${it}>; rel=preload; as=fetch; crossorigin`).join(', ');
}

interface Demo {
  readonly id: string;
  readonly name: string;
  readonly file: string;
  /** Its photos, where it has any. */
  readonly photos: string | undefined;
}

/** Throws where the file is no place: a slip of ours, to be seen when the server starts. */
function readDemo(file: string): Demo {
  const read = readPlaceFile(readFileSync(file, 'utf8'));
  if ('problem' in read) throw new Error(`${file} is no place file`);
  const { id, name } = read.file.place;
  const photos = file.replace(/\.json$/, '.photos.json');
  return { id, name, file, photos: existsSync(photos) ? photos : undefined };
}
