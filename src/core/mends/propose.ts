/** Mends that fit a weak spot, and what choosing one changes. */
import { layerEffort } from '../effort/layers';
import { compareLevels } from '../effort/effort-level';
import type { Mend, Target } from '../records/mend';
import type { Place } from '../place/place';
import { animals } from '../tables/animals';
import { meshes, type MeshId } from '../tables/meshes';
import { exclusionFor, type ExclusionOpening } from '../walk/what-it-means';
import { catalogue, type CatalogueMend } from './catalogue';
import { addedItem } from '../records/added-id';
import { addToPlace, fittedLayer } from './added-items';
import { targetsOfAdded } from './targets-of-added';
import { meshOf } from './catalogue/harm';
import { latchReasonAfter } from './latch-after';
import { attributesAt } from './spots';
import type { WeakSpot } from './weak-spot';

/** A mend that stops all that get by at a spot. */
export interface Proposal {
  readonly mend: CatalogueMend;
  readonly weak: WeakSpot;
  /** What the animals it stops need shut, by the figure used and the stricter one it is designed to. */
  readonly exclusion: ExclusionOpening;
  /** False where the material meets the figure used but not the stricter one. */
  readonly meetsStrict: boolean;
}

/** Fitting mends: lasting ones first, those that meet the stricter figure before those that only meet the one used. */
export function proposalsFor(weak: WeakSpot): Proposal[] {
  const exclusion = exclusionOf(weak);
  if (!exclusion) return [];
  return mendsAt(weak)
    .filter((mend) => stopsThem(mend, weak, exclusion))
    .map((mend) => ({ mend, weak, exclusion, meetsStrict: meets(mend, exclusion.strict) }))
    .sort(
      (a, b) =>
        Number(a.mend.term === 'tonight') - Number(b.mend.term === 'tonight') ||
        Number(b.meetsStrict) - Number(a.meetsStrict),
    );
}

/** What keeps all of them out; where paws or muzzles go in that bodies do not, what keeps those out. */
function exclusionOf({ letsBy, parts }: WeakSpot): ExclusionOpening | undefined {
  const body = exclusionFor(letsBy);
  const reaching = parts.flatMap(({ animal, reason }) =>
    reason.kind === 'reach' && letsBy.includes(animal)
      ? [{ animal, used: reason.strict.value, strict: reason.strict.value }]
      : [],
  );
  return reaching.reduce((least, it) => (least && least.strict <= it.strict ? least : it), body);
}

/** Kinds that are made for a spot like this, whoever they stop. */
function mendsAt(weak: WeakSpot): CatalogueMend[] {
  return Object.values(catalogue).filter(
    (mend) =>
      mend.spot === weak.spot.kind &&
      (mend.wide === true) === (weak.zone !== undefined) &&
      (mend.fits?.(weak) ?? true),
  );
}

/** Each kind of mend once, made for as many of those that get by here as it stops. */
export function partialProposalsFor(weak: WeakSpot): Proposal[] {
  return mendsAt(weak).flatMap((mend) => {
    const stopped = weak.letsBy.filter((id) => proposalOf(mend, { ...weak, letsBy: [id] }));
    const proposal = proposalOf(mend, { ...weak, letsBy: stopped });
    return proposal ? [proposal] : [];
  });
}

function proposalOf(mend: CatalogueMend, weak: WeakSpot): Proposal | undefined {
  const exclusion = exclusionOf(weak);
  return exclusion && stopsThem(mend, weak, exclusion)
    ? { mend, weak, exclusion, meetsStrict: meets(mend, exclusion.strict) }
    : undefined;
}

function meets(mend: CatalogueMend, exclusion: number): boolean {
  const mesh = meshOf(mend);
  return mesh === undefined || meshes[mesh].clear.value <= exclusion;
}

/** A mend that leaves one of them in is no mend. */
function stopsThem(mend: CatalogueMend, weak: WeakSpot, exclusion: ExclusionOpening): boolean {
  if (mend.targets) return mend.targets(weak, exclusion) !== undefined;
  if (!meets(mend, exclusion.used)) return false;
  if (!mend.adds) return true;
  const mesh = meshOf(mend);
  if (mesh) return coverStops(mesh, weak);
  if (!('latch' in mend.adds) || weak.spot.kind !== 'latch') return true;
  const added = mend.adds.latch;
  return weak.letsBy.every(
    (id) => compareLevels(latchReasonAfter(weak, animals[id], added), 'holds') === 0,
  );
}

/** New cover, screwed down with washers, is neither passed nor torn by any of them. */
function coverStops(mesh: MeshId, { letsBy, bay }: WeakSpot): boolean {
  const layer = fittedLayer('', mesh);
  return letsBy.every(
    (id) => layerEffort(layer, bay, { animal: animals[id], bound: 'worst' }).minutes === null,
  );
}

/** The mend a keeper chose, and the place with what it adds standing ready (not counted until measured). */
export function chooseMend(
  place: Place,
  proposal: Proposal,
  id: string,
  at: string,
): { readonly place: Place; readonly mend: Mend } {
  const planned = plannedMend(place, proposal, id, at);
  return { place: addToPlace(place, planned), mend: planned };
}

/** The mend alone, as it will be kept. */
export function plannedMend(place: Place, proposal: Proposal, id: string, at: string): Mend {
  const { mend, weak } = proposal;
  return {
    id,
    placeId: place.id,
    kind: mend.kind,
    bay: weak.bay.id,
    spot: weak.spot,
    stops: weak.letsBy,
    targets: targetsOf(proposal),
    state: 'planned',
    history: [{ state: 'planned', at }],
  };
}

/** The readings that will show that it holds. */
export function targetsOf({ mend, weak, exclusion }: Proposal): Target[] {
  const own = mend.targets?.(weak, exclusion);
  if (own) return own.map(({ item = weak.spot.item, ...target }) => ({ ...target, item }));
  if (mend.adds && !('layer' in mend.adds || 'latch' in mend.adds)) {
    return targetsOfAdded(weak, mend, exclusion.strict);
  }
  const item = mend.adds ? addedItem(weak.spot, mend.kind) : weak.spot.item;
  if (mend.adds && 'latch' in mend.adds && weak.spot.kind === 'edges') {
    return [
      { item, attribute: 'latch.kind', value: { is: mend.adds.latch } },
      { item: weak.spot.item, attribute: 'opening.gapPulled', value: { atMost: exclusion.strict } },
    ];
  }
  const added = mend.adds && ('layer' in mend.adds ? mend.adds.layer : mend.adds.latch);
  return attributesAt(weak.spot.kind)
    .filter((attribute) => !(added === 'solid-board' && attribute === 'layer.clear'))
    .map((attribute): Target => {
      const named = attribute === 'layer.mesh' || attribute === 'latch.kind';
      return {
        item,
        attribute,
        value: named && added ? { is: added } : { atMost: exclusion.strict },
      };
    });
}
