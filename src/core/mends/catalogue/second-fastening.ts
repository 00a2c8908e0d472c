/** A second fastening where the corner flexes: one latch in the middle lets top and bottom give. */
import { workTime, type CatalogueMend } from './catalogue-mend';

/** A second fastening where the corner flexes. */
export const secondFastening: CatalogueMend = {
  kind: 'second-fastening',
  term: 'lasting',
  spot: 'edges',
  // Only where the gap is one of pulling; a gap that is there at rest wants a stop.
  fits: ({ parts, bay, spot }) =>
    bay.openings.some((it) => it.id === spot.item && it.kind !== 'pop-door') &&
    parts.every((part) => part.attribute === 'opening.gapPulled'),
  adds: { latch: 'two-motion' },
  takes: () => [
    { material: 'two-motion', count: 1 },
    { material: 'screws', count: 4 },
  ],
  time: () => workTime(20),
  cautions: ['keeper-shut-in'],
};
