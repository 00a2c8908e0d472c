/**
 * The timber along the ground that a frame or wall stands on. Rot begins there, after some years, sooner in wet; from outside it looks
 * sound, and a screwdriver tells (common practice).
 */
import { ours } from './assumptions';
import type { Figure } from './figure';

/** What a screwdriver finds: hard all along; it goes in; it crumbles, or pieces are gone. */
export const timberStates = ['sound', 'soft', 'rotten'] as const;
/** One of `timberStates`. */
export type TimberState = (typeof timberStates)[number];

/** Cover of which class it is like once it is no longer sound; what breaks that goes through it. Sound timber is judged by the gap under it. */
export const timberClass: Readonly<Record<Exclude<TimberState, 'sound'>, Figure>> = {
  soft: ours(
    3,
    'class',
    'Staples draw out of it; what goes through rotten boards goes through it.',
  ),
  rotten: ours(2, 'class', 'It crumbles in the hand.'),
};
