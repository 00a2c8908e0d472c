import fc from 'fast-check';
import { inDays } from './days';

const minutes = fc.array(fc.integer({ min: 0, max: 300 }), { maxLength: 20 });

test('days keep the order, leave nothing out, and none is longer than a day but for one long job', () => {
  fc.assert(
    fc.property(minutes, fc.integer({ min: 30, max: 480 }), (all, day) => {
      const jobs = all.map((it, id) => ({ id, minutes: it }));
      const days = inDays(jobs, day);
      expect(days.flat()).toEqual(jobs);
      for (const [at, own] of days.entries()) {
        const sum = own.reduce((total, it) => total + it.minutes, 0);
        const first = own[0]?.minutes ?? 0;
        expect(sum <= day || (first > day && sum === first)).toBe(true);
        // Nothing waits for the next day that would have gone into this one.
        const next = days[at + 1]?.[0]?.minutes;
        if (next !== undefined) expect(sum + next).toBeGreaterThan(day);
      }
    }),
  );
});

test('three jobs of an hour and a half in days of three hours', () => {
  const jobs = [90, 90, 90].map((it) => ({ minutes: it }));
  expect(inDays(jobs, 180).map((day) => day.length)).toEqual([2, 1]);
});
