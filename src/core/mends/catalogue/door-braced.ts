/** A brace across a door whose frame racks: it sags, and its free corner gives when pulled. */
import type { OpeningKind } from '../../place/bay';
import type { WeakSpot } from '../weak-spot';
import { workTime, type CatalogueMend } from './catalogue-mend';

/** Those that hang by one side and are heavy enough to sag. */
const hung: readonly OpeningKind[] = ['gate', 'door', 'hatch', 'disused-door'];

/** From the foot of the hinge side up to the free corner, so that it is pressed and not drawn (common practice). */
export const doorBraced: CatalogueMend = {
  kind: 'door-braced',
  term: 'lasting',
  spot: 'edges',
  // A gap that is there at rest wants a stop.
  fits: (weak) =>
    openingAt(weak) !== undefined &&
    weak.parts.every(({ attribute }) => attribute === 'opening.gapPulled'),
  takes: (weak) => {
    const { width = 0, height = 0 } = openingAt(weak) ?? {};
    return [
      { material: 'batten', length: Math.ceil(Math.hypot(width, height)) },
      { material: 'screws', count: 8 },
    ];
  },
  time: () => workTime(25),
  cautions: [],
};

const openingAt = ({ bay, spot }: WeakSpot) =>
  bay.openings.find(({ id, kind }) => id === spot.item && hung.includes(kind));
