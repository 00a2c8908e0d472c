import fc from 'fast-check';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { randomPlace } from '../tests/random-place';
import { animalVerdict, findsThemInTheOpen } from './animal-verdict';
import { judge } from './judge';

test.each([
  [false, 0, 0, 'away'],
  [true, null, null, 'holds'],
  [true, null, 12, 'not-known'],
  [true, 0, 0, 'open'],
] as const)('about: %p, minutes %p to %p: %s', (about, best, worst, verdict) => {
  const said = animalVerdict({ about, minutes: { best, worst } });
  if (verdict === 'holds' || verdict === 'open') expect(['away', 'not-known']).not.toContain(said);
  else expect(said).toBe(verdict);
});

test('an animal that is kept out and one that walks in are never called the same', () => {
  const kept = animalVerdict({ about: true, minutes: { best: null, worst: null } });
  const open = animalVerdict({ about: true, minutes: { best: 0, worst: 0 } });
  expect(kept).not.toBe(open);
});

test('birds that range are found in the open, and by no animal that is not about', () => {
  const ranging = judge(tamarackBank.place, tamarackBank.walks, {
    scenario: 'ranging',
    date: '2026-11-26',
  });
  const finders = ranging.animals.filter(findsThemInTheOpen);
  expect(finders.length).toBeGreaterThan(0);
  for (const { about, route } of finders) {
    expect(about).toBe(true);
    expect(route).toBeUndefined();
  }
  const night = judge(tamarackBank.place, tamarackBank.walks, { date: '2026-11-26' });
  expect(night.animals.some(findsThemInTheOpen)).toBe(false);
});

test('over random places: not known only where reading more could still open it', () => {
  fc.assert(
    fc.property(randomPlace('some'), (place) => {
      for (const animal of judge(place, [], { date: '2026-05-01' }).animals) {
        const verdict = animalVerdict(animal);
        if (verdict !== 'not-known') continue;
        expect(animal.minutes.best).toBeNull();
        expect(animal.minutes.worst).not.toBeNull();
      }
    }),
    { numRuns: 40 },
  );
});

test('where all is read there is nothing that is not known', () => {
  fc.assert(
    fc.property(randomPlace('all'), (place) => {
      const verdicts = judge(place, [], { date: '2026-05-01' }).animals.map(animalVerdict);
      expect(verdicts).not.toContain('not-known');
    }),
    { numRuns: 40 },
  );
});
