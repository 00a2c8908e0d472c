/** What the figures are called that mends are made, bought and cut by. */
import type { MakingFigure } from '@/core/mends/making-figures';

export const makingNames: Readonly<Record<MakingFigure, string>> = {
  meshOverlap: 'Overlap of mesh',
  apronOverlap: 'Overlap of aprons and skirts',
  apronWidth: 'An apron’s width on the ground',
  screwSpacing: 'From screw to screw',
  kerf: 'Lost at a saw’s cut',
  cornerFrom: 'A corner is a turn of more than',
  seamWorth: 'A metre of seam, tied only where it spares',
  leastOffcutLength: 'Kept as an offcut from a length of',
  leastOffcutWidth: 'Kept as an offcut from a width of',
  smallestSize: 'The smallest size costs, in times of the largest',
  nextSize: 'The next size costs, in times of the largest',
  allowance: 'To spare on top of a sum',
  mostLoad: 'Weight on a light frame, at the most',
  slabWeight: 'A slab for weight',
  worthwhile: 'A change is worth a plan from, birds a year',
  unnoticed: 'Still nearly as good with so many birds a year more',
  farCheaper: 'A far cheaper plan costs at most, as a share',
  edgePegs: 'Pegs along a bottom edge, one from the next',
  panelOff: 'A panel that nothing holds stands off',
};
