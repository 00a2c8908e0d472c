import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import Papa from 'papaparse';
import { samphireYard } from '../../demo/samphire-yard';
import { readDocument } from '../../src/core/devices/read-document';
import { byUtc } from '../../src/core/devices/read-instant';
import { guessed, readRows } from '../../src/core/devices/read-table';
import { listen, type Listening } from '../listen';
import { minutesInWeek, played } from './scripted-week';

const dist = mkdtempSync(join(tmpdir(), 'rookle-dist-'));
writeFileSync(join(dist, 'index.html'), '<p>shell</p>');
const begins = '2026-11-22T00:00:00.000Z';
const now = '2026-11-30T00:00:00.000Z';

let server: Listening;
beforeEach(async () => {
  server = await listen({ dist, demos: [resolve('demo/samphire-yard.json')] });
});
afterEach(() => server.close());

const get = (path: string) => fetch(`${server.address}/api/devices${path}`);

async function documentOf(id: string, part = '') {
  const read = readDocument(await (await get(`/${id}?begins=${begins}${part}`)).text(), now);
  if (!read || 'problem' in read) throw new Error('no document');
  return read;
}

test('what is played is what the format says: every reading is read, of the monitor one a minute but for what it missed', async () => {
  expect(await (await get('')).json()).toEqual(played);
  for (const { id, kind } of played) {
    const { device, readings, refused, twice } = await documentOf(id);
    expect([device.kind, refused, twice]).toEqual([kind, [], 0]);
    expect(readings.length).toBe(kind === 'fence-monitor' ? minutesInWeek - 180 : readings.length);
    expect(readings.length).toBeGreaterThan(9);
    expect(readings.map(({ at }) => at)).toEqual(readings.map(({ at }) => at).sort());
  }
});

test('the table says the same as the document, as any other table is read', async () => {
  for (const { id } of played) {
    const text = await (await get(`/${id}.csv?begins=${begins}`)).text();
    const [head = [], ...rows] = Papa.parse<string[]>(text.trim()).data;
    const reading = guessed(head, rows);
    if (!reading) throw new Error('nothing was guessed');
    const { readings, refused } = readRows({
      rows,
      reading,
      place: samphireYard.place,
      toUtc: byUtc,
      now,
    });
    expect(refused).toEqual([]);
    expect(readings).toEqual((await documentOf(id)).readings);
  }
});

test('parts of the week one after the other are the week, whoever asks for what between', async () => {
  const days = Array.from({ length: 7 }, (_, day) => `&from=${day * 1440}&to=${(day + 1) * 1440}`);
  for (const { id } of played) {
    const parts = [];
    for (const part of days) {
      parts.push(...(await documentOf(id, part)).readings);
      await documentOf('camera');
    }
    expect(parts).toEqual((await documentOf(id)).readings);
  }
});

test.each([
  '/other?begins=2026-11-22T00:00:00Z',
  '/monitor',
  '/monitor?begins=yesterday',
  '/monitor?begins=9999-99-99T99:99:99Z',
  '/monitor?begins=2026-11-22T00:00:00Z&from=-1',
  '/monitor?begins=2026-11-22T00:00:00Z&to=10081',
  '/monitor?begins=2026-11-22T00:00:00Z&from=9&to=8',
  '/monitor?begins=2026-11-22T00:00:00Z&from=1&from=2',
  '/monitor.csv?begins=2026-11-22T00:00:00Z&to=1e9',
])('%s is refused in a line', async (path) => {
  const answer = await get(path);
  expect(answer.status).toBe(400);
  expect((await answer.text()).split('\n')).toHaveLength(1);
  expect(answer.headers.get('x-content-type-options')).toBe('nosniff');
});

test('five hundred at once are each answered with their own part; more than a minute’s fill is turned away', async () => {
  const hour = (index: number) => (index % 160) * 60;
  const answers = await Promise.all(
    Array.from({ length: 500 }, async (_, index) => {
      const from = hour(index);
      const answer = await get(`/monitor?begins=${begins}&from=${from}&to=${from + 1}`);
      const { readings } = (await answer.json()) as { readings: { at: string }[] };
      return [answer.status, readings[0]?.at ?? 'none'] as const;
    }),
  );
  answers.forEach(([status, at], index) => {
    const isSilent = hour(index) >= 51 * 60 && hour(index) < 54 * 60;
    const expected = new Date(Date.parse(begins) + hour(index) * 60_000).toISOString();
    expect([status, at]).toEqual([200, isSilent ? 'none' : expected]);
  });
  const more = await Promise.all(Array.from({ length: 150 }, () => get('')));
  expect(more.map(({ status }) => status)).toContain(429);
});

test('a server without demo places plays nothing', async () => {
  const bare = await listen({ dist });
  expect((await fetch(`${bare.address}/api/devices`)).status).toBe(404);
  bare.close();
});
