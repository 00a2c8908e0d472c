import type { Mend, MendState } from '@/core/records/mend';
import type { ListedMend } from './filters';
import { mendOrders, sortedBy } from './sorted';

const mend = (
  id: string,
  state: MendState,
  due?: string,
  planned: readonly string[] = [],
): Mend => ({
  id,
  placeId: 'p',
  kind: 'sill-board',
  bay: 'n2',
  spot: { kind: 'ground', item: 'n2' },
  targets: [],
  stops: [],
  state,
  history: planned.map((at) => ({ state: 'planned', at })),
  ...(due !== undefined && { due }),
});

const listed: readonly ListedMend[] = [
  {
    mend: mend('a', 'held', '2026-01-01', ['2025-03-01T10:00:00Z', '2026-03-01T10:00:00.002Z']),
    at: 2,
    side: 'n',
    planned: { cents: 500, minutes: 90 },
  },
  {
    mend: mend('b', 'open', undefined, ['2026-03-01T10:00:00.001Z']),
    at: 1,
    side: 'n',
    planned: { cents: 900, minutes: 10 },
  },
  {
    mend: mend('c', 'planned', '2026-05-01', ['2026-03-01T10:00:00.000Z']),
    at: 3,
    side: 'e',
    planned: undefined,
  },
  { mend: mend('d', 'open', '2026-04-01'), at: 1, side: 'n', planned: { cents: 100, minutes: 90 } },
];

test.each([
  ['lap', 'bdac'],
  // What was never planned comes last; one that was planned again stands where it was put then.
  ['planned', 'cbad'],
  ['state', 'bdca'],
  ['money', 'dabc'],
  ['work', 'badc'],
  // What holds is due no more.
  ['due', 'dcab'],
] as const)('by %s', (order, ids) => {
  const sorted = sortedBy(listed, order).map((it) => it.mend.id);
  expect(sorted.join('')).toBe(ids);
});

test('nothing is lost, whatever the order', () => {
  for (const order of mendOrders) expect(sortedBy(listed, order)).toHaveLength(listed.length);
});
