/** What holds cover on: the class of pull that draws it. */
import type { Figure } from './figure';
import { strengthClass } from './strength';

/** What holds cover on. */
export const fixings = ['screws-washers', 'batten', 'lacing', 'staples', 'ties'] as const;
/** One of `fixings`. */
export type Fixing = (typeof fixings)[number];

/** A fixing gives way to an animal whose pull is of its class or above. */
export const fixingClass: Readonly<Record<Fixing, Figure>> = {
  'screws-washers': strengthClass(4, 'Screws with washers; every 75–150 mm.'),
  batten: strengthClass(4, 'Under a batten, or sandwiched between boards; every 75–150 mm.'),
  lacing: strengthClass(3, 'Laced with wire.'),
  staples: strengthClass(2, 'Staples alone draw out.'),
  ties: strengthClass(2, 'Ties go brittle in sun unless proofed.'),
};

/** What state something is in. */
export const conditions = ['sound', 'worn', 'failing'] as const;
/** One of `conditions`. */
export type Condition = (typeof conditions)[number];

/** Classes that rust, rot and sun take off cover and fixing alike (assumption of ours); the weakest class is 1. */
export const weakenedBy: Readonly<Record<Condition, number>> = { sound: 0, worn: 1, failing: 2 };

/** Class of strength in a condition; never below 1. */
export function weakened(strength: number, condition: Condition): number {
  return Math.max(1, strength - weakenedBy[condition]);
}
