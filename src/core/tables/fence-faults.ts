/** Where a leak is looked for, and how far a reading is to be trusted. All assumptions of ours. */
import { ours } from './assumptions';
import type { Touching } from './shocking';

/** Leaks that a search reckons with, Ω, each 1.8 times the one before: from a dead short over mesh to a bad insulator or wet weeds. */
export const leakSizes = [45, 80, 145, 260, 470, 850] as const;
/** Each stands for those up to so many times more or less. */
export const leakAround = Math.sqrt(1.8);

/** What a joint adds that leads poorly, Ω, each four times the one before: twisted ends, rust, a knot in polywire. */
export const jointSizes = [500, 2000, 8000] as const;
/** Each stands for those up to so many times more or less. */
export const jointAround = 2;

/** A tester's own error, of what it shows: nineteen times in twenty it is within. */
export const testerShare = ours(0.05, 'share', 'Digital testers; a row of lamps is coarser.');
/** And at least so much. */
export const testerLeast = ours(0.1, 'kV', 'A tester shows tenths.');
/** The line as it is worked out is off by so much, as often. */
export const modelShare = ours(
  0.08,
  'share',
  'Wire, earth and insulators are taken as usual; the energizer as it was read.',
);

/** How much likelier a leak is in a bay where the last walk found this, against one found clear. */
export const likelierWhere: Readonly<Record<Touching, number>> = {
  nothing: 1,
  wood: 3,
  grass: 3,
  weeds: 4,
  insulator: 6,
  snow: 4,
  mesh: 8,
  ground: 10,
};
/** And where nobody has looked. */
export const likelierUnread = 2;
/** And how likely the wire is broken, or a joint undone, between two bays, against a leak in one found clear; once more for each further wire. */
export const likelierBroken = 0.5;
/** And how likely a joint between two bays leads poorly. */
export const likelierPoor = 0.5;
/** And at a door, whose handle, lead and posts are handled every day. */
export const likelierAtDoor = 2;

/** A search ends on a bay as sure as this. */
export const sureEnough = ours(0.9, 'share', 'One in ten is looked at for nothing.');

/** A test that tells less than this is not worth the walk, bits. */
export const leastInformation = 0.05;
