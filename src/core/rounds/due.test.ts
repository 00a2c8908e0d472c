/** What falls due, on the demo places and on days made for it. */
import fc from 'fast-check';
import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { applyReadings } from '../records/apply-readings';
import type { Mend } from '../records/mend';
import { logEntrySchema, type LogEntry } from '../records/sighting';
import type { Walk } from '../records/walk';
import { daysLater } from '../schema/day';
import { validatorOf } from '../schema/validator';
import { dayOf, dueOf, isDueNow, type Due, type DueIn } from './due';

function at(
  demo: typeof samphireYard | typeof tamarackBank,
  today: string,
  more: Partial<DueIn> = {},
) {
  const { place, walks, mends, sightings } = demo;
  const own = { walks, mends, log: sightings, today, ...more };
  return dueOf({ found: applyReadings(place, own.walks), ...own });
}

const byId = (all: readonly Due[], id: string) => all.find((it) => it.id === id);

const walked = (date: string, purpose?: Walk['purpose']): Walk => ({
  id: `${date}-9`,
  placeId: samphireYard.place.id,
  date,
  kind: 'lap',
  ended: true,
  readings: [],
  ...(purpose && { purpose }),
});

test('where there is no line nothing of it falls due; where there is, it is read weekly (common practice)', () => {
  const kinds = at(samphireYard, '2026-11-26').map(({ of }) => of.kind);
  expect(kinds).not.toContain('line-volts');
  const line = byId(at(tamarackBank, '2026-11-26'), 'line-volts');
  expect(line?.last).toBeDefined();
  expect(line?.day).toBe(daysLater(line?.last ?? '', 7));
});

test('a pull test a month after the last whole or storm walk, whatever else was walked', () => {
  const walks = [walked('2026-08-31'), walked('2026-09-20', 'weak')];
  expect(byId(at(samphireYard, '2026-10-01', { walks }), 'pull-test')).toMatchObject({
    last: '2026-08-31',
    day: '2026-09-30',
  });
  const stormed = [...walks, walked('2026-09-25', 'storm')];
  expect(byId(at(samphireYard, '2026-10-01', { walks: stormed }), 'pull-test')?.day).toBe(
    '2026-10-25',
  );
});

test.each([
  ['2026-08-31', '2027-04-01'],
  ['2026-03-20', '2026-10-01'],
  ['2026-05-01', '2026-10-01'],
  ['2026-10-18', '2027-04-01'],
])('walked whole on %s: the next whole walk is by %s', (date, day) => {
  const due = byId(at(samphireYard, '2026-11-26', { walks: [walked(date)] }), 'whole-walk');
  expect(due?.day).toBe(day);
});

test('never walked: due today', () => {
  const due = at(samphireYard, '2026-11-26', { walks: [] });
  expect(byId(due, 'whole-walk')).toEqual({
    id: 'whole-walk',
    of: { kind: 'whole-walk' },
    day: '2026-11-26',
  });
});

test('a mend is due on its day, to be measured once it is done, and again where it was found open', () => {
  const mend: Mend = {
    id: 'm',
    placeId: 'samphire-yard',
    kind: 'sill-board',
    bay: 'n2',
    spot: { kind: 'ground', item: 'n2' },
    stops: ['stoat'],
    targets: [],
    state: 'planned',
    history: [{ state: 'planned', at: '2026-11-01T10:00:00Z' }],
  };
  const of = (it: Mend) => byId(at(samphireYard, '2026-11-26', { mends: [it] }), 'mend-m');
  expect(of(mend)).toBeUndefined();
  expect(of({ ...mend, due: '2026-12-05' })).toMatchObject({ day: '2026-12-05' });
  const done = {
    ...mend,
    state: 'done' as const,
    history: [{ state: 'done' as const, at: '2026-11-20T10:00:00Z' }],
  };
  expect(of(done)).toMatchObject({ day: '2026-11-20', of: { wants: 'measure' } });
  const open = {
    ...mend,
    state: 'open' as const,
    history: [
      { state: 'held' as const, at: '2026-10-20T10:00:00Z' },
      { state: 'open' as const, at: '2026-11-22T10:00:00Z' },
    ],
  };
  expect(of(open)).toMatchObject({ day: '2026-11-22', of: { wants: 'open' } });
});

test('nights away that nobody covers are named two weeks ahead; covered ones are not', () => {
  const away: LogEntry = {
    id: 'a',
    placeId: 'samphire-yard',
    date: '2026-12-24',
    what: 'away',
    until: '2026-12-27',
  };
  const of = (log: readonly LogEntry[]) => byId(at(samphireYard, '2026-11-26', { log }), 'away-a');
  expect(of([away])?.day).toBe('2026-12-10');
  expect(of([{ ...away, covers: 'the neighbour' }])).toBeUndefined();
});

const round: LogEntry = {
  id: 'r',
  placeId: 'samphire-yard',
  date: '2026-11-20',
  what: 'own-round',
  name: 'Grease the hinges',
  every: 10,
};
const done = (date: string): LogEntry => ({
  id: `d-${date}`,
  placeId: 'samphire-yard',
  date,
  what: 'due-done',
  due: 'own-r',
});
const putOff = (date: string, to: string): LogEntry => ({
  id: `p-${date}`,
  placeId: 'samphire-yard',
  date,
  what: 'due-put-off',
  due: 'own-r',
  to,
  why: 'weather',
});

test('a round of one’s own is due on its first day, then so long after it was done', () => {
  const of = (today: string, log: readonly LogEntry[]) =>
    byId(at(samphireYard, today, { log }), 'own-r');
  expect(of('2026-11-26', [round])?.day).toBe('2026-11-20');
  expect(of('2026-11-26', [round, done('2026-11-22')])).toMatchObject({
    day: '2026-12-02',
    last: '2026-11-22',
  });
});

test('put off it waits; not done by then it is due since its first day; done it is forgotten', () => {
  const of = (today: string, log: readonly LogEntry[]) => {
    const due = byId(at(samphireYard, today, { log }), 'own-r');
    return due && { now: isDueNow(due, today), on: dayOf(due), first: due.day };
  };
  const log = [round, putOff('2026-11-26', '2026-12-03')];
  expect(of('2026-11-26', log)).toEqual({ now: false, on: '2026-12-03', first: '2026-11-20' });
  expect(of('2026-12-03', log)).toEqual({ now: true, on: '2026-11-20', first: '2026-11-20' });
  expect(of('2026-11-28', [...log, done('2026-11-27')])).toEqual({
    now: false,
    on: '2026-12-07',
    first: '2026-12-07',
  });
});

test('what is said of it is kept as the file has it; a day before it was said is refused', () => {
  const schema = validatorOf(logEntrySchema);
  for (const entry of [round, done('2026-11-22'), putOff('2026-11-26', '2026-12-03')]) {
    expect(schema.validateSync(entry, { strict: true })).toEqual(entry);
  }
  expect(() => schema.validateSync(putOff('2026-11-26', '2026-11-26'), { strict: true })).toThrow(
    /after the day it was said/,
  );
});

test('property: the list is in order, each thing once, whatever the day; asked a day later nothing is less due', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 800 }), (ahead) => {
      for (const demo of [samphireYard, tamarackBank]) {
        const [today, next] = [daysLater('2026-10-20', ahead), daysLater('2026-10-21', ahead)];
        const all = at(demo, today);
        const days = all.map(dayOf);
        expect(days).toEqual([...days].sort());
        expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
        const now = new Set(
          at(demo, next)
            .filter((it) => isDueNow(it, next))
            .map(({ id }) => id),
        );
        for (const it of all) {
          // Grass stops growing, boards come off: what ends with its season ends.
          const ends = ['learning', 'mow', 'panels'].includes(it.of.kind);
          if (isDueNow(it, today) && !ends) expect(now.has(it.id)).toBe(true);
        }
      }
    }),
    { numRuns: 30 },
  );
});

test('a clock that ran ahead and was set right again puts nothing off for years', () => {
  const today = '2026-11-26';
  const ahead = tamarackBank.walks.map((walk) => ({ ...walk, date: '2031-05-01' }));
  const dues = at(tamarackBank, today, { walks: ahead });
  const usual = at(tamarackBank, today, {
    walks: tamarackBank.walks.map((walk) => ({ ...walk, date: today })),
  });
  const ofWalks = (all: readonly Due[]) =>
    all
      .filter(({ of }) => /line-volts|battery-volts|whole-walk|pull-test|ageing/.test(of.kind))
      .map(({ id, day, last }) => ({ id, day, last }));
  expect(ofWalks(dues).length).toBeGreaterThan(3);
  expect(ofWalks(dues)).toEqual(ofWalks(usual));
  // What was put off then is due again.
  const put = (date: string): LogEntry => ({
    what: 'due-put-off',
    id: 'put',
    placeId: tamarackBank.place.id,
    date,
    due: 'line-volts',
    to: daysLater(date, 30),
    why: 'weather',
  });
  const lineWith = (date: string) =>
    byId(at(tamarackBank, today, { log: [put(date)] }), 'line-volts');
  expect(lineWith(today)?.putOff).toBeDefined();
  expect(lineWith('2031-05-01')?.putOff).toBeUndefined();
});
