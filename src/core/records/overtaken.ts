/**
 * Measures that a later reading has overtaken: a clear opening was measured in a mesh that is no longer there. It is not asked for where the
 * kind of mesh says it, so that nobody would ever come to correct it.
 */
import { saysItsOpening } from '../attributes/clear-opening';
import { allBays } from '../place/find';
import type { ItemId, Place } from '../place/place';
import type { Layer } from '../place/bay';
import type { Possible } from '../place/possible';
import type { Reading, Walk } from './walk';

interface Known {
  mesh: Possible;
  /** There is a clear opening to be overtaken. */
  isMeasured: boolean;
  /** In which walk; absent: it was described with the mesh. */
  measuredIn?: Walk;
  isOvertaken: boolean;
}

/** Layers whose clear opening, as described or last measured, is that of a mesh which was there before. */
export function layersMeasuredBefore(place: Place, walks: readonly Walk[]): readonly ItemId[] {
  const read = walks
    .flatMap((walk) => walk.readings.map((reading) => ({ walk, reading })))
    .filter(({ reading }) => tells(reading))
    .sort((a, b) => order(a).localeCompare(order(b)));
  if (!read.some(({ reading }) => reading.attribute === 'layer.mesh')) return [];
  const layers = new Map(layersOf(place).map((it) => [it.id, it]));
  const known = new Map<ItemId, Known>();
  for (const { walk, reading } of read) {
    const { item, attribute, value } = reading;
    const layer = layers.get(item);
    if (!layer || value === 'cannot-tell') continue;
    const { mesh, clear } = layer;
    const it = known.get(item) ?? { mesh, isMeasured: clear !== undefined, isOvertaken: false };
    known.set(item, it);
    if (attribute === 'layer.clear') {
      it.measuredIn = walk;
      it.isMeasured = true;
      it.isOvertaken = false;
      continue;
    }
    // What the same walk measured was measured in what it found there, unless that turned out to be nothing to be measured.
    const isOfThis = it.measuredIn === walk && !saysItsOpening(value);
    if (it.isMeasured && !isOfThis && isOther(it.mesh, value)) it.isOvertaken = true;
    it.mesh = value;
  }
  return [...known].flatMap(([id, { isOvertaken }]) => (isOvertaken ? [id] : []));
}

const tells = ({ attribute, value }: Reading): boolean =>
  value !== 'cannot-tell' && (attribute === 'layer.mesh' || attribute === 'layer.clear');

/** By day, and by the hour within it. */
const order = ({ walk, reading }: { readonly walk: Walk; readonly reading: Reading }): string =>
  `${walk.date} ${reading.at}`;

function layersOf(place: Place): readonly Layer[] {
  return allBays(place).flatMap(({ bay }) => [
    ...bay.bands.flatMap(({ layers }) => layers),
    ...bay.openings.flatMap(({ cover = [] }) => cover),
  ]);
}

/** Nothing that the one may be is what the other may be. What was only told more narrowly is the same still. */
function isOther(before: Possible, now: Possible): boolean {
  const [was, is] = [kindsOf(before), kindsOf(now)];
  return was !== undefined && is !== undefined && !was.some((it) => is.includes(it));
}

/** `undefined`: any. */
function kindsOf(value: Possible): readonly unknown[] | undefined {
  if ('is' in value) return [value.is];
  return 'oneOf' in value ? value.oneOf : undefined;
}
