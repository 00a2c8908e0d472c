/** A first electric line round a place that has none: bought as one kit, held by volts read at its far end and by nothing else. */
import { firstLine as firstLineOf } from '../../fence/first-line';
import { hasWire } from '../../place/strand-there';
import type { KitPart } from '../../tables/line-kit';
import type { WeakSpot } from '../weak-spot';
import { workTime, type CatalogueMend, type Material } from './catalogue-mend';
import { voltsFor, wiresWanting } from './strands';

/** What each part is called in a shop. */
const soldAs: Readonly<Record<KitPart, Material>> = {
  energizer: 'energizer',
  wire: 'fence-wire',
  insulator: 'insulators',
  handle: 'gate-handle',
  rod: 'earth-stake',
  lead: 'fence-lead',
  sign: 'fence-sign',
  tester: 'fence-tester',
};

/** Heights of its wires against these animals, mm; none where all of them climb to the edge or fly. */
export const heightsOfFirst = (letsBy: WeakSpot['letsBy']): number[] =>
  wiresWanting({ strands: [] }, letsBy);

const kitFor = ({ along = [], letsBy }: WeakSpot) =>
  firstLineOf(along, heightsOfFirst(letsBy).length);

/** A first electric line round the place, with all that belongs to it. */
export const firstLine: CatalogueMend = {
  kind: 'first-line',
  term: 'lasting',
  spot: 'fence',
  fits: ({ along = [], letsBy }) =>
    along.length > 0 && !along.some(hasWire) && heightsOfFirst(letsBy).length > 0,
  adds: { line: true },
  // Whom no wire along the foot of a wall is trusted against it does not stop.
  targets: (weak) => (heightsOfFirst(weak.letsBy).length > 0 ? voltsFor(weak) : undefined),
  takes: (weak) =>
    kitFor(weak).lines.map(({ part, amount }) =>
      part === 'wire'
        ? { material: soldAs[part], length: amount }
        : { material: soldAs[part], count: amount },
    ),
  time: (weak) => workTime(kitFor(weak).minutes),
  cautions: ['electric', 'low-wire', 'digging'],
};
