/** Openings of a bay: one more, one less, how it stands by habit, what keeps it shut. */
import type { Bay, ItemId, Opening, OpeningKind } from '../place';
import { unreadCover } from '../opening-cover';
import { any } from '../possible';
import { without, withChanged } from './change-bay';
import type { NewId } from './cover';

/** What an opening of a kind usually measures, mm, and whether something latches it (assumptions of ours, to be set right). */
const usual: Readonly<
  Record<OpeningKind, { width: number; height: number; up: number; latched: boolean }>
> = {
  gate: { width: 800, height: 1700, up: 0, latched: true },
  door: { width: 750, height: 1800, up: 0, latched: true },
  hatch: { width: 500, height: 400, up: 200, latched: true },
  'pop-door': { width: 300, height: 350, up: 100, latched: false },
  'nest-lid': { width: 600, height: 250, up: 400, latched: true },
  window: { width: 500, height: 400, up: 900, latched: false },
  vent: { width: 400, height: 150, up: 900, latched: false },
  'pass-through': { width: 60, height: 60, up: 300, latched: false },
  hole: { width: 60, height: 60, up: 100, latched: false },
  seam: { width: 20, height: 600, up: 0, latched: false },
  'disused-door': { width: 500, height: 600, up: 0, latched: true },
};

/** Kinds that nobody opens: what is in them is their door. */
const fixed: ReadonlySet<OpeningKind> = new Set(['vent', 'window', 'hole', 'seam']);

/** Puts an opening into the middle of a bay, no larger than it has room for. */
export function addOpening(bay: Bay, kind: OpeningKind, name: string, newId: NewId): Bay {
  const { width, height, up, latched } = usual[kind];
  const low = bay.base ?? 0;
  const id = newId(kind);
  const wide = Math.min(width, bay.width);
  const bottom = Math.min(low + up, Math.max(low, bay.height - height));
  const opening: Opening = {
    id,
    name,
    kind,
    at: (bay.width - wide) / 2,
    up: bottom,
    width: wide,
    height: Math.min(height, bay.height - bottom),
    latches: latched ? [{ id: `${id}-latch`, kind: any }] : [],
    ...(kind === 'vent' || kind === 'window'
      ? { cover: [{ id: `${id}-cover`, mesh: any }] }
      : !fixed.has(kind) && { cover: [unreadCover(id)] }),
    habit: 'every-night',
    shutBy: fixed.has(kind) || kind === 'disused-door' ? 'nobody' : 'hand',
  };
  return { ...bay, openings: [...bay.openings, opening] };
}

/** Sizes are kept within the bay: an opening cannot reach out of its wall. */
export function changeOpening(bay: Bay, id: ItemId, change: Partial<Opening>): Bay {
  const within = (it: Opening): Opening => {
    const width = Math.min(Math.max(it.width, 1), bay.width);
    const up = Math.min(Math.max(it.up, bay.base ?? 0), bay.height - 1);
    return {
      ...it,
      width,
      at: Math.min(Math.max(it.at, 0), bay.width - width),
      up,
      height: Math.min(Math.max(it.height, 1), bay.height - up),
    };
  };
  return {
    ...bay,
    openings: withChanged(bay.openings, id, (it) => within({ ...it, ...change })),
  };
}

/** The bay without that opening. */
export function dropOpening(bay: Bay, id: ItemId): Bay {
  return { ...bay, openings: without(bay.openings, id) };
}

/** The bay with one more latch of unknown kind on that opening. */
export function addLatch(bay: Bay, opening: ItemId, newId: NewId): Bay {
  const latch = { id: newId('latch'), kind: any };
  return {
    ...bay,
    openings: withChanged(bay.openings, opening, (it) => ({
      ...it,
      latches: [...it.latches, latch],
    })),
  };
}

/** The bay without that latch. */
export function dropLatch(bay: Bay, latch: ItemId): Bay {
  return {
    ...bay,
    openings: bay.openings.map((it) =>
      it.latches.some(({ id }) => id === latch)
        ? { ...it, latches: without(it.latches, latch) }
        : it,
    ),
  };
}
