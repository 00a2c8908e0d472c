import type { FittedLatch, Opening } from '../place/place';
import { animals, type AnimalId } from '../tables/animals';
import type { LatchId } from '../tables/latches';
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

describe('raccoon (common practice: one simple motion is worked, two different ones are not)', () => {
  test.each(['hook-and-eye', 'slide-bolt', 'turn-button'] as const)('%s is opened', (latch) => {
    expect(level('raccoon', latch)).toBe('minutes');
  });

  test.each(['two-motion', 'clip', 'padlock'] as const)('%s holds', (latch) => {
    expect(level('raccoon', latch)).toBe('holds');
  });

  test('two latches with different motions hold', () => {
    expect(level('raccoon', 'slide-bolt', 'turn-button')).toBe('holds');
  });

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
