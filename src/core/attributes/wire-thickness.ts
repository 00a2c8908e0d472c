/** Thickness of a layer's wire. Imported mesh is often lighter than it is sold as: it leaves more open, and what tears light mesh tears it. */
import { amount, never } from './attribute';
import { wireLimits } from './limits';
import { field } from './paths';

/** Diameter of the wire, mm. No walk asks it; it is said where somebody has laid a gauge on it. */
export const wireThickness = amount('layer', {
  unit: 'mm',
  better: 'more',
  limits: wireLimits,
  usual: [],
  asked: { when: never },
  shortWalks: [],
  wears: false,
  isAlike: true,
  looksAt: [],
  spots: [],
  isUnreadWithout: never,
  path: field('wire'),
});
