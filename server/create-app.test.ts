import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { listen, type Listening } from './listen';

const dist = mkdtempSync(join(tmpdir(), 'rookle-dist-'));
mkdirSync(join(dist, '_expo'));
writeFileSync(join(dist, 'index.html'), '<p>shell</p>');
writeFileSync(join(dist, '_expo', 'a-123.js'), 'x');
writeFileSync(join(dist, 'demo.json'), '{"demo":true}');

const listening: Listening[] = [];

async function serve(demo?: string): Promise<string> {
  const server = await listen({ dist, ...(demo && { demo }) });
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

test('hands out the demo place only where there is one', async () => {
  const [withDemo, without] = [await serve(join(dist, 'demo.json')), await serve()];
  expect(await (await fetch(`${withDemo}/api/demo`)).json()).toEqual({ demo: true });
  expect((await fetch(`${without}/api/demo`)).status).toBe(404);
  expect((await fetch(`${without}/api/other`)).status).toBe(404);
});
