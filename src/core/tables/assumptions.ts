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

/** Share of the threat: how often it comes times what it does when it is in. */
export const weight = (value: number, note?: string): Figure => ({
  value,
  unit: 'share',
  source: 'rookle',
  mark: 'assumption',
  note: note ?? 'Fixed and the same everywhere until a place has its own visits and losses.',
});

/** Strongest pull or push on a latch. */
export const force = (value: number): Figure => ({
  value,
  unit: 'N',
  source: 'rookle',
  mark: 'assumption',
  note: 'No measured figure is known to us.',
});
