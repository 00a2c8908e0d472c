/** Shopping, prices, records and ages in words and tables. */
import { csvOf } from '@/core/formats/csv';
import type { Table } from '@/core/formats/table';
import Papa from 'papaparse';
import { samphireYard } from '../../demo/samphire-yard';
import { firstShop } from '@/core/mends/shopping/shop';
import { shoppingList } from '@/core/mends/shopping/shopping-list';
import { applyReadings } from '@/core/records/apply-readings';
import { currencyOf, withCurrency } from '@/core/place/currency';
import type { Mend } from '@/core/records/mend';
import type { Walk } from '@/core/records/walk';
import { aMend } from '@/core/tests/a-mend';
import { failureWords } from './ageing-words';
import { dueWords } from './day-words';
import { moneyOfPlan, moneyWords } from './plan-words';
import { pricesTable } from './price-words';
import { eventWords, mendsTable, readingsTable } from './record-words';
import {
  forWhat,
  pieceWords,
  shoppingTable,
  shoppingText,
  sizeWords,
  soldWords,
} from './shop-words';

const { place, walks } = samphireYard;
const found = applyReadings(place, walks).place;

const board = (bay: string): Mend => aMend('sill-board', bay, { id: `board ${bay}` });
const own: Mend = {
  ...board('n3'),
  id: 'own',
  kind: 'own',
  own: { name: '=Old kerbstones', cents: 350, minutes: 10 },
};
const mends = [board('n1'), board('n2'), own];
const list = shoppingList(found, mends, firstShop(place));
const rows = (table: Table): Record<string, string>[] =>
  Papa.parse<Record<string, string>>(csvOf(table), { header: true, skipEmptyLines: true }).data;

test.each([
  [{ form: 'sheet', width: 600, length: 5000 }, 'roll 0.6 m × 5.0 m', 'roll 2 ft × 16 ft 5 in'],
  [{ form: 'bar', length: 2400 }, '2.4 m', '7 ft 10 in'],
  [{ form: 'pack', count: 100 }, 'pack of 100', 'pack of 100'],
  [{ form: 'pack', count: 1 }, '', ''],
  [{ form: 'slab', length: 450, width: 450 }, '450 mm × 450 mm', '17 11/16 in × 17 11/16 in'],
  [{ form: 'coil', length: 50_000 }, 'coil of 50.0 m', 'coil of 164 ft 1 in'],
] as const)('the size %j', (size, metric, imperial) => {
  expect(sizeWords({ units: 'metric' }, size)).toBe(metric);
  expect(sizeWords({ units: 'imperial' }, size)).toBe(imperial);
});

test('what one thing is for, and a piece', () => {
  expect(soldWords(place, { material: 'padlock', size: { form: 'pack', count: 1 } })).toBe(
    'Padlock',
  );
  expect(forWhat(found, mends, ['board n1', 'board n2'])).toBe(
    'Board along the sill: north 1, north 2',
  );
  expect(pieceWords(place, { length: 1850, width: 1 })).toBe('1850 mm');
  expect(pieceWords(place, { length: 1850, width: 600 })).toBe('1850 mm × 600 mm');
});

test('the list as text ends on the sums, with what is ticked', () => {
  const [line] = list.lines;
  const text = shoppingText(found, mends, list, line ? [line.sold.id] : []);
  expect(text.split('\n')[0]).toBe('Shopping for Samphire Yard');
  expect(text.match(/\[x\]/g)).toHaveLength(1);
  expect(text.match(/\[ \]/g)).toHaveLength(list.lines.length - 1);
  expect(text).toContain(`In all ${moneyWords(place, list.cents)}`);
  expect(text).toContain('=Old kerbstones');
});

test('the list as a table sums to what it says; a name is no formula, a sum stays a number', () => {
  const table = rows(shoppingTable(found, mends, list, []));
  expect(table.reduce((sum, row) => sum + Number(row.Sum), 0)).toBeCloseTo(list.cents / 100, 6);
  expect(table.at(-1)?.What).toMatch(/^'=Old kerbstones/);
  expect(table.at(-1)?.Sum).toBe('3.5');
  expect(Object.keys(table[0] ?? {})).toContain('Price each (EUR)');
});

test('the price book as a table says whose each price is', () => {
  const seen = { ...firstShop(place) };
  const table = rows(
    pricesTable(place, {
      ...seen,
      prices: [
        {
          id: 'board 2400',
          material: 'board',
          size: { form: 'bar', length: 2400 },
          cents: 650,
          seen: '2026-11-20',
        },
      ],
    }),
  );
  const mine = table.filter((row) => row.Whose === 'yours');
  expect(mine).toEqual([
    {
      Material: 'Board',
      Size: '2.4 m',
      'Price (EUR)': '6.5',
      Seen: '2026-11-20',
      Whose: 'yours',
    },
  ]);
  expect(table.length).toBeGreaterThan(60);
});

test('readings as a table: figures in mm, choices in words, what could not be told', () => {
  const walk: Walk = {
    id: 'w',
    placeId: place.id,
    date: '2026-11-20',
    kind: 'lap',
    ended: true,
    readings: [
      {
        id: '1',
        item: 'n2',
        attribute: 'ground.gap',
        at: '2026-11-20T10:00:01Z',
        how: 'measured',
        value: { is: 34 },
        note: '=1+1',
      },
      {
        id: '2',
        item: 'n2',
        attribute: 'ground.gapLifted',
        at: '2026-11-20T10:00:02Z',
        how: 'estimated',
        value: { from: 30, to: 40 },
      },
      {
        id: '3',
        item: 'n2',
        attribute: 'ground.soil',
        at: '2026-11-20T10:00:03Z',
        how: 'measured',
        value: { is: 'rock' },
      },
      {
        id: '4',
        item: 'n2',
        attribute: 'bay.panelPulled',
        at: '2026-11-20T10:00:04Z',
        how: 'measured',
        value: 'cannot-tell',
      },
    ],
  };
  const table = rows(readingsTable(found, [walk], (at) => at.slice(11, 19)));
  expect(table.map((row) => [row.From, row.To, row.Unit])).toEqual([
    ['34', '34', 'mm'],
    ['30', '40', 'mm'],
    ['', '', ''],
    ['', '', ''],
  ]);
  expect(table[0]).toMatchObject({ Note: "'=1+1", Time: '10:00:01' });
  expect(table[2]?.Is).toMatch(/rock/i);
  expect(table[3]?.Is).toBe('cannot tell');
});

test('mends as a table: the day of each state, what was reckoned and what was spent', () => {
  const held: Mend = {
    ...board('n2'),
    state: 'held',
    who: '@neighbour',
    spent: { cents: 920, minutes: 50 },
    history: [
      { state: 'planned', at: '2026-11-01T10:00:00Z' },
      { state: 'done', at: '2026-11-03T10:00:00Z' },
      { state: 'held', at: '2026-11-04T10:00:00Z' },
    ],
  };
  const [row] = rows(mendsTable(found, [held], (at) => at.slice(0, 10)));
  expect(row).toMatchObject({
    Planned: '2026-11-01',
    Bought: '',
    Done: '2026-11-03',
    'Holds since': '2026-11-04',
    Who: "'@neighbour",
    'Spent (EUR)': '9.2',
    'Spent (min)': '50',
    'Reckoned (EUR)': '8.8',
  });
});

test('events of the record', () => {
  const [walk] = walks;
  if (!walk) throw new Error('walked');
  expect(eventWords(found, { date: walk.date, kind: 'walk', walk })).toMatch(/: 193 readings$/);
  const bought = { id: 'p', date: '2026-11-20', mends: ['a'], cents: 1250, cuttings: [] };
  expect(eventWords(found, { date: bought.date, kind: 'bought', purchase: bought })).toBe(
    'Bought for 1 mend: €12.50',
  );
  expect(
    eventWords(found, { date: '2026-11-20', kind: 'mend', mend: board('n2'), state: 'held' }),
  ).toBe('Board along the sill, north 2: holds');
});

test.each([
  ['2026-11-26', 'Due today'],
  ['2026-11-27', 'Due in 1 day, 27 November 2026'],
  ['2026-12-05', 'Due in 9 days, 5 December 2026'],
  ['2026-11-20', 'Due 6 days ago, 20 November 2026'],
])('due %s', (due, words) => {
  expect(dueWords(due, '2026-11-26')).toBe(words);
});

test('what a failure opens', () => {
  expect(failureWords({ opensTo: [], changesNothing: true })).toMatch(/change nothing/);
  expect(failureWords({ opensTo: [], changesNothing: false })).toMatch(/one way more/);
  expect(
    failureWords({
      opensTo: [
        { animal: 'stoat', scenario: 'night-shut' },
        { animal: 'stoat', scenario: 'day-run' },
        { animal: 'goshawk', scenario: 'day-run' },
      ],
      changesNothing: false,
    }),
  ).toBe('Gone, it would let in stoats at night, and goshawks by day.');
});

test('money in the currency of the place', () => {
  const swiss = withCurrency(place, 'CHF');
  expect([moneyWords(place, 1250), moneyWords(swiss, 1250), moneyWords(swiss, 1200)]).toEqual([
    '€12.50',
    'CHF 12.50',
    'CHF 12',
  ]);
  // The region's own is not written down.
  expect(withCurrency(swiss, currencyOf(place)).setting).toEqual(place.setting);
  const money = (cents: number) => moneyWords(place, cents);
  expect(moneyOfPlan({ cents: 100, wholeCents: 250 }, money)).toBe(
    '€2.50 in the shop (€1 by the metre)',
  );
  expect(moneyOfPlan({ cents: 100 }, money)).toBe('€1');
});

test('a mend of one’s own costs what its keeper says', () => {
  expect(list.own).toEqual([{ mend: 'own', cents: 350 }]);
  expect(list.cents).toBe(350 + list.lines.reduce((sum, it) => sum + it.cents, 0));
});
