import type { FenceTest, FenceTestMade } from '../records/fence-test';
import { pathOf } from '../tests/fenced';
import { searchOnRecord, evidenceOf } from './search-on-record';

const entry = (minute: number, search: string, made: FenceTestMade): FenceTest => ({
  id: `t${minute}`,
  placeId: 'p',
  date: '2026-11-29',
  what: 'fence-test',
  at: `2026-11-29T10:${String(minute).padStart(2, '0')}:00Z`,
  search,
  made,
});

const now = Date.parse('2026-11-29T11:00:00Z');
const path = pathOf({ bays: 5, round: 8 });

test('tests of one search are taken in the order in which they were made, from whatever tab they came', () => {
  const log = [
    entry(7, 's', { by: 'open', before: 'b3', volts: 3 }),
    entry(5, 's', { by: 'read', bay: 'b1', volts: 3.1 }),
  ];
  const record = searchOnRecord(log, now);
  expect(record?.id).toBe('s');
  expect(evidenceOf(path, record?.tests ?? [])).toEqual([
    { test: { kind: 'read', at: 1 }, volts: 3.1 },
    { test: { kind: 'open', into: 3 }, volts: 3 },
  ]);
});

test('a search that has been ended is over, and the next has its own tests', () => {
  const ended = [
    entry(1, 's', { by: 'read', bay: 'b1', volts: 3 }),
    entry(2, 's', { by: 'found', bay: 'b2', touched: 'mesh' }),
  ];
  expect(searchOnRecord(ended, now)).toBeUndefined();
  const next = searchOnRecord([...ended, entry(9, 'u', { by: 'read', bay: 'b4', volts: 2 })], now);
  expect(next).toMatchObject({ id: 'u' });
  expect(next?.tests).toHaveLength(1);
});

test('a bay that is no longer on the line says nothing', () => {
  expect(evidenceOf(path, [entry(1, 's', { by: 'read', bay: 'gone', volts: 3 })])).toEqual([]);
});

test('a bay that was looked at and found clear is told as that', () => {
  expect(evidenceOf(path, [entry(1, 's', { by: 'clear', bay: 'b2' })])).toEqual([{ clear: 2 }]);
});

test('a search left alone for two days is over', () => {
  const log = [entry(1, 's', { by: 'read', bay: 'b1', volts: 3 })];
  expect(searchOnRecord(log, now)).toBeDefined();
  expect(searchOnRecord(log, now + 48 * 3_600_000)).toBeUndefined();
});
