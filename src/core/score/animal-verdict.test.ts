import fc from 'fast-check';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { randomPlace } from '../tests/random-place';
import { animalVerdict, findsThemInTheOpen } from './animal-verdict';
import { judge } from './judge';

test.each([
  ['other-hours', 0, 0, 'other-hours'],
  ['other-season', 0, 0, 'other-season'],
  ['about', null, null, 'holds'],
  ['about', null, 12, 'not-known'],
  ['about', 0, 0, 'open'],
] as const)('%s, minutes %p to %p: %s', (presence, best, worst, verdict) => {
  expect(animalVerdict({ presence, minutes: { best, worst } })).toBe(verdict);
});

test('an animal that is kept out and one that walks in are never called the same', () => {
  const kept = animalVerdict({ presence: 'about', minutes: { best: null, worst: null } });
  const open = animalVerdict({ presence: 'about', minutes: { best: 0, worst: 0 } });
  expect(kept).not.toBe(open);
});

test('birds that range are found in the open, and by no animal that is not about', () => {
  const ranging = judge(tamarackBank.place, tamarackBank.walks, {
    scenario: 'ranging',
    date: '2026-11-26',
  });
  const finders = ranging.animals.filter(findsThemInTheOpen);
  expect(finders.length).toBeGreaterThan(0);
  for (const { presence, route } of finders) {
    expect(presence).toBe('about');
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
