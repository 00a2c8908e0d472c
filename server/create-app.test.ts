import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from './create-app';

const dist = mkdtempSync(join(tmpdir(), 'rookle-dist-'));
mkdirSync(join(dist, '_expo'));
writeFileSync(join(dist, 'index.html'), '<p>shell</p>');
writeFileSync(join(dist, '_expo', 'a-123.js'), 'x');
writeFileSync(join(dist, 'demo.json'), '{"demo":true}');

const servers: Server[] = [];

async function serve(demo?: string): Promise<string> {
  const app = createApp({ dist, ...(demo && { demo }) });
  const server = await new Promise<Server>((ready) => {
    const listening = app.listen(0, '127.0.0.1', () => ready(listening));
  });
  servers.push(server);
  return `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
}

afterAll(() => servers.forEach((server) => server.close()));

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
