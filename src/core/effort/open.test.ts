import type { FittedLatch, Opening } from '../place/place';
import { doorMoves } from '../place/bay';
import { animals, animalIds, type AnimalId } from '../tables/animals';
import { latchIds, type LatchId } from '../tables/latches';
import { compareLevels } from './effort-level';
import { openEffort } from './open';

function door(...kinds: FittedLatch['kind'][]): Opening {
  return {
    id: 'door',
    name: 'door',
    kind: 'door',
    at: 0,
    up: 0,
    width: 800,
    height: 1700,
    latches: kinds.map((kind, index) => ({ id: `latch-${index}`, kind })),
    habit: 'every-night',
    shutBy: 'hand',
  };
}

const level = (animal: AnimalId, ...kinds: (LatchId | 'none')[]) =>
  openEffort(door(...kinds.map((kind) => ({ is: kind }))), animals[animal], 'worst').level;

describe('raccoon (common practice: one simple motion is worked, two different ones hardly)', () => {
  test.each(['hook-and-eye', 'slide-bolt', 'turn-button'] as const)('%s is opened', (latch) => {
    expect(level('raccoon', latch)).toBe('minutes');
  });

  test.each(['clip', 'padlock'] as const)('%s holds', (latch) => {
    expect(level('raccoon', latch)).toBe('holds');
  });

  test('two different motions take all night: it works each of them', () => {
    expect(level('raccoon', 'slide-bolt', 'turn-button')).toBe('night');
    expect(level('raccoon', 'two-motion')).toBe('night');
  });

  test.each(['pin', 'cord-loop', 'elastic-cords', 'two-sided-lock'] as const)(
    '%s is opened: one motion a paw makes',
    (latch) => {
      expect(level('raccoon', latch)).toBe('minutes');
    },
  );

  test('two latches with the same motion are learned: more effort, not two different motions', () => {
    expect(level('raccoon', 'slide-bolt', 'slide-bolt')).toBe('hour');
  });

  test('a clip added to a bolt holds', () => {
    expect(level('raccoon', 'slide-bolt', 'clip')).toBe('holds');
  });
});

test('a fox pushes an unlatched door and works no latch (common practice)', () => {
  expect(level('red-fox')).toBe('open');
  expect(level('red-fox', 'none')).toBe('open');
  expect(level('red-fox', 'hook-and-eye')).toBe('holds');
});

describe('a door on hinges that nothing holds (assumption of ours: what is strong enough gets it open in time)', () => {
  const levelOf = (id: AnimalId, more: Partial<Opening>) =>
    openEffort({ ...door(), ...more }, animals[id], 'worst').level;

  test.each([
    'virginia-opossum',
    'domestic-cat',
    'bobcat',
    'stone-marten',
    'american-mink',
  ] as const)('it is no bar to a %s, and any latch is', (id) => {
    expect(level(id)).toBe('hour');
    expect(level(id, 'hook-and-eye')).toBe('holds');
  });

  test('a weasel, a rat and a mouse have not the strength, and no bird pulls at a door', () => {
    for (const id of ['stoat', 'norway-rat', 'house-mouse', 'great-horned-owl'] as const) {
      expect(level(id)).toBe('holds');
    }
  });

  test('a closer or a lid’s own weight keeps it shut to a cat, not to a fox', () => {
    for (const kept of [{ letGo: 'falls-shut' }, { kind: 'nest-lid' }] as const) {
      expect(levelOf('domestic-cat', kept)).toBe('holds');
      expect(levelOf('red-fox', kept)).toBe('open');
    }
    // One cord is judged as gone.
    expect(levelOf('domestic-cat', { letGo: 'one-closer' })).toBe('hour');
  });
});

test('a latch nobody has looked at: at worst none, at best a padlock', () => {
  const unread = door({ any: true });
  expect(openEffort(unread, animals.raccoon, 'worst').level).toBe('open');
  expect(openEffort(unread, animals.raccoon, 'best').level).toBe('holds');
});

test('the reason carries latches and motions as data', () => {
  const { reason } = openEffort(door({ is: 'slide-bolt' }), animals.raccoon, 'worst');
  expect(reason).toEqual({
    kind: 'latches',
    latches: ['slide-bolt'],
    motions: ['slide'],
    verdict: 'one-motion',
  });
});

describe('how a door moves (common practice)', () => {
  const moving = (moves: Opening['moves'], ...kinds: LatchId[]): Opening => ({
    ...door(...kinds.map((kind) => ({ is: kind }))),
    ...(moves && { moves }),
  });
  const opens = (id: AnimalId, it: Opening) => openEffort(it, animals[id], 'worst').level;

  test.each(['slides-up', 'slides-sideways', 'lifts-off'] as const)(
    'without a latch, one that %s is one motion to a raccoon, and shut to a fox and a cat',
    (moves) => {
      expect(opens('raccoon', moving(moves))).toBe('minutes');
      expect(opens('red-fox', moving(moves))).toBe('holds');
      expect(opens('domestic-cat', moving(moves))).toBe('holds');
    },
  );

  test('one that drops open when let go is held up by its latch or its cord, and hangs open without', () => {
    for (const id of ['raccoon', 'red-fox', 'domestic-cat', 'house-mouse'] as const) {
      expect(opens(id, moving('drops-open'))).toBe('open');
      expect(opens(id, { ...moving('drops-open'), shutBy: 'cord' })).toBe('holds');
    }
    expect(opens('raccoon', moving('drops-open', 'turn-button'))).toBe('minutes');
    expect(opens('red-fox', moving('drops-open', 'turn-button'))).toBe('holds');
  });

  test('a slide held by its motor or cord is too stiff for a raccoon', () => {
    expect(opens('raccoon', { ...moving('slides-up'), shutBy: 'light' })).toBe('holds');
  });

  test('a bolt never makes a slide worse, nor any latch any door, for any animal', () => {
    for (const moves of doorMoves) {
      for (const id of animalIds) {
        const bare = opens(id, moving(moves));
        for (const latch of latchIds) {
          const one = opens(id, moving(moves, latch));
          expect(compareLevels(one, bare)).toBeGreaterThanOrEqual(0);
          for (const second of latchIds) {
            const two = opens(id, moving(moves, latch, second));
            expect(compareLevels(two, one)).toBeGreaterThanOrEqual(0);
          }
        }
      }
    }
  });
});
