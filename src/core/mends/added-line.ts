/** A first line standing ready round a place, and taken away again. It is not there until volts have been read at its far end. */
import { allBays } from '../place/find';
import { isFixed } from '../place/opening-cover';
import { lineBays } from '../place/line-bays';
import type { Bay, Place } from '../place/place';
import { is } from '../place/possible';
import type { Mend, Spot } from '../records/mend';
import { ours } from '../tables/assumptions';
import { heightsOfFirst } from './catalogue/first-line';

/** Outward from the wall, mm. */
export const firstStandOff = ours(
  150,
  'mm',
  'A hand and a half: crossed by whatever noses along the wall, clear of grass at its foot.',
);

/** Of the line that a mend brings; where an old one was taken down its readings are not the new one's. */
export function firstLineSpot(place: Place): Spot {
  const { fence } = place;
  const standsReady = allBays(place).some(({ bay }) => bay.strands.some(({ ready }) => ready));
  if (fence && standsReady) return { kind: 'fence', item: fence.id };
  return { kind: 'fence', item: fence ? `${fence.id}+line` : 'line' };
}

type OfLine = Pick<Mend, 'spot' | 'stops'>;

const wireId = ({ spot }: OfLine, bay: Bay, height: number) => `${spot.item}-${bay.id}-${height}`;

/** The place with the line that a mend puts up; as it was where it stands already. */
export function withFirstLine(place: Place, mend: OfLine): Place {
  if (place.fence?.id === mend.spot.item) return place;
  const along = new Set(lineBays(place).map(({ id }) => id));
  const on = place.fence?.on ?? 'always';
  return {
    ...changed(place, (bay) => (along.has(bay.id) ? strung(bay, mend) : bay)),
    fence: { id: mend.spot.item, on },
  };
}

function strung(bay: Bay, mend: OfLine): Bay {
  return {
    ...bay,
    strands: heightsOfFirst(mend.stops).map((height) => ({
      id: wireId(mend, bay, height),
      height: is(height),
      standOff: is(firstStandOff.value),
      touching: is('nothing'),
      ready: true,
    })),
    // A handle at every door: it is walked through and hooked on again.
    openings: bay.openings.map((opening) =>
      isFixed(opening)
        ? opening
        : { ...opening, crossed: is('yes'), lineBy: 'handle', hooked: is('yes') },
    ),
  };
}

/** The place without that line again. */
export function withoutFirstLine(place: Place, mend: OfLine): Place {
  if (place.fence?.id !== mend.spot.item) return place;
  const { fence: _, ...rest } = place;
  return changed(rest, (bay) => {
    if (!bay.strands.some(({ ready }) => ready)) return bay;
    return {
      ...bay,
      strands: bay.strands.filter(({ ready }) => !ready),
      openings: bay.openings.map(({ crossed: _c, lineBy: _l, hooked: _h, ...opening }) => opening),
    };
  });
}

/** Bays and faces it does not touch stay the same objects. */
function changed(place: Place, change: (bay: Bay) => Bay): Place {
  return {
    ...place,
    faces: place.faces.map((face) => {
      const bays = face.bays.map(change);
      return bays.every((bay, index) => bay === face.bays[index]) ? face : { ...face, bays };
    }),
  };
}
