/**
 * Measures that a later reading has overtaken: a clear opening or a wire was measured in a mesh that is no longer there. They are not asked
 * for where the kind of mesh says them, so that nobody would ever come to correct them.
 */
import { saysItsOpening } from '../attributes/clear-opening';
import { groupedBy } from '../grouped-by';
import { memoized } from '../memo';
import { allBays } from '../place/find';
import type { ItemId, Place } from '../place/place';
import type { Layer } from '../place/bay';
import type { Possible } from '../place/possible';
import type { Reading, Walk } from './walk';

/** What is measured in a mesh, and is that of no other. */
const measures = ['layer.clear', 'layer.wire'] as const;
type Measure = (typeof measures)[number];

/** A measure that counts no more. */
export interface Overtaken {
  readonly item: ItemId;
  readonly attribute: Measure;
}

/** Measures of layers that, as described or last measured, are those of a mesh which was there before. */
export function overtakenMeasures(place: Place, walks: readonly Walk[]): readonly Overtaken[] {
  const telling = walks.flatMap(toldOf);
  if (!telling.some(({ reading }) => reading.attribute === 'layer.mesh')) return [];
  const read = telling.sort((a, b) => order(a).localeCompare(order(b)));
  const byLayer = groupedBy(read, ({ reading }) => reading.item);
  return layersOf(place).flatMap((layer) => {
    const own = byLayer.get(layer.id);
    if (!own) return [];
    return measures
      .filter((attribute) => isOvertaken(attribute, layer, own))
      .map((attribute) => ({ item: layer.id, attribute }));
  });
}

interface Read {
  readonly walk: Walk;
  readonly reading: Reading;
}

/** `own`: what was read of this layer, oldest first. */
function isOvertaken(attribute: Measure, layer: Layer, own: readonly Read[]): boolean {
  let { mesh }: { mesh: Possible } = layer;
  let isMeasured = layer[attribute === 'layer.clear' ? 'clear' : 'wire'] !== undefined;
  let measuredIn: Walk | undefined;
  let isOver = false;
  for (const { walk, reading } of own) {
    if (reading.value === 'cannot-tell') continue;
    if (reading.attribute === attribute) {
      measuredIn = walk;
      isMeasured = true;
      isOver = false;
    }
    if (reading.attribute !== 'layer.mesh') continue;
    // What the same walk measured was measured in what it found there, unless that turned out to be nothing to be measured.
    const isOfThis =
      measuredIn === walk && !(attribute === 'layer.clear' && saysItsOpening(reading.value));
    if (isMeasured && !isOfThis && isOther(mesh, reading.value)) isOver = true;
    mesh = reading.value;
  }
  return isOver;
}

const tells = ({ attribute, value }: Reading): boolean =>
  value !== 'cannot-tell' && (attribute === 'layer.mesh' || isMeasure(attribute));

/** Walks of years stay as they are: each is looked through once. */
const toldOf = memoized((walk: Walk): readonly Read[] =>
  walk.readings.filter(tells).map((reading) => ({ walk, reading })),
);

const isMeasure = (attribute: string): attribute is Measure =>
  measures.some((it) => it === attribute);

/** By day, and by the hour within it. */
const order = ({ walk, reading }: Read): string => `${walk.date} ${reading.at}`;

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
