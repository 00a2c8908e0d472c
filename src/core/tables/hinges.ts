/** Hinges: how they sit, and what draws a door off loose ones. */
import type { Figure } from './figure';

/** How a door's hinges sit, best first: screws tight and nothing gives, or screws that draw and a side that gives when pulled. */
export const hingeStates = ['tight', 'loose'] as const;
/** How a door's hinges sit. */
export type HingeState = (typeof hingeStates)[number];

/** A push or pull above this has a door off loose hinges within minutes, N. */
export const looseHinge: Figure = {
  value: 60,
  unit: 'N',
  source: 'rookle',
  mark: 'assumption',
  note: 'Screws that turn under a thumb hold a third of what a hook holds in sound wood; no measured figure is known to us.',
};
