/** From what a device or a spreadsheet wrote to what stands in the log: rows, documents, records, and what is said of them. */
import fc from 'fast-check';
import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import type { Device } from '../place/device';
import { fits } from '../schema/fits';
import { logEntrySchema, type LogEntry } from '../records/sighting';
import { nightOn } from '../nights/night';
import { visitsAYear } from '../score/visits';
import { animals } from '../tables/animals';
import { neededVolts } from '../fence/needed-volts';
import { deviceReadingSchema, type DeviceReading } from './device-reading';
import { newsOf } from './news';
import { readDocument } from './read-document';
import { byUtc } from './read-instant';
import { guessed, readRows } from './read-table';
import { recordsFrom, type Local } from './records-from';
import { seenIn } from './seen-words';

const place = samphireYard.place;
const now = '2026-11-29T12:00:00.000Z';
/** The keeper lives on the meridian. */
const local: Local = (at) => ({
  day: at.slice(0, 10),
  hour: Number(at.slice(11, 13)) + Number(at.slice(14, 16)) / 60,
});
const table = (text: string): string[][] => text.split('\n').map((row) => row.split(';'));

function rowsOf(text: string) {
  const [head = [], ...rows] = table(text);
  const reading = guessed(head, rows);
  if (!reading) throw new Error('nothing was guessed');
  return { reading, ...readRows({ rows, reading, place, toUtc: byUtc, now }) };
}

describe('a table', () => {
  test('of a monitor in volts, day first, is read as such; what is none of it is refused with its row and reason', () => {
    const { reading, readings, refused, twice } = rowsOf(
      [
        'Timestamp;Fence voltage;Battery',
        '23/11/2026 17:05;6800;12,6',
        '23/11/2026 17:06;6750 V;12,6',
        '23/11/2026 17:06;6750 V;12,6',
        ';;',
        '31/11/2026 17:07;6700;12,6',
        '24/12/2026 17:07;6700;12,6',
        '23/11/2026 17:08;n/a;12,6',
        '23/11/2026 17:09;68000;12,6',
      ].join('\n'),
    );
    expect(reading).toMatchObject({ kind: 'fence-monitor', form: 'day-first', voltsIn: 'V' });
    expect(readings).toEqual([
      { kind: 'fence-monitor', at: '2026-11-23T17:05:00.000Z', volts: 6.8, battery: 12.6 },
      { kind: 'fence-monitor', at: '2026-11-23T17:06:00.000Z', volts: 6.75, battery: 12.6 },
    ]);
    expect(twice).toBe(1);
    expect(refused.map(({ row, problem }) => [row, problem])).toEqual([
      [6, 'no-time'],
      [7, 'ahead'],
      [8, 'no-value'],
      [9, 'beyond'],
    ]);
  });

  test('of a door, date and time apart: what failed to close did not close', () => {
    const { reading, readings } = rowsOf(
      'Date;Time;Event;Lux\n2026-11-23;17:05;Door closed;3\n2026-11-24;07:20;Door opened;40\n2026-11-24;17:04;Failed to close: blocked;4',
    );
    expect(reading).toMatchObject({ kind: 'door', columns: { at: 0, time: 1, value: 2, more: 3 } });
    expect(readings.map((it) => it.kind === 'door' && [it.did, it.light])).toEqual([
      ['shut', 3],
      ['opened', 40],
      ['jammed', 4],
    ]);
  });

  test('of a camera: names as people give them, sure in per cent', () => {
    const { readings } = rowsOf(
      'when;species;confidence\n2026-11-23 22:10;Red Fox;93\n2026-11-24 02:10;blank;99%\n2026-11-24 03:00;rat;0.4',
    );
    expect(readings.map((it) => it.kind === 'camera' && [it.saw, it.sure])).toEqual([
      ['red-fox', 0.93],
      ['nothing', 0.99],
      ['norway-rat', 0.4],
    ]);
  });

  test('of which nothing looks like a reading is not guessed at', () => {
    expect(guessed(['name', 'price'], [['roll', '12']])).toBeUndefined();
  });
});

test.each([
  ['fox', 'red-fox'],
  ['American mink', 'american-mink'],
  ['Cat', 'domestic-cat'],
  ['none', 'nothing'],
  ['unidentified', 'unknown'],
  ['person', undefined],
  ['', undefined],
])('“%s” is %s where a red fox is reckoned with', (text, is) => {
  expect(seenIn(text, place)).toBe(is);
});

describe('whatever a file holds', () => {
  const cell = fc.oneof(
    fc.string(),
    fc.constantFrom('2026-11-23 17:05', '6.8', '-1', '1e9', 'NaN', 'shut', 'fox', '99999999999'),
  );
  test('a thousand tables are read, refused row by row or not at all: what is read is what a reading may be', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(
          ['at', 'volts', 'battery'],
          ['date', 'species', 'sure'],
          ['time', 'event', 'lux'],
        ),
        fc.array(fc.array(cell, { maxLength: 4 }), { maxLength: 12 }),
        (head, rows) => {
          const reading = guessed(head, rows);
          if (!reading) return;
          const read = readRows({ rows, reading, place, toUtc: byUtc, now });
          for (const it of read.readings) {
            expect(fits(deviceReadingSchema, it)).toBe(true);
            expect(it.at <= now).toBe(true);
          }
          const blank = rows.filter((row) => row.every((it) => it.trim() === '')).length;
          expect(read.readings.length + read.refused.length + read.twice + blank).toBe(rows.length);
        },
      ),
      { numRuns: 1000 },
    );
  });

  const whole = JSON.stringify({
    format: 'rookle-device',
    version: 1,
    device: { id: 'monitor', kind: 'fence-monitor', name: 'Monitor' },
    readings: [
      { kind: 'fence-monitor', at: '2026-11-23T17:05:00Z', volts: 6.8, battery: 12.6 },
      { kind: 'fence-monitor', at: '2026-11-23T17:06:00Z', volts: 6.7 },
    ],
  });

  test('a thousand mutated documents are read, refused row by row or as a whole, never half', () => {
    fc.assert(
      fc.property(
        fc.nat(whole.length - 1),
        fc.string({ maxLength: 3 }),
        fc.nat(6),
        (at, put, cut) => {
          const read = readDocument(whole.slice(0, at) + put + whole.slice(at + cut), now);
          if (!read || 'problem' in read) return;
          expect(read.readings.every((it) => fits(deviceReadingSchema, it))).toBe(true);
        },
      ),
      { numRuns: 1000 },
    );
  });

  test('a document is refused with what is wrong with it; a row by itself', () => {
    expect(readDocument('at,volts', now)).toBeUndefined();
    expect(readDocument('{"format":"rookle-place"}', now)).toEqual({ problem: 'not-a-device' });
    expect(readDocument(whole.replace('"version":1', '"version":2'), now)).toEqual({
      problem: 'newer-version',
    });
    const read = readDocument(whole.replace('6.7', '"much"').replace('17:05', '17:0x'), now);
    expect(read).toMatchObject({
      readings: [],
      refused: [
        { row: 1, problem: 'no-time' },
        { row: 2, problem: 'beyond' },
      ],
    });
  });
});

describe('what a door did, as evenings', () => {
  const device: Device = { id: 'dev-door', kind: 'door', name: 'Pop door', at: 'pop-door' };
  const did = (at: string, what: 'shut' | 'opened' | 'jammed'): DeviceReading => ({
    kind: 'door',
    at: `2026-11-${at}:00Z`,
    did: what,
  });
  const night = (readings: DeviceReading[], date: string) => {
    const { entries } = recordsFrom(place, [], device, readings, local);
    expect(entries.every((it) => fits(logEntrySchema, it))).toBe(true);
    return nightOn(place, entries, date).doors.get('pop-door');
  };

  test('shut at dusk; opened again in the night; opened in the morning is no more than the morning', () => {
    const shut = [did('23T17:05', 'shut'), did('24T07:20', 'opened')];
    expect(night(shut, '2026-11-23')).toBe('shut');
    expect(night([...shut, did('24T01:00', 'opened')], '2026-11-23')).toBe('open');
  });

  test('jammed, and shut by hand later, is shut; jammed is open until somebody says otherwise', () => {
    expect(night([did('23T17:05', 'jammed')], '2026-11-23')).toBe('jammed');
    expect(night([did('23T17:05', 'jammed'), did('23T18:00', 'shut')], '2026-11-23')).toBe('shut');
  });

  test('opened two mornings with no shutting between, it stood open all night', () => {
    expect(night([did('23T07:20', 'opened'), did('24T07:20', 'opened')], '2026-11-23')).toBe(
      'open',
    );
    // A night begins at noon.
    expect(night([did('23T12:00', 'shut')], '2026-11-23')).toBe('shut');
    expect(night([did('23T11:59', 'shut')], '2026-11-23')).toBeUndefined();
    // Of the first night nobody knows.
    expect(night([did('23T07:20', 'opened')], '2026-11-22')).toBeUndefined();
  });
});

describe('what a camera saw, as the log', () => {
  const device: Device = { id: 'dev-cam', kind: 'camera', name: 'Camera', at: 'n2' };
  const saw = (at: string, what: 'red-fox' | 'unknown' | 'nothing', sure = 1): DeviceReading => ({
    kind: 'camera',
    at: `2026-11-${at}:00Z`,
    saw: what,
    sure,
  });
  const entriesOf = (readings: DeviceReading[]): readonly LogEntry[] =>
    recordsFrom(place, [], device, readings, local).entries;

  test('a fox three times a night is one fox; nights with nothing are counted together', () => {
    const entries = entriesOf([
      saw('20T22:00', 'nothing'),
      saw('21T22:00', 'nothing'),
      saw('22T22:00', 'red-fox'),
      saw('23T02:00', 'red-fox'),
      saw('23T03:00', 'unknown'),
      saw('23T23:00', 'nothing'),
      saw('25T22:00', 'red-fox', 0.3),
    ]);
    expect(entries).toMatchObject([
      { what: 'sighting', date: '2026-11-22', animal: 'red-fox', how: 'camera', bay: 'n2' },
      { what: 'sighting', date: '2026-11-25' },
      { what: 'quiet-camera', date: '2026-11-21', nights: 2 },
      { what: 'quiet-camera', date: '2026-11-23', nights: 1 },
    ]);
    expect(entries[1]).not.toHaveProperty('animal');
    expect(entries.every((it) => fits(logEntrySchema, it))).toBe(true);
  });

  test('visits move by it as by what was typed; read twice, nothing more', () => {
    const seen = [saw('22T22:00', 'red-fox'), saw('24T22:00', 'red-fox')];
    const [once, twice] = [entriesOf(seen), entriesOf([...seen, ...seen])];
    expect(twice).toEqual(once);
    const fox = animals['red-fox'];
    expect(visitsAYear(place, fox, once)).toBeGreaterThan(visitsAYear(place, fox, []));
  });
});

describe('what a monitor read, as days', () => {
  const fenced = tamarackBank.place;
  const device: Device = {
    id: 'dev-mon',
    kind: 'fence-monitor',
    name: 'Monitor',
    at: fenced.fence?.id ?? '',
  };
  const volts = (at: string, kv: number, battery?: number): DeviceReading => ({
    kind: 'fence-monitor',
    at: `2026-11-${at}:00Z`,
    volts: kv,
    ...(battery !== undefined && { battery }),
  });

  test('a week at one a minute is seven records and one reading; the last counts', () => {
    const week = Array.from({ length: 7 * 1440 }, (_, minute) => ({
      kind: 'fence-monitor' as const,
      at: new Date(Date.UTC(2026, 10, 22) + minute * 60_000).toISOString(),
      volts: 6 + (minute % 7) / 10,
    }));
    const { entries, walks } = recordsFrom(fenced, [], device, week, local);
    expect(entries).toHaveLength(7);
    expect(entries.every((it) => fits(logEntrySchema, it))).toBe(true);
    expect(entries[0]).toMatchObject({ least: 6, most: 6.6, readings: 1440 });
    expect(walks.map(({ kind, readings }) => [kind, readings.length])).toEqual([['device', 1]]);
    expect(walks[0]?.readings[0]).toMatchObject({
      attribute: 'fence.volts',
      value: { is: week.at(-1)?.volts },
    });
  });

  test('half a day read now and half later is one day', () => {
    const [early, late] = [volts('23T05:00', 6.5, 12.4), volts('23T15:00', 5.9, 12.6)];
    const first = recordsFrom(fenced, [], device, [early], local).entries;
    const { entries } = recordsFrom(fenced, first, device, [late], local);
    expect(entries).toMatchObject([{ least: 5.9, most: 6.5, last: 5.9, battery: 12.4 }]);
    expect(entries[0]?.id).toBe(first[0]?.id);
  });

  test('too little is news, since when it was; enough again is none; nothing heard is news too', () => {
    const withIt = { ...fenced, devices: [device] };
    const needed = neededVolts(fenced);
    const log = (...readings: DeviceReading[]) =>
      recordsFrom(withIt, [], device, readings, local).entries;
    const fell = [
      volts('27T20:00', needed + 1),
      volts('27T23:00', needed - 1),
      volts('28T08:00', needed - 2),
    ];
    expect(newsOf(withIt, log(...fell), '2026-11-28')).toMatchObject([
      { news: 'low', volts: needed - 2, since: '2026-11-27T23:00:00Z' },
    ]);
    expect(newsOf(withIt, log(...fell, volts('28T09:00', needed + 1)), '2026-11-28')).toEqual([]);
    expect(newsOf(withIt, log(...fell), '2026-12-03')).toMatchObject([{ news: 'silent' }]);
  });
});
