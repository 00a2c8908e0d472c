/** A night from all that was said of it: whatever order, however often, from however many phones. */
import fc from 'fast-check';
import { samphireYard } from '../../../demo/samphire-yard';
import { doorStates, type Evening } from '../records/evening';
import type { LogEntry } from '../records/sighting';
import { nightOn, stampAfter } from './night';

const { place } = samphireYard;

const said = (id: string, at: string, more: Partial<Evening> = {}): Evening => ({
  ...{ id, placeId: place.id, date: '2026-11-20', what: 'evening', told: 'evening', at },
  ...{ doors: [{ opening: 'pop-door', was: 'shut' }], counts: [] },
  ...more,
});

test('nobody said: not known, neither shut nor missed', () => {
  expect(nightOn(place, [], '2026-11-20').state).toBe('not-known');
  const counted = said('a', '2026-11-20T17:00:00Z', { doors: [] });
  expect(nightOn(place, [counted], '2026-11-20').state).toBe('not-known');
});

test('shut in the evening, found open in the morning: missed', () => {
  const evening = said('a', '2026-11-20T17:00:00Z', { by: 'Wim' });
  const morning = said('b', '2026-11-21T07:10:00Z', {
    told: 'morning',
    doors: [{ opening: 'pop-door', was: 'open' }],
  });
  expect(nightOn(place, [evening], '2026-11-20').state).toBe('shut');
  const night = nightOn(place, [morning, evening], '2026-11-20');
  expect(night).toMatchObject({ state: 'missed', isFoundOpen: true, by: 'Wim' });
  // And put right again.
  const slip = said('c', '2026-11-21T07:12:00Z', { told: 'morning' });
  expect(nightOn(place, [slip, morning, evening], '2026-11-20').state).toBe('shut');
});

test('what is said later stands, also by a clock that went back', () => {
  const first = said('z', '2026-11-20T17:00:00.500Z', {
    doors: [{ opening: 'pop-door', was: 'open' }],
  });
  const night = nightOn(place, [first], '2026-11-20');
  const at = stampAfter(night, new Date('2026-11-20T16:00:00Z'));
  const second = said('a', at);
  expect(nightOn(place, [first, second], '2026-11-20').state).toBe('shut');
  expect(stampAfter(night, new Date('2026-11-20T18:00:00Z'))).toBe('2026-11-20T18:00:00.000Z');
});

test('another night is another night', () => {
  const it = said('a', '2026-11-20T17:00:00Z');
  expect(nightOn(place, [it], '2026-11-21').state).toBe('not-known');
});

const sayings = fc.uniqueArray(
  fc
    .record({
      id: fc.constantFrom('a', 'b', 'c', 'd', 'e', 'f'),
      minute: fc.integer({ min: 0, max: 3 }),
      was: fc.constantFrom(...doorStates),
      told: fc.constantFrom('evening' as const, 'morning' as const),
      least: fc.integer({ min: 0, max: 12 }),
    })
    .map(({ id, minute, was, told, least }) =>
      said(id, `2026-11-20T17:0${minute}:00Z`, {
        told,
        doors: [{ opening: 'pop-door', was }],
        counts: [{ group: 'bantams', least, most: 12 }],
      }),
    ),
  { selector: ({ id }) => id, maxLength: 6 },
);

const known = (log: readonly LogEntry[]) => {
  const { said: _, ...night } = nightOn(place, log, '2026-11-20');
  return night;
};

test('two phones’ sayings give the same night in whatever order they are joined, and said twice are counted once', () => {
  fc.assert(
    fc.property(
      sayings.chain((all) =>
        fc.tuple(fc.constant(all), fc.shuffledSubarray(all, { minLength: all.length })),
      ),
      ([all, shuffled]) => {
        expect(known(shuffled)).toEqual(known(all));
        expect(known([...shuffled, ...all])).toEqual(known(all));
      },
    ),
  );
});
