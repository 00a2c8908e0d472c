/** Who it was at places built for it: by their own ways, as they stood that night. */
import { samphireYard } from '../../../demo/samphire-yard';
import { outside, type Place } from '../place/place';
import type { Evening } from '../records/evening';
import type { Sign } from '../records/found-signs';
import { penPlace, type Pen } from '../tests/one-pen';
import type { AnimalId } from '../tables/animals';
import { inquire } from './inquiry';
import { kindOf, questionsFor, signsOfCount } from './questions';
import { suspicionsOf, takesAtLeast } from './suspicions';

const date = '2026-11-20';
const gone = { gone: 1, dead: 0, hurt: 0 };

const at = (lives: readonly AnimalId[], pen: Pen, signs: readonly Sign[] = []) => {
  const place = penPlace(lives, pen);
  const suspicions = suspicionsOf(place, [], [], { date, ...gone });
  const kind = kindOf(place, undefined);
  return inquire(suspicions, [...signsOfCount(gone, kind), ...signs], questionsFor(gone, kind));
};

test('where only one animal fits through, it is first, and by that hole', () => {
  // 30 mm lets a stoat and a rat by, and no fox.
  const { who, ways, look } = at(['red-fox', 'stoat'], { mesh: 'welded-13', hole: 30 }, [
    { question: 'hour', answer: 'night' },
  ]);
  expect(who[0]?.culprit).toBe('stoat');
  const first = ways.find(({ way }) => way);
  expect(first).toMatchObject({ culprit: 'stoat', way: { isUnread: false } });
  expect(look[0]).toBe(first?.way?.bay);
});

test('where nothing fits, no way is named, and what is left is what strays or dies of itself', () => {
  const { who, look } = at(['red-fox'], { mesh: 'welded-13' });
  expect(look).toEqual([]);
  expect(who[0]?.culprit).not.toBe('red-fox');
  expect(who.map(({ culprit }) => culprit)).toContain('red-fox');
});

test('a hole dug speaks for a way that can be dug, and against one that cannot', () => {
  const share = (pen: Pen) => {
    const { ways } = at(['red-fox'], pen, [{ question: 'works', answer: 'dug' }]);
    const known = ways.filter(({ way }) => way).reduce((sum, it) => sum + it.share, 0);
    return known / ways.filter((it) => it.culprit === 'red-fox').reduce((a, it) => a + it.share, 0);
  };
  const hole: Pen = { mesh: 'welded-13', hole: 120 };
  // Past mesh deep in the ground a fox goes through the hole, and leaves none in the ground.
  expect(share({ ...hole, soil: 'soft', depth: 0 })).toBeGreaterThan(
    share({ ...hole, soil: 'rock' }),
  );
});

test('what speaks for and against is said of each', () => {
  const { who } = at(['red-fox', 'stoat'], { mesh: 'welded-13', hole: 120 }, [
    { question: 'trace', answer: 'trail' },
    { question: 'heard', answer: 'nothing' },
  ]);
  const of = (id: string) => who.find(({ culprit }) => culprit === id);
  expect(of('red-fox')?.speaksFor).toContainEqual({ question: 'trace', answer: 'trail' });
  expect(of('stoat')?.speaksAgainst).toContainEqual({ question: 'trace', answer: 'trail' });
});

test('a door that was logged as left open that night is the way it came', () => {
  const { place, walks } = samphireYard;
  const open: Evening = {
    ...{ id: 'e', placeId: place.id, date, what: 'evening', told: 'morning' },
    ...{ at: `${date}T07:00:00Z`, doors: [{ opening: 'pop-door', was: 'open' }], counts: [] },
  };
  const shares = (log: readonly Evening[]) =>
    inquire(
      suspicionsOf(place, walks, log, { date, ...gone }),
      [{ question: 'hour', answer: 'night' }],
      [],
    );
  const fox = (log: readonly Evening[]) =>
    shares(log).who.find(({ culprit }) => culprit === 'red-fox')?.share ?? 0;
  const shut: Evening = { ...open, doors: [{ opening: 'pop-door', was: 'shut' }] };
  expect(fox([open])).toBeGreaterThan(fox([shut]));
});

test.each([
  [{ gone: 1, dead: 0, hurt: 0 }, 'one-gone'],
  [{ gone: 4, dead: 0, hurt: 1 }, 'several-gone'],
  [{ gone: 2, dead: 2, hurt: 0 }, 'few-dead'],
  [{ gone: 0, dead: 7, hurt: 0 }, 'many-dead'],
  [{ gone: 0, dead: 0, hurt: 2 }, 'none-taken'],
])('%o says %s by itself', (count, answer) => {
  expect(signsOfCount(count, 'grown')).toEqual([{ question: 'toll', answer }]);
});

test('of two groups that sleep out of doors a fox has the ducks in the open, and no hen up a tree', () => {
  const pen = penPlace(['red-fox'], { mesh: 'welded-13' });
  const [birds] = pen.flock;
  if (!birds) throw new Error('no birds');
  const out = { ...birds, sleeps: outside };
  const place: Place = {
    ...pen,
    flock: [
      { ...out, id: 'hens', kind: 'grown' },
      { ...out, id: 'ducks', kind: 'ducks' },
    ],
  };
  const inTheOpen = (group: string) =>
    suspicionsOf(place, [], [], { date, group, ...gone }).some(
      (it) => it.culprit === 'red-fox' && it.hours === 'night' && it.isInTheOpen,
    );
  expect([inTheOpen('hens'), inTheOpen('ducks')]).toEqual([false, true]);
});

test('nothing is asked that cannot have been found', () => {
  expect(questionsFor(gone, 'grown')).not.toContain('body');
  expect(questionsFor({ gone: 0, dead: 2, hurt: 0 }, 'grown')).not.toContain('trace');
  expect(questionsFor({ gone: 0, dead: 2, hurt: 0 }, 'chicks')).toContain('chicks');
  expect(questionsFor(gone, 'chicks')).not.toContain('eggs');
  expect(signsOfCount({ gone: 0, dead: 0, hurt: 0 }, 'grown')).toEqual([]);
  expect(kindOf(samphireYard.place, undefined)).toBe('bantam');
});

test('who takes one at most took not two: against the sum of the Poisson terms', () => {
  expect(takesAtLeast(0.05, 1)).toBeCloseTo(1 - Math.exp(-0.05), 12);
  expect(takesAtLeast(0.05, 2)).toBeLessThan(0.002);
  // e^−3 (1 + 3 + 9/2) = 0.4232: two in five visits of what takes three take two or fewer.
  expect(takesAtLeast(3, 3)).toBeCloseTo(0.5768, 4);
  expect(takesAtLeast(3, 0)).toBe(takesAtLeast(3, 1));
});
