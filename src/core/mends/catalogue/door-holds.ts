/** What holds a door where it hangs, and its own cover on it. */
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

/** A door’s or lid’s own cover screwed on. */
export const coverScrewed: CatalogueMend = {
  kind: 'cover-screwed',
  term: 'lasting',
  spot: 'mesh',
  // Only where it is the fixing that gives, on a door or lid; a wall's has its own mend.
  fits: ({ parts, bay, spot }) =>
    bay.openings.some(({ id }) => id === spot.item) &&
    parts.every(({ reason }) => reason.kind === 'tear' && reason.how === 'pulls'),
  targets: ({ parts }) =>
    [...new Set(parts.map(({ item }) => item))].map((item) => ({
      item,
      attribute: 'layer.fixing',
      value: { is: 'screws-washers' },
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
