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

const rung = (animal: AnimalId, ...kinds: (LatchId | 'none')[]) =>
  openEffort(door(...kinds.map((kind) => ({ is: kind }))), animals[animal], 'worst').rung;

describe('raccoon (common practice: one simple motion is worked, two different ones are not)', () => {
  test.each(['hook-and-eye', 'slide-bolt', 'turn-button'] as const)('%s is opened', (latch) => {
    expect(rung('raccoon', latch)).toBe('minutes');
  });

  test.each(['two-motion', 'clip', 'padlock'] as const)('%s holds', (latch) => {
    expect(rung('raccoon', latch)).toBe('holds');
  });

  test('two latches with different motions hold', () => {
    expect(rung('raccoon', 'slide-bolt', 'turn-button')).toBe('holds');
  });

  test('two latches with the same motion are learned: more effort, not two different motions', () => {
    expect(rung('raccoon', 'slide-bolt', 'slide-bolt')).toBe('hour');
  });

  test('a clip added to a bolt holds', () => {
    expect(rung('raccoon', 'slide-bolt', 'clip')).toBe('holds');
  });
});

test('a fox pushes an unlatched door and works no latch (common practice)', () => {
  expect(rung('red-fox')).toBe('open');
  expect(rung('red-fox', 'none')).toBe('open');
  expect(rung('red-fox', 'hook-and-eye')).toBe('holds');
});

test('a latch nobody has looked at: at worst none, at best a padlock', () => {
  const unread = door({ any: true });
  expect(openEffort(unread, animals.raccoon, 'worst').rung).toBe('open');
  expect(openEffort(unread, animals.raccoon, 'best').rung).toBe('holds');
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
