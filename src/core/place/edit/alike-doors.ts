/** "The other lids are like this one": what was said of one door, said of others of its kind. */
import { allBays } from '../find';
import type { Bay, ItemId, Layer, Opening, Place } from '../place';
import { any, type Possible } from '../possible';
import { changeBays } from './change-bay';
import type { NewId } from './cover';

/** Another opening of the same kind, and the bay it is in. */
export interface OtherDoor {
  readonly bay: Bay;
  readonly opening: Opening;
}

/** All other openings of that one's kind, in the order of the place. */
export function othersOfItsKind(place: Place, id: ItemId): OtherDoor[] {
  const all = allBays(place).flatMap(({ bay }) =>
    bay.openings.map((opening) => ({ bay, opening })),
  );
  const kind = all.find(({ opening }) => opening.id === id)?.opening.kind;
  return all.filter(({ opening }) => opening.id !== id && opening.kind === kind);
}

/**
 * Makes openings like the one that is shown: what they are made of, how they move, what latches them, when and by whom they are shut. `shown`
 * carries what readings say of it. Name, place, size, gaps, hinges, its state and the line across it stay each one's own.
 */
export function makeDoorsAlike(
  place: Place,
  shown: Opening,
  ids: ReadonlySet<ItemId>,
  newId: NewId,
): Place {
  const bays = allBays(place).flatMap(({ bay }) =>
    bay.openings.some(({ id }) => ids.has(id)) ? [bay.id] : [],
  );
  return changeBays(place, bays, (bay) => ({
    ...bay,
    openings: bay.openings.map((it) => (ids.has(it.id) ? likeShown(it, shown, newId) : it)),
  }));
}

function likeShown(own: Opening, shown: Opening, newId: NewId): Opening {
  const { cover: ownCover, moves: _moves, letGo: _letGo, byDay: _byDay, ...kept } = own;
  const { moves, letGo, byDay, latches, habit, shutBy } = shown;
  // Ids must not be those of before, or what was read of the old latch would speak for the new one.
  const cover = shown.cover?.some(({ mesh }) => isSaid(mesh))
    ? shown.cover.map((layer) => ({ ...unworn(layer), id: newId('layer') }))
    : ownCover;
  return {
    ...kept,
    latches: latches.map((latch, index) => {
      const before = isSaid(latch.kind) ? undefined : own.latches[index];
      return before ?? { ...latch, id: newId('latch') };
    }),
    ...(cover && { cover }),
    habit,
    shutBy,
    ...(moves && { moves }),
    ...(letGo && { letGo }),
    ...(byDay && { byDay }),
  };
}

/** What nobody has read of the one shown takes nothing from the others. */
const isSaid = (possible: Possible | undefined): boolean =>
  possible !== undefined && !('any' in possible);

/** What wears says nothing of another door. */
const unworn = (layer: Layer): Layer => (layer.condition ? { ...layer, condition: any } : layer);
