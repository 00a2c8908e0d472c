/** What was changed in this tab, newest last, so that it can be taken back and done again. Kept while the tab is open. */
import type { ChangeMade } from '../core/records/change-made';
import { goneKey, type Gone } from '../core/records/gone';
import type { Changes } from './changes';
import type { Yard } from './records';

export interface UndoStep {
  readonly placeId: string;
  /** What was done, for "Undo: …". */
  readonly made: ChangeMade;
  /** Writing the one takes the change back, writing the other does it again. */
  readonly before: Changes;
  readonly after: Changes;
}

export interface History {
  readonly past: readonly UndoStep[];
  readonly future: readonly UndoStep[];
}

/** More steps than anyone goes back; a place is some hundred kilobytes. */
const mostSteps = 100;

let history: History = { past: [], future: [] };
const listeners = new Set<() => void>();

export const readHistory = (): History => history;

export function watchHistory(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

function set(next: History): void {
  history = next;
  listeners.forEach((tell) => tell());
}

/** A new change: what was taken back before it cannot be done again. */
export function remember(step: UndoStep): void {
  set({ past: [...history.past, step].slice(-mostSteps), future: [] });
}

export function lastOf(steps: readonly UndoStep[], placeId: string): UndoStep | undefined {
  return steps.findLast((step) => step.placeId === placeId);
}

const less = (steps: readonly UndoStep[], step: UndoStep) => steps.filter((it) => it !== step);

export function movedBack(step: UndoStep): void {
  set({ past: less(history.past, step), future: [...history.future, step] });
}

export function movedForth(step: UndoStep): void {
  set({ past: [...history.past, step], future: less(history.future, step) });
}

/** A step that no longer fits what is stored is dropped, with all before it that build on the same. */
export function forgetSteps(placeId: string): void {
  const others = (steps: readonly UndoStep[]) => steps.filter((step) => step.placeId !== placeId);
  set({ past: others(history.past), future: others(history.future) });
}

/** What would bring back what these changes replace. */
export function inverseOf(yard: Yard, changes: Changes): Changes {
  const walks = split(yard.walks, changes.walks ?? []);
  const mends = split(yard.mends, changes.mends ?? []);
  const sightings = split(yard.sightings, changes.sightings ?? []);
  // Taking something back is a change of its own, and is marked as one; what was joined is as if it had never come.
  const gone = changes.joined && {
    joined: true as const,
    ...splitMarks(yard.gone ?? [], changes.gone ?? []),
  };
  return {
    ...gone,
    ...(changes.place && { place: yard.place }),
    ...shopBefore(yard, changes),
    walks: [...walks.old, ...(changes.removedWalks ?? [])],
    removedWalks: walks.created,
    mends: [...mends.old, ...(changes.removedMends ?? [])],
    removedMends: mends.created,
    sightings: [...sightings.old, ...(changes.removedSightings ?? [])],
    removedSightings: sightings.created,
  };
}

function splitMarks(all: readonly Gone[], changed: readonly Gone[]) {
  const before = new Map(all.map((it) => [goneKey(it), it]));
  return {
    gone: changed.flatMap((it) => before.get(goneKey(it)) ?? []),
    removedGone: changed.filter((it) => !before.has(goneKey(it))),
  };
}

function shopBefore({ shop: before }: Yard, { shop, removedShop }: Changes): Changes {
  if (shop) return before ? { shop: before } : { removedShop: shop };
  return removedShop ? { shop: removedShop } : {};
}

function split<T extends { readonly id: string }>(all: readonly T[], changed: readonly T[]) {
  const before = new Map(all.map((it) => [it.id, it]));
  return {
    old: changed.flatMap(({ id }) => before.get(id) ?? []),
    created: changed.filter(({ id }) => !before.has(id)),
  };
}
