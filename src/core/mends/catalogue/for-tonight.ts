/** What keeps something out tonight: clips, wedges, wads. None of it lasts. */
import { widestAt, workTime, type CatalogueMend } from './catalogue-mend';

/** Clips along a loose edge, for tonight. */
export const clipEdge: CatalogueMend = {
  kind: 'clip-edge',
  term: 'tonight',
  spot: 'panel',
  takes: ({ bay }) => [{ material: 'ties', count: Math.ceil(bay.height / 100) }],
  time: () => workTime(10),
  cautions: ['cut-wire'],
};

/** A hole stuffed with crushed mesh, for tonight. */
export const holeStuffed: CatalogueMend = {
  kind: 'hole-stuffed',
  term: 'tonight',
  spot: 'hole',
  takes: () => [{ material: 'welded-13', length: 300, height: 300 }],
  time: (weak) => workTime(5 + widestAt(weak) / 20),
  cautions: ['animal-inside', 'cut-wire'],
};

/** A wedge in a door, for tonight. */
export const wedgeShut: CatalogueMend = {
  kind: 'wedge-shut',
  term: 'tonight',
  spot: 'edges',
  takes: () => [{ material: 'batten', length: 300 }],
  time: () => workTime(5),
  cautions: ['keeper-shut-in', 'fire'],
};

/** A carabiner through a hasp, for tonight. */
export const carabinerOn: CatalogueMend = {
  kind: 'carabiner-on',
  term: 'tonight',
  spot: 'latch',
  adds: { latch: 'carabiner' },
  takes: () => [{ material: 'carabiner', count: 1 }],
  time: () => workTime(5),
  cautions: ['keeper-shut-in'],
};
