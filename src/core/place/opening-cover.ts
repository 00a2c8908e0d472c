/** What an opening is made of: every one that shuts has layers like a wall. Nobody having said is unread, never sound. */
import type { Layer, Opening } from './bay';
import { any } from './possible';

const fixable: readonly Opening['kind'][] = ['vent', 'window', 'hole', 'seam'];

/** A vent, window, hole or seam that nobody shuts: its cover is all there is, and without one it stands bare. */
export function isFixed({ kind, shutBy }: Pick<Opening, 'kind' | 'shutBy'>): boolean {
  return shutBy === 'nobody' && fixable.includes(kind);
}

/** One layer of which nothing has been read: it may be sheet, and it may be nothing. */
export function unreadCover(id: string): Layer {
  return { id: `${id}-cover`, mesh: any, fixing: any, condition: any };
}

/** The layers of an opening, outermost first. */
export function coverOf(opening: Opening): readonly Layer[] {
  return opening.cover ?? (isFixed(opening) ? [] : [unreadCover(opening.id)]);
}

/** The opening with its cover written out, for a walk to read. */
export function withCover(opening: Opening): Opening {
  const cover = coverOf(opening);
  return opening.cover || cover.length === 0 ? opening : { ...opening, cover: [...cover] };
}
