/** What has to be read of what a mend adds: cover where there was none, a roof, strands. */
import { bareStretches } from '../effort/pass-bay';
import type { Target } from '../records/mend';
import { addedItem } from '../records/added-id';
import { roofBayId } from './added-items';
import type { CatalogueMend } from './catalogue';
import { wiresWanting } from './catalogue/strands';
import type { WeakSpot } from './weak-spot';

/** `strict`: the opening that shuts them all out, mm. */
export function targetsOfAdded(weak: WeakSpot, mend: CatalogueMend, strict: number): Target[] {
  const { adds } = mend;
  const item = addedItem(weak.spot, mend.kind);
  if (!adds) return [];
  if ('cover' in adds) {
    const isOpening = weak.bay.openings.some((it) => it.id === weak.spot.item);
    const layers = isOpening
      ? [item]
      : bareStretches(weak.bay).map(({ from }) => `${item}-${from}`);
    return layers.map((id) => ({
      item: id,
      attribute: 'layer.mesh',
      value: { is: adds.cover },
    }));
  }
  if ('roof' in adds) {
    const bay = roofBayId(item);
    return [
      { item, attribute: 'layer.mesh', value: { is: adds.roof } },
      { item: bay, attribute: 'bay.panelPulled', value: { atMost: strict } },
      { item: bay, attribute: 'bay.largestHole', value: { atMost: strict } },
      ...(weak.zone?.walls ?? []).map(({ id }): Target => ({
        item: id,
        attribute: 'top.kind',
        value: { is: 'roof' },
      })),
    ];
  }
  if ('strands' in adds) {
    return wiresWanting(weak.bay, weak.letsBy).flatMap((height): Target[] => [
      { item: `${item}-${height}`, attribute: 'strand.height', value: { near: height } },
      { item: `${item}-${height}`, attribute: 'strand.touching', value: { is: 'nothing' } },
    ]);
  }
  return [];
}
