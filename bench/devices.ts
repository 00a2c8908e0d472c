/** A week of a monitor at a reading a minute, from the text of its table to records; and what its days cost a place that is judged. */
import Papa from 'papaparse';
import { tamarackBank } from '../demo/tamarack-bank';
import { byUtc } from '../src/core/devices/read-instant';
import { guessed, readRows } from '../src/core/devices/read-table';
import { recordsFrom } from '../src/core/devices/records-from';
import { judge } from '../src/core/score/judge';

export interface DevicesCost {
  readonly readings: number;
  /** From text to records, ms. */
  readonly weekMs: number;
  /** Judging the place with ten years of such days in its log, in times of judging it without. */
  readonly judgedTimes: number;
}

const minutes = 7 * 1440;

export function devicesCost(): DevicesCost {
  const { place, walks } = tamarackBank;
  const device = { id: 'mon', kind: 'fence-monitor' as const, name: 'Monitor' };
  const stamp = (minute: number) => new Date(Date.UTC(2026, 4, 1) + minute * 60_000).toISOString();
  const rows = Array.from({ length: minutes }, (_, it) => `${stamp(it)},${6 + (it % 9) / 10},12.6`);
  const text = ['at,volts,battery', ...rows].join('\r\n');
  const local = (at: string) => ({ day: at.slice(0, 10), hour: Number(at.slice(11, 13)) });
  const since = performance.now();
  const [head = [], ...cells] = Papa.parse<string[]>(text).data;
  const reading = guessed(head, cells.slice(0, 500));
  if (!reading) throw new Error('the table is one');
  const now = '2026-11-26T00:00:00Z';
  const { readings } = readRows({ rows: cells, reading, place, toUtc: byUtc, now });
  const { entries } = recordsFrom(place, [], device, readings, local);
  const weekMs = Math.round(performance.now() - since);
  const [day] = entries;
  if (!day) throw new Error('a week has days');
  const years = Array.from({ length: 3650 }, (_, at) => ({
    ...day,
    id: `mon-${at}`,
    date: new Date(Date.UTC(2016, 4, 1 + at)).toISOString().slice(0, 10),
  }));
  const took = (log: typeof entries): number => {
    const times = Array.from({ length: 15 }, () => {
      const begun = performance.now();
      judge(structuredClone(place), walks, { log: [...log] });
      return performance.now() - begun;
    });
    return times.sort((a, b) => a - b)[7] ?? 0;
  };
  took([]);
  return {
    readings: readings.length,
    weekMs,
    judgedTimes: Math.round((took(years) / took([])) * 100) / 100,
  };
}
