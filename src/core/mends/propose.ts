/** Mends that fit a weak spot, and what choosing one changes. */
import { layerEffort } from '../effort/layers';
import { compareRungs } from '../effort/rung';
import type { Mend, Target } from '../place/mend';
import type { Place } from '../place/place';
import { animals } from '../tables/animals';
import { meshes, type MeshId } from '../tables/meshes';
import { closureFor, type Target as Closure } from '../walk/what-it-means';
import { catalogue, type CatalogueMend } from './catalogue';
import { addToPlace, addedItem, fittedLayer } from './added-items';
import { latchReasonAfter } from './latch-after';
import { spotAttributes, type WeakSpot } from './spots';

export interface Proposal {
  readonly mend: CatalogueMend;
  readonly weak: WeakSpot;
  /** What the animals it stops need shut, by the figure used and the stricter one it is designed to. */
  readonly closure: Closure;
  /** False where the material meets the figure used but not the stricter one. */
  readonly meetsStrict: boolean;
}

/** Fitting mends: lasting ones first, those that meet the stricter figure before those that only meet the one used. */
export function proposalsFor(weak: WeakSpot): Proposal[] {
  const closure = closureFor(weak.letsBy);
  // A door that habit leaves open wants shutting, not mending.
  if (!closure || weak.parts.some((part) => part.reason.kind === 'stands-open')) return [];
  return Object.values(catalogue)
    .filter((mend) => mend.spot === weak.spot.kind && (mend.fits?.(weak) ?? true))
    .filter((mend) => stopsThem(mend, weak, closure))
    .map((mend) => ({ mend, weak, closure, meetsStrict: meets(mend, closure.strict) }))
    .sort(
      (a, b) =>
        Number(a.mend.term === 'tonight') - Number(b.mend.term === 'tonight') ||
        Number(b.meetsStrict) - Number(a.meetsStrict),
    );
}

function meets(mend: CatalogueMend, closure: number): boolean {
  const mesh = mend.adds && 'layer' in mend.adds ? mend.adds.layer : undefined;
  return mesh === undefined || meshes[mesh].clear.value <= closure;
}

/** A mend that leaves one of them in is no mend. */
function stopsThem(mend: CatalogueMend, weak: WeakSpot, closure: Closure): boolean {
  if (mend.targets) return mend.targets(weak) !== undefined;
  if (!meets(mend, closure.used)) return false;
  if (!mend.adds) return true;
  if ('layer' in mend.adds) return coverStops(mend.adds.layer, weak);
  if (weak.spot.kind !== 'latch') return true;
  const added = mend.adds.latch;
  return weak.letsBy.every(
    (id) => compareRungs(latchReasonAfter(weak, animals[id], added), 'holds') === 0,
  );
}

/** New cover, screwed down with washers, is neither passed nor torn by any of them. */
function coverStops(mesh: MeshId, { letsBy, bay }: WeakSpot): boolean {
  const layer = fittedLayer('', mesh);
  return letsBy.every(
    (id) => layerEffort(layer, bay, animals[id], 'worst', undefined).minutes === null,
  );
}

/** The mend a keeper chose, and the place with what it adds standing ready (not counted until measured). */
export function chooseMend(
  place: Place,
  proposal: Proposal,
  id: string,
  at: string,
): { readonly place: Place; readonly mend: Mend } {
  const { mend, weak } = proposal;
  const planned: Mend = {
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
  return { place: addToPlace(place, planned), mend: planned };
}

/** The readings that will show that it holds. */
export function targetsOf({ mend, weak, closure }: Proposal): Target[] {
  const own = mend.targets?.(weak);
  if (own) return own.map((target) => ({ ...target, item: weak.spot.item }));
  const item = mend.adds ? addedItem(weak.spot, mend.kind) : weak.spot.item;
  if (mend.adds && 'latch' in mend.adds && weak.spot.kind === 'edges') {
    return [
      { item, attribute: 'latch.kind', value: { is: mend.adds.latch } },
      { item: weak.spot.item, attribute: 'opening.gapPulled', value: { atMost: closure.strict } },
    ];
  }
  const added = mend.adds && ('layer' in mend.adds ? mend.adds.layer : mend.adds.latch);
  return spotAttributes[weak.spot.kind]
    .filter((attribute) => !(added === 'solid-board' && attribute === 'layer.clear'))
    .map((attribute): Target => {
      const named = attribute === 'layer.mesh' || attribute === 'latch.kind';
      return {
        item,
        attribute,
        value: named && added ? { is: added } : { atMost: closure.strict },
      };
    });
}
