/** Over random places: what a walk asks, whatever the place, and what becomes of answers. */
import fc from 'fast-check';
import { applyReadings } from '../records/apply-readings';
import { attributes, isCheck } from '../attributes';
import type { Place } from '../place/place';
import type { Reading, Walk } from '../records/walk';
import { judge } from '../score/judge';
import { randomPlace } from '../tests/random-place';
import { lastingHere } from './as-last-time';
import { outcomeOf } from './outcome';
import { weakBays } from './purposes';
import { questionsOf, type Question } from './questions';
import { restSameAsLast } from './same-as';
import { stopsOf, type Course } from './stops';
import { often } from '../tests/often';

const day = '2026-11-26';
const runs = { numRuns: often(30) };

const asked = (place: Place, course: Course = {}) =>
  stopsOf(applyReadings(place, []), course, day).stops.flatMap(({ questions }) => questions);

/** An answer that the attribute allows. */
function answerTo({ item, attribute }: Question, index: number): Reading {
  const kind = attributes[attribute];
  const value =
    kind.value === 'choice'
      ? { is: kind.choices[index % kind.choices.length] ?? '' }
      : { is: Math.min(5, kind.limits[1]) };
  const at = new Date(Date.UTC(2026, 10, 26, 9, 0, index)).toISOString();
  return { id: `r${index}`, item, attribute, at, how: 'measured', value };
}

const walkWith = (readings: Reading[]): Walk => ({
  id: 'walk',
  placeId: 'any',
  date: day,
  kind: 'lap',
  ended: false,
  readings,
});

test('every judged question is asked once, in one stop', () => {
  fc.assert(
    fc.property(randomPlace('some'), (place) => {
      const ids = asked(place).map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      for (const { id } of questionsOf(place)) expect(ids).toContain(id);
    }),
    runs,
  );
});

test('a short walk asks no more than the whole, and a stop that is put off is put off whole', () => {
  fc.assert(
    fc.property(
      randomPlace('some'),
      fc.constantFrom('weak', 'storm', 'loss', 'moved'),
      fc.nat(),
      (place, purpose, nth) => {
        const { waysIn, slowWays } = judge(place, []);
        const bays = weakBays(place, [...waysIn, ...slowWays]);
        const part = asked(place, { purpose, bays });
        const whole = new Set(asked(place).map(({ id }) => id));
        expect(part.every(({ id }) => whole.has(id))).toBe(true);
        const found = applyReadings(place, []);
        const { stops } = stopsOf(found, {}, day);
        const put = stops[nth % stops.length]?.id ?? '';
        const without = stopsOf(found, { putOff: [{ stop: put, to: 'another-day' }] }, day);
        const both = [...without.stops, ...without.anotherDay].map(({ id }) => id);
        expect(both.sort()).toEqual(stops.map(({ id }) => id).sort());
        expect(without.stops.some(({ id }) => id === put)).toBe(false);
      },
    ),
    runs,
  );
});

test('going round, answering what is asked next, ends with nothing left to ask', () => {
  fc.assert(
    fc.property(randomPlace('some'), (place) => {
      let readings: Reading[] = [];
      const open = () => {
        const walk = walkWith(readings);
        const { stops } = stopsOf(applyReadings(place, [walk]), {}, day);
        return outcomeOf(walk, [walk], { stops, anotherDay: [] }).notLookedAt[0]?.questions[0];
      };
      // An answer may raise questions (soil that can be dug), but only so many.
      for (let next = open(); next; next = open()) {
        expect(readings.length).toBeLessThan(400);
        readings = [...readings, answerTo(next, readings.length)];
      }
      expect(readings.length).toBeGreaterThan(0);
    }),
    { numRuns: 25 },
  );
}, 120_000);

test('what is answered in one tap answers only what this walk has not asked, and is read again as it stands', () => {
  fc.assert(
    fc.property(randomPlace('some'), (place) => {
      const { stops } = stopsOf(applyReadings(place, []), {}, day);
      const [first] = stops.flatMap(({ questions }) => questions);
      if (!first) return;
      const walk = walkWith([answerTo(first, 0)]);
      for (const stop of stops) {
        const offered = [
          ...lastingHere(stop, walk),
          ...restSameAsLast(place, stops, walk, stop).map(({ question }) => question),
        ];
        for (const { id } of offered) expect(id).not.toBe(first.id);
        for (const { known, attribute } of lastingHere(stop, walk)) {
          expect(known).toBeDefined();
          expect(isCheck(attribute)).toBe(false);
        }
      }
    }),
    runs,
  );
});
