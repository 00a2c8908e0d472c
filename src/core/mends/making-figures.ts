/** Figures that mends are made, bought and cut by, as the application shows them. */
import type { Figure } from '../tables/figure';
import { panelOff } from '../rounds/ageing';
import { edgePegs } from './catalogue/edge-pegged';
import { meshOverlap, screwSpacing } from './catalogue/catalogue-mend';
import { apronWidth } from './catalogue/sill-apron';
import { mostLoad, slabWeight } from './catalogue/weight-on';
import { farCheaper, unnoticed } from './plan/enough';
import { worthwhile } from './plan/worthwhile';
import { seamWorth } from './shopping/best-division';
import { kerf } from './shopping/bars';
import { leastOffcut } from './shopping/offcuts';
import { cornerFrom } from './shopping/runs';
import { firstAllowance } from './shopping/shop';
import { smallSizeFactors } from './shopping/sold';
import { apronOverlap } from './shopping/take-off';

/** Figures that every made thing hangs on, for the page that shows them. */
export const makingFigures = {
  meshOverlap,
  apronOverlap,
  apronWidth,
  screwSpacing,
  edgePegs,
  kerf,
  cornerFrom,
  seamWorth,
  leastOffcutLength: leastOffcut.length,
  leastOffcutWidth: leastOffcut.width,
  smallestSize: smallSizeFactors[0],
  nextSize: smallSizeFactors[1],
  allowance: firstAllowance,
  mostLoad,
  slabWeight,
  worthwhile,
  unnoticed,
  farCheaper,
  panelOff,
} as const satisfies Readonly<Record<string, Figure>>;
/** A figure of making things, by name. */
export type MakingFigure = keyof typeof makingFigures;
