/** Figures that are ours and stand for many animals. Each is on show; each is open to correction. */
import type { Figure } from './figure';

/** Giving-up time of an animal at one place, minutes. */
export const patience = (value: number, note?: string): Figure => ({
  value,
  unit: 'min',
  source: 'rookle',
  mark: 'assumption',
  note:
    note ??
    'Exponential giving-up time. No measured figure is known to us; it ranks places, it does not predict a night.',
});

/** Said beside every slot figure. */
export const slotNote =
  'A long slot: with room sideways the head turns flat. No measured figure is known to us.';

/** Strongest pull or push, on a latch or a frame’s edge. */
export const force = (value: number): Figure => ({
  value,
  unit: 'N',
  source: 'rookle',
  mark: 'assumption',
  note: 'No measured figure is known to us.',
});

/** Anything else that is ours. */
export const ours = (value: number, unit: Figure['unit'], note: string): Figure => ({
  value,
  unit,
  source: 'rookle',
  mark: 'assumption',
  note,
});
