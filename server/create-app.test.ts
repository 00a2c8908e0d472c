import { createHash } from 'node:crypto';
import { mkdirSync, mkdtempSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { listen, type Listening } from './listen';

const dist = mkdtempSync(join(tmpdir(), 'rookle-dist-'));
mkdirSync(join(dist, '_expo'));
writeFileSync(join(dist, 'index.html'), '<p>shell</p>');
writeFileSync(join(dist, '_expo', 'a-123.js'), 'x');
writeFileSync(join(dist, '_expo', 'b[id]-4.js'), 'plain');
writeFileSync(join(dist, '_expo', 'b[id]-4.js.br'), brotliCompressSync('by brotli'));
writeFileSync(join(dist, '_expo', 'b[id]-4.js.gz'), gzipSync('by gzip'));

const listening: Listening[] = [];

async function serve(...demos: string[]): Promise<string> {
  const server = await listen({ dist, demos });
  listening.push(server);
  return server.address;
}

afterAll(() => listening.forEach((server) => server.close()));

test('every address of the application answers with its page', async () => {
  const at = await serve();
  for (const path of ['/', '/walk', '/walk/n2~ground.gap', '/way/n2']) {
    const answer = await fetch(at + path);
    expect(answer.status).toBe(200);
    expect(await answer.text()).toBe('<p>shell</p>');
  }
});

test('scripts carry a hash, so they are kept for good; a missing one is missing, not a page', async () => {
  const at = await serve();
  const script = await fetch(`${at}/_expo/a-123.js`);
  expect(script.headers.get('cache-control')).toMatch(/immutable/);
  expect((await fetch(`${at}/_expo/gone.js`)).status).toBe(404);
});

test.each([
  ['gzip, deflate, br', 'br', 'by brotli'],
  ['gzip, deflate', 'gzip', 'by gzip'],
  ['identity', null, 'plain'],
])('what the build compressed is served so to who takes %s', async (takes, encoding, text) => {
  const headers = { 'Accept-Encoding': takes };
  const script = await fetch(`${await serve()}/_expo/b%5Bid%5D-4.js`, { headers });
  expect(script.headers.get('content-encoding')).toBe(encoding);
  expect(script.headers.get('content-type')).toMatch(/^text\/javascript/);
  expect(script.headers.get('cache-control')).toMatch(/immutable/);
  expect(await script.text()).toBe(text);
});

test('hands out the demo places only where there are any', async () => {
  const [withDemo, without] = [await serve(resolve('demo/samphire-yard.json')), await serve()];
  expect(await (await fetch(`${withDemo}/api/demos`)).json()).toEqual([
    { id: 'samphire-yard', name: 'Samphire Yard' },
  ]);
  expect(await (await fetch(`${withDemo}/api/demos/samphire-yard`)).json()).toHaveProperty('place');
  expect(await (await fetch(`${without}/api/demos`)).json()).toEqual([]);
  for (const path of ['/api/demos/samphire-yard', '/api/other']) {
    expect((await fetch(without + path)).status).toBe(404);
  }
});

test('says on which day the demo places’ stories end, where they have one', async () => {
  const lived = resolve('demo/lived/samphire-yard.json');
  const server = await listen({ dist, demos: [lived], lastDay: '2026-10-25' });
  listening.push(server);
  expect(await (await fetch(`${server.address}/api/demos`)).json()).toEqual([
    { id: 'samphire-yard', name: 'Samphire Yard', lastDay: '2026-10-25', photos: true },
  ]);
  const photos = await fetch(`${server.address}/api/demos/samphire-yard/photos`);
  expect(await photos.json()).toHaveLength(8);
  // As first walked it has none.
  const bare = await serve(resolve('demo/samphire-yard.json'));
  expect((await fetch(`${bare}/api/demos/samphire-yard/photos`)).status).toBe(404);
});

test('a demo file that is no place stops the server from starting', async () => {
  await expect(serve(join(dist, 'index.html'))).rejects.toThrow(/is no place file/);
});

test('a page names the first demo’s addresses ahead, where there is one; each of them answers', async () => {
  const [withDemo, without] = [await serve(resolve('demo/samphire-yard.json')), await serve()];
  const link = (await fetch(withDemo)).headers.get('link') ?? '';
  const named = [...link.matchAll(/<([^>]+)>; rel=preload; as=fetch; crossorigin/g)];
  expect(named.map(([, address]) => address)).toEqual(['/api/demos', '/api/demos/samphire-yard']);
  for (const [, address] of named) expect((await fetch(withDemo + address)).status).toBe(200);
  expect((await fetch(without)).headers.get('link')).toBeNull();
  // A browser that has been here has its own place: nothing is asked for ahead.
  const again = await fetch(withDemo, { headers: { cookie: 'other=2; been=1' } });
  expect(again.headers.get('link')).toBeNull();
});

describe('what browsers are told', () => {
  const headersOf = async (path = '/') => (await fetch((await serve()) + path)).headers;

  test('nothing is loaded from elsewhere, nothing inline but by its hash, nobody may frame it', async () => {
    const policy = (await headersOf()).get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'none'");
    expect(policy).not.toMatch(/unsafe|https?:|\*/);
    for (const word of ["frame-ancestors 'none'", "base-uri 'none'", "form-action 'none'"]) {
      expect(policy).toContain(word);
    }
  });

  test('what is inline in the page is allowed by its own hash, and that alone', async () => {
    const own = mkdtempSync(join(tmpdir(), 'rookle-inline-'));
    const script = 'let a = 1;';
    writeFileSync(
      join(own, 'index.html'),
      `<script>${script}</script><script src="/x.js"></script>`,
    );
    const server = await listen({ dist: own });
    listening.push(server);
    const policy = (await fetch(server.address)).headers.get('content-security-policy') ?? '';
    const hash = createHash('sha256').update(script).digest('base64');
    expect(policy).toContain(`script-src 'self' 'sha256-${hash}';`);
  });

  test.each([
    ['x-content-type-options', 'nosniff'],
    ['referrer-policy', 'no-referrer'],
    ['x-frame-options', 'DENY'],
  ])('%s: %s, on pages, scripts and refusals', async (name, value) => {
    for (const path of ['/', '/_expo/a-123.js', '/_expo/gone.js']) {
      expect((await headersOf(path)).get(name)).toBe(value);
    }
  });

  test('a page is asked for anew each time', async () => {
    expect((await headersOf('/walk')).get('cache-control')).toBe('no-cache');
  });
});

describe('refused in one line, without a path of this machine', () => {
  async function refused(path: string, init?: RequestInit) {
    const answer = await fetch((await serve()) + path, init);
    const text = await answer.text();
    expect(text.trim().split('\n')).toHaveLength(1);
    expect(text).not.toMatch(/node_modules|\/tmp|\.[cm]?[jt]s:\d/);
    return answer.status;
  }

  test.each(['/%', '/%E0%A4%A', '/_expo/%ff', '/fonts/%'])('%s cannot be read', async (path) => {
    expect(await refused(path)).toBe(400);
  });

  test.each(['/fonts/none.woff2', '/assets/none.png', '/none.js', '/favicon.ico'])(
    '%s is missing, and is no page',
    async (path) => {
      expect(await refused(path)).toBe(404);
    },
  );

  test.each(['POST', 'PUT', 'DELETE'])('%s is not answered', async (method) => {
    expect(await refused('/', { method })).toBe(405);
    expect(await refused('/api/demos', { method })).toBe(405);
  });

  test('a link out of the folder is not followed', async () => {
    symlinkSync('/etc/hostname', join(dist, 'out.txt'));
    symlinkSync('/etc/hostname', join(dist, '_expo', 'out.js'));
    expect(await refused('/out.txt')).toBe(404);
    expect(await refused('/_expo/out.js')).toBe(404);
  });
});
