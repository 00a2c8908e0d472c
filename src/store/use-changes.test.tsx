import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { samphireYard } from '../../demo/samphire-yard';
import { ownMend } from '@/core/mends/own-mend';
import { plannedMend, proposalsFor } from '@/core/mends/propose';
import { weakSpots } from '@/core/mends/spots';
import { applyReadings } from '@/core/records/apply-readings';
import { findBay, findItem } from '@/core/place/find';
import { judge } from '@/core/score/judge';
import { localDay } from './local-day';
import { keepPlace } from './keep-place';
import { loadYard, readYard, type Yard } from './records';
import { storage } from './storage';
import { newId } from './ids';
import { useChanges } from './use-changes';
import { unstamped } from './tests/unstamped';

const { place, walks, mends, sightings } = samphireYard;

async function changes() {
  await storage.clear();
  const client = new QueryClient();
  await keepPlace(client, { place, walks, mends, sightings });
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  return renderHook(() => useChanges(), { wrapper }).result.current;
}

async function stored(): Promise<Yard> {
  const yard = await loadYard();
  if (!yard) throw new Error('no yard');
  return unstamped(yard);
}

function proposal(bayId: string, kind: string) {
  const found = applyReadings(place, walks).place;
  const bay = findBay(found, bayId)?.bay;
  const one =
    bay &&
    weakSpots(found, bay)
      .flatMap(proposalsFor)
      .find(({ mend }) => mend.kind === kind);
  if (!one) throw new Error(`no ${kind}`);
  return one;
}

const reading = (item: string, attribute: 'ground.gap' | 'ground.gapLifted', mm: number) =>
  ({ item, attribute, how: 'measured', value: { is: mm } }) as const;

test('the first reading begins a walk, the next goes on with it, ending it lets a new one begin', async () => {
  const { saveReadings, endWalk } = await changes();
  await saveReadings([reading('w2', 'ground.gap', 5)], 'lap');
  await saveReadings([reading('w2', 'ground.gapLifted', 6)], 'lap');
  const [, walk, ...more] = (await stored()).walks
    .filter(({ kind }) => kind === 'lap')
    .sort((a, b) => a.date.localeCompare(b.date));
  expect(more).toEqual([]);
  expect(walk?.readings).toHaveLength(2);
  await endWalk('lap');
  await saveReadings([reading('w3', 'ground.gap', 5)], 'lap');
  expect((await stored()).walks).toHaveLength(3);
});

test('a mend from planned to held, and the yard with it', async () => {
  const { planMend, moveMend, saveReadings } = await changes();
  const id = await planMend(proposal('n2', 'sill-board'));
  await moveMend(id, 'done');
  expect(judge((await stored()).place, (await stored()).walks).waysIn).toHaveLength(2);
  await saveReadings([reading('n2', 'ground.gap', 6)], 'measure-again');
  expect((await stored()).mends[0]?.state).toBe('done');
  await saveReadings([reading('n2', 'ground.gapLifted', 9)], 'measure-again');
  const after = await stored();
  expect(after.mends[0]?.state).toBe('held');
  expect(after.mends[0]?.history.map(({ state }) => state)).toEqual(['planned', 'done', 'held']);
  expect(judge(after.place, after.walks).waysIn.map(({ id: way }) => way)).toEqual(['h1']);
});

test('a mend taken off the list leaves the place as it was', async () => {
  const { planMend, dropMend } = await changes();
  const id = await planMend(proposal('h1', 'second-fastening'));
  expect((await stored()).place).not.toEqual(place);
  await dropMend(id);
  expect((await stored()).place).toEqual(place);
  expect((await stored()).mends).toEqual([]);
  // A second press finds nothing left to drop.
  await dropMend(id);
  expect((await stored()).place).toEqual(place);
});

test('the day is the keeper’s own, and ids do not repeat', () => {
  expect(localDay(new Date(2026, 0, 5, 23, 59))).toBe('2026-01-05');
  expect(new Set(Array.from({ length: 500 }, () => newId('r'))).size).toBe(500);
});

test('a walk in hand is never ended by beginning another', async () => {
  const { beginWalk, saveReadings } = await changes();
  await beginWalk({ purpose: 'storm', backwards: true });
  await saveReadings([reading('w2', 'ground.gap', 5)], 'lap');
  await beginWalk({ purpose: 'loss' });
  const open = (await stored()).walks.filter(({ ended }) => !ended);
  expect(open).toHaveLength(1);
  expect(open[0]).toMatchObject({ purpose: 'storm', backwards: true });
  expect(open[0]?.readings).toHaveLength(1);
});

test('a stop is put off, put off elsewhere, and taken up', async () => {
  const { beginWalk, putOff } = await changes();
  await beginWalk({});
  const put = async () => (await stored()).walks.find(({ ended }) => !ended)?.putOff;
  await putOff('w2', 'later');
  await putOff('w3', 'another-day');
  await putOff('w2', 'another-day');
  expect(await put()).toEqual([
    { stop: 'w3', to: 'another-day' },
    { stop: 'w2', to: 'another-day' },
  ]);
  await putOff('w3', undefined);
  expect(await put()).toEqual([{ stop: 'w2', to: 'another-day' }]);
});

test('several readings are kept together or not at all', async () => {
  const { saveReadings } = await changes();
  const after = await saveReadings(
    [reading('w2', 'ground.gap', 5), reading('w2', 'ground.gapLifted', 7)],
    'lap',
  );
  const [walk] = after.walks.filter(({ ended }) => !ended);
  expect(walk?.readings.map(({ attribute }) => attribute)).toEqual([
    'ground.gap',
    'ground.gapLifted',
  ]);
  // In the database they stand in the order of their keys.
  const { walks: kept } = await stored();
  expect(kept).toHaveLength(after.walks.length);
  expect(kept).toEqual(expect.arrayContaining([...unstamped(after).walks]));
});

test('a clock that was set back a year loses no order: the new reading is the one that counts', async () => {
  const { saveReadings } = await changes();
  await saveReadings([reading('n2', 'ground.gap', 80)], 'lap');
  jest.useFakeTimers({
    now: new Date('2020-01-01T09:00:00Z'),
    doNotFake: ['queueMicrotask', 'setTimeout', 'setImmediate', 'nextTick'],
  });
  try {
    await saveReadings([reading('n2', 'ground.gap', 3)], 'measure-again');
  } finally {
    jest.useRealTimers();
  }
  const { place: kept, walks: walked } = await stored();
  const found = applyReadings(kept, walked).place;
  expect(findBay(found, 'n2')?.bay.ground?.gap).toEqual({ is: 3 });
});

test('a plan goes on the list as one change; what it adds stands ready, and the judgement stays', async () => {
  const { planAll } = await changes();
  const wanted = [proposal('n2', 'sill-board'), proposal('h1', 'second-fastening')].map((it) =>
    plannedMend(place, it, '', ''),
  );
  await planAll(wanted);
  const after = await stored();
  expect(after.mends.map(({ kind, state, history }) => [kind, state, history.length])).toEqual(
    expect.arrayContaining([
      ['sill-board', 'planned', 1],
      ['second-fastening', 'planned', 1],
    ]),
  );
  expect(new Set(after.mends.map(({ id }) => id)).size).toBe(2);
  expect(findItem(after.place, 'nest-lid+second-fastening')?.kind).toBe('latch');
  expect(judge(after.place, after.walks).hold).toEqual(judge(place, walks).hold);
});

test('a plan taken on stays in its order, however its records are named', async () => {
  const { planAll } = await changes();
  const kinds = ['sill-board', 'sill-apron', 'kerb-along'];
  const some = kinds.map((kind) => plannedMend(place, proposal('n2', kind), '', ''));
  for (const wanted of [some, [...some].reverse()]) {
    await storage.clear();
    await keepPlace(new QueryClient(), { place, walks, mends: [], sightings });
    await planAll(wanted.map((mend, at) => ({ ...mend, id: `m${9 - at}` })));
    // As the next start of the browser reads them.
    const kept = await readYard(place.id);
    expect(kept?.mends.map(({ kind }) => kind)).toEqual(wanted.map(({ kind }) => kind));
  }
});

test('a mend of one’s own is kept as one that might be made, and can be taken away again', async () => {
  const { addOwnMend, dropMend } = await changes();
  const own = { name: 'Kerbstones', cents: 300, minutes: 20 };
  const { weak } = proposal('n2', 'sill-board');
  await addOwnMend(ownMend(place, weak, own, 10));
  const [kept] = (await stored()).mends;
  expect(kept).toMatchObject({ kind: 'own', state: 'open', own, stops: weak.letsBy });
  expect(kept?.targets.map(({ value }) => value)).toEqual([{ atMost: 10 }, { atMost: 10 }]);
  await dropMend(kept?.id ?? '');
  expect((await stored()).mends).toEqual([]);
});
