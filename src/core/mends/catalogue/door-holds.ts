/** What holds a door where it hangs, and its own cover on it. */
import type { Reason } from '../../effort/reason';
import { fixingClass, weakened } from '../../tables/fixings';
import { screwsAlong, workTime, type CatalogueMend } from './catalogue-mend';

/** Hinges screwed tight. */
export const hingeScrews: CatalogueMend = {
  kind: 'hinge-screws',
  term: 'lasting',
  spot: 'hinges',
  targets: () => [{ attribute: 'opening.hinges', value: { is: 'tight' } }],
  takes: () => [{ material: 'screws', count: 12 }],
  time: () => workTime(20),
  cautions: [],
};

const better = 'screws-washers';

/** Pulled off as it is held now, and no more once it is screwed on: what is worn gives whatever holds it. */
const isHeldByScrews = (reason: Reason): boolean =>
  reason.kind === 'tear' &&
  reason.how === 'pulls' &&
  weakened(fixingClass[better].value, reason.condition) > reason.figure.value;

/** A door’s or lid’s own cover screwed on. */
export const coverScrewed: CatalogueMend = {
  kind: 'cover-screwed',
  term: 'lasting',
  spot: 'mesh',
  // Only where it is the fixing that gives, on a door or lid; a wall's has its own mend.
  fits: ({ parts, bay, spot }) =>
    bay.openings.some(({ id }) => id === spot.item) &&
    parts.every(({ reason }) => isHeldByScrews(reason)),
  targets: ({ parts }) =>
    [...new Set(parts.map(({ item }) => item))].map((item) => ({
      item,
      attribute: 'layer.fixing',
      value: { is: better },
    })),
  takes: ({ bay, spot }) => {
    const opening = bay.openings.find(({ id }) => id === spot.item);
    const count = screwsAlong(opening ? 2 * (opening.width + opening.height) : 0);
    return [
      { material: 'screws', count },
      { material: 'washers', count },
    ];
  },
  time: () => workTime(20),
  cautions: ['cut-wire'],
};
