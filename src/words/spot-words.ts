/** Where in a bay something gives way. */
import { isFallenShut, type PartEffort, type Reason } from '@/core/effort/reason';
import { findItem } from '@/core/place/find';
import type { Place } from '@/core/place/place';
import type { Attack } from '@/core/tables/attacks';
import { givesWayWords } from './attributes';
import { latchNames, meshNames, unitIndex } from './names';

/** "under the sill", "nest lid, at the corner when pulled". */
export function spotWords(place: Place, part: PartEffort): string {
  const item = findItem(place, part.item);
  const opening = item && 'opening' in item ? item.opening.name : undefined;
  if (part.reason.kind === 'stands-open') return standsOpenWords(opening ?? 'door', part.reason);
  if (isFallenShut(part.reason)) {
    return `${opening ?? 'door'}, fallen shut but not fastened`;
  }
  const byAttack = attackSpots[part.attack];
  if (byAttack) return byAttack;
  if (part.reason.kind === 'no-cover') return 'where nothing covers it';
  const at = {
    opening: opening ?? 'door',
    layer: layerName(place, part.item),
    isTorn: part.attack === 'tear',
  };
  const own = part.attribute && givesWayWords(part.attribute, at);
  return own ?? `${at.opening}, which has no latch`;
}

const attackSpots: Readonly<Partial<Record<Attack, string>>> = {
  dig: 'by digging under',
  reach: 'reached through',
  climb: 'over the top',
  jump: 'over the top, in a leap',
  fly: 'from above',
  lift: 'by lifting the frame',
};

function standsOpenWords(
  opening: string,
  { doors }: Extract<Reason, { kind: 'stands-open' }>,
): string {
  if (doors === 'as-habit') return `${opening}, left open at night`;
  return doors === 'round-forgotten' ? `${opening}, forgotten open` : `${opening}, open by day`;
}

/** What a layer is, as far as anybody knows. */
export function layerName(place: Place, id: string): string {
  const item = findItem(place, id);
  const mesh = item?.kind === 'layer' && 'is' in item.layer.mesh ? item.layer.mesh.is : undefined;
  return mesh === undefined || mesh === 'none' ? 'mesh' : meshNames[mesh][unitIndex(place)];
}

export function latchName(place: Place, id: string): string {
  const item = findItem(place, id);
  return item?.kind === 'latch' && 'is' in item.latch.kind
    ? latchNames[item.latch.kind.is]
    : 'latch';
}
