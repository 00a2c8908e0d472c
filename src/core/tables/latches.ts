/** Latches as the motions they ask for. "Two different motions" is computed from these, never ticked. */
import type { Figure } from './figure';
import type { Motion } from './motions';

/** A kind of latch. */
export type LatchId =
  | 'hook-and-eye'
  | 'slide-bolt'
  | 'turn-button'
  | 'lever'
  | 'two-motion'
  | 'clip'
  | 'carabiner'
  | 'padlock'
  /** A pin, peg or nail that draws out. */
  | 'pin'
  /** A cord or loop put over a screw or hook. */
  | 'cord-loop'
  /** Two elastic cords, hooked on either side. */
  | 'elastic-cords'
  /** A lock that a knob or button works from both sides. */
  | 'two-sided-lock';

/** One movement that a latch asks for, and its force in N. */
export interface LatchMotion {
  readonly motion: Motion;
  /** What it takes, N. */
  readonly force: Figure;
}

/** A latch as the motions it asks for. */
export interface Latch {
  readonly id: LatchId;
  readonly motions: readonly LatchMotion[];
  /** A push or pull above this tears it off, N. */
  readonly givesWayAt: Figure;
}

const takes = (motion: Motion, newtons: number): LatchMotion => ({
  motion,
  force: {
    value: newtons,
    unit: 'N',
    source: 'rookle',
    mark: 'assumption',
    note: 'A usual latch in fair order; no measured figure is known to us.',
  },
});

const givesWayAt = (newtons: number): { readonly givesWayAt: Figure } => ({
  givesWayAt: {
    value: newtons,
    unit: 'N',
    source: 'rookle',
    mark: 'assumption',
    note: 'In sound wood with the screws it came with; no measured figure is known to us.',
  },
});

/** Those that catch by themselves when a door falls to (common practice); any other somebody has to fasten. */
export const catching: readonly LatchId[] = ['lever', 'two-motion', 'two-sided-lock'];

/** What moves a slide, flap or lid that no latch holds: free in its grooves, or held by its motor or cord. */
export const slideForce: Readonly<Record<'free' | 'held', Figure>> = {
  free: {
    value: 10,
    unit: 'N',
    source: 'rookle',
    mark: 'assumption',
    note: 'A slide of a kilogram; no measured figure is known to us.',
  },
  held: {
    value: 80,
    unit: 'N',
    source: 'rookle',
    mark: 'assumption',
    note: 'A worm drive, or a cord made fast; no measured figure is known to us.',
  },
};

/** What moves a door on hinges that no latch holds: hanging free, or kept to by its closer or a lid's own weight. */
export const swingForce: Readonly<Record<'free' | 'held', Figure>> = {
  free: {
    value: 10,
    unit: 'N',
    source: 'rookle',
    mark: 'assumption',
    note: 'A light door that does not stick; no measured figure is known to us.',
  },
  held: {
    value: 30,
    unit: 'N',
    source: 'rookle',
    mark: 'assumption',
    note: 'A spring that brings a gate to its latch, or a lid of three kilograms; no measured figure is known to us.',
  },
};

/** Latches by id: the motions that work them, and at what force they give way. */
export const latches: Readonly<Record<LatchId, Latch>> = {
  'hook-and-eye': { id: 'hook-and-eye', motions: [takes('lift', 3)], ...givesWayAt(180) },
  'turn-button': { id: 'turn-button', motions: [takes('turn', 5)], ...givesWayAt(180) },
  lever: { id: 'lever', motions: [takes('pull', 15)], ...givesWayAt(400) },
  'slide-bolt': { id: 'slide-bolt', motions: [takes('slide', 10)], ...givesWayAt(500) },
  'two-motion': {
    id: 'two-motion',
    motions: [takes('turn', 5), takes('pull', 10)],
    ...givesWayAt(500),
  },
  // A spring clip through the hasp is squeezed and drawn out: two motions of its own.
  clip: { id: 'clip', motions: [takes('squeeze', 20), takes('unclip', 5)], ...givesWayAt(500) },
  carabiner: {
    id: 'carabiner',
    motions: [takes('turn', 5), takes('squeeze', 20), takes('unclip', 5)],
    ...givesWayAt(800),
  },
  pin: { id: 'pin', motions: [takes('pull', 5)], ...givesWayAt(300) },
  'cord-loop': { id: 'cord-loop', motions: [takes('lift', 3)], ...givesWayAt(80) },
  'elastic-cords': { id: 'elastic-cords', motions: [takes('pull', 20)], ...givesWayAt(60) },
  'two-sided-lock': { id: 'two-sided-lock', motions: [takes('turn', 10)], ...givesWayAt(600) },
  padlock: { id: 'padlock', motions: [takes('key', 5)], ...givesWayAt(1000) },
};

/** Ids of all latches. */
export const latchIds = Object.keys(latches) as readonly LatchId[];
