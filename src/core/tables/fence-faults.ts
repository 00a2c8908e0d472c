/** Where a leak is looked for, and how far a reading is to be trusted. All assumptions of ours. */
import { ours } from './assumptions';
import { bandOf, ranging, type Figure } from './figure';
import type { Touching } from './shocking';

/** Leaks that a search reckons with, Ω, each 1.8 times the one before: from a dead short over mesh to a bad insulator or wet weeds. */
export const leakSizes = [45, 80, 145, 260, 470, 850] as const;
/** Each stands for those up to so many times more or less. */
export const leakAround = Math.sqrt(1.8);

/** What a joint adds that leads poorly: twisted ends, rust, a knot in polywire. */
export const poorJoint = ranging(
  ours(2000, 'Ω', 'From hardly felt to hardly leading; no measured figure is known to us.'),
  500,
  8000,
);
const [leastJoint, mostJoint] = bandOf(poorJoint);
/** Joints that a search reckons with, Ω: each four times the one before, and standing for those up to twice as much or half. */
export const jointSizes: readonly number[] = [leastJoint, poorJoint.value, mostJoint];
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

const times = (value: number, note = 'Against a leak in a bay found clear.'): Figure =>
  ours(value, 'share', note);

/** How much likelier a leak is in a bay where the last walk found this, times. */
export const likelierWhere: Readonly<Record<Touching, Figure>> = {
  nothing: times(1),
  wood: times(3),
  grass: times(3),
  weeds: times(4),
  insulator: times(6),
  snow: times(4),
  mesh: times(8),
  ground: times(10),
};
/** And where nobody has looked. */
export const likelierUnread = times(2);
/** And how likely the wire is broken, or a joint undone, between two bays; once more for each further wire. */
export const likelierBroken = times(0.5);
/** And that a joint between two bays leads poorly; once more for each further wire. */
export const likelierPoor = times(0.5);
/** And at a door, times all of these. */
export const likelierAtDoor = times(2, 'Handle, lead and posts are handled every day.');

/** A search ends on a bay as sure as this. */
export const sureEnough = ours(0.9, 'share', 'One in ten is looked at for nothing.');

/** A test that tells less than this is not worth the walk, bits. */
export const leastInformation = 0.05;
