import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { applyReadings } from '../records/apply-readings';
import type { DueDone } from '../records/due-said';
import type { LogEntry } from '../records/sighting';
import type { Walk } from '../records/walk';
import type { Weather } from '../records/weather';
import { grassGrowth, mownHeight } from '../tables/fence-ground';
import { seasonDue } from './season-due';

const yard = samphireYard.place;

const due = (
  today: string,
  log: readonly LogEntry[] = [],
  walks: readonly Walk[] = [],
  place = yard,
) => seasonDue({ found: applyReadings(place, walks), walks, log, today });

const done = (of: string, date: string): DueDone => ({
  id: `done-${date}`,
  placeId: yard.id,
  date,
  what: 'due-done',
  due: of,
});

const walk = (date: string, more: Partial<Walk>): Walk => ({
  id: date,
  placeId: yard.id,
  date,
  kind: 'lap',
  ended: true,
  readings: [],
  ...more,
});

describe('the demo’s winter board, on from November to the end of March', () => {
  const [on, off] = ['panels-on-11-01-03-31', 'panels-off-11-01-03-31'];
  const days = (today: string, log: LogEntry[] = [], walks: Walk[] = []) => {
    const all = due(today, log, walks).filter(({ of }) => of.kind === 'panels');
    return Object.fromEntries(all.map(({ id, day }) => [id, day]));
  };

  test('goes on and comes off on its days; what was not done stays due until the other season', () => {
    expect(days('2026-10-10')).toEqual({ [on]: '2026-11-01', [off]: '2027-04-01' });
    expect(days('2026-11-26')).toMatchObject({ [on]: '2026-11-01' });
    expect(days('2027-03-31')).toEqual({ [on]: '2026-11-01', [off]: '2027-04-01' });
    // From the day on which they come off nobody is asked to put them on, and the other way round.
    expect(days('2027-04-01')).toEqual({ [on]: '2027-11-01', [off]: '2027-04-01' });
    expect(days('2027-09-30')).toEqual({ [on]: '2027-11-01', [off]: '2027-04-01' });
    expect(days('2027-11-01')).toEqual({ [on]: '2027-11-01', [off]: '2028-04-01' });
  });

  test('done, early or late, it is due again a year on', () => {
    expect(days('2026-11-26', [done(on, '2026-11-20')])).toMatchObject({ [on]: '2027-11-01' });
    expect(days('2026-10-10', [done(on, '2026-10-05')])).toMatchObject({ [on]: '2027-11-01' });
    // A year ago is not this year.
    expect(days('2026-11-26', [done(on, '2025-11-02')])).toMatchObject({ [on]: '2026-11-01' });
  });

  test('seen to be on by a walk it is done as well', () => {
    const seen = (value: string): Walk =>
      walk('2026-11-10', {
        readings: [
          {
            id: 'r',
            item: 'w3-board',
            attribute: 'check.dressed',
            at: '2026-11-10T10:00:00Z',
            how: 'measured',
            value: { is: value },
          },
        ],
      });
    expect(days('2026-11-26', [], [seen('on')])).toMatchObject({ [on]: '2027-11-01' });
    expect(days('2026-11-26', [], [seen('off')])).toMatchObject({ [on]: '2026-11-01' });
  });
});

describe('mowing under the demo’s line', () => {
  const fenced = tamarackBank.place;
  const mow = (today: string, log: LogEntry[] = []) =>
    due(today, log, tamarackBank.walks, fenced).find(({ of }) => of.kind === 'mow')?.day;

  test('is due on the day on which the table’s growth comes up to the lowest wire', () => {
    const since = '2026-05-01';
    const day = mow('2026-05-02', [done('mow', since)]) ?? '';
    const lowest = Math.min(
      ...tamarackBank.walks
        .flatMap(({ readings }) => readings)
        .flatMap(({ attribute, value }) =>
          attribute === 'strand.height' && value !== 'cannot-tell' && 'is' in value
            ? Number(value.is)
            : [],
        ),
    );
    // By hand, day after day.
    let height = mownHeight.value;
    let date = Date.parse(`${since}T12:00:00Z`);
    while (height < lowest) {
      date += 86_400_000;
      height += grassGrowth[new Date(date).getUTCMonth()]?.value ?? 0;
    }
    expect(day).toBe(new Date(date).toISOString().slice(0, 10));
  });

  test('who never said when they mow is told of it while grass grows, and not in winter', () => {
    expect(mow('2026-06-20')).toBeDefined();
    expect(mow('2026-11-26')).toBeUndefined();
  });

  test('mown later it is due later; where no wire is strung it is never', () => {
    expect(
      mow('2026-06-01', [done('mow', '2026-06-01')])! >
        mow('2026-06-01', [done('mow', '2026-05-01')])!,
    ).toBe(true);
    expect(due('2026-06-01').map(({ of }) => of.kind)).not.toContain('mow');
  });
});

test('a storm asks for a look round until a walk was for it; snow to be dug out until somebody says so, or for a month', () => {
  const weather = (kind: Weather['weather'], date: string): Weather => ({
    id: `${kind}-${date}`,
    placeId: yard.id,
    date,
    what: 'weather',
    weather: kind,
  });
  const asked = (log: LogEntry[], walks: Walk[] = []) =>
    due('2026-11-26', log, walks).flatMap(({ of, day }) => (of.kind === 'weather' ? [day] : []));
  const storms = [weather('storm', '2026-11-01'), weather('storm', '2026-11-20')];
  expect(asked(storms)).toEqual(['2026-11-20']);
  expect(asked(storms, [walk('2026-11-21', { purpose: 'storm' })])).toEqual([]);
  expect(asked(storms, [walk('2026-11-21', { purpose: 'weak' })])).toEqual(['2026-11-20']);
  expect(asked(storms, [walk('2026-11-21', { ended: false })])).toEqual(['2026-11-20']);
  const snow = weather('snow', '2026-11-22');
  expect(asked([snow])).toEqual(['2026-11-22']);
  expect(asked([snow, done(`weather-${snow.id}`, '2026-11-23')])).toEqual([]);
  // In November nobody digs out the snow of last winter; its storm is still to be looked round after.
  expect(asked([weather('snow', '2026-10-27')])).toEqual(['2026-10-27']);
  expect(asked([weather('snow', '2026-10-26')])).toEqual([]);
  expect(asked([weather('snow', '2026-03-03')])).toEqual([]);
  expect(asked([weather('storm', '2026-03-03')])).toEqual(['2026-03-03']);
});
