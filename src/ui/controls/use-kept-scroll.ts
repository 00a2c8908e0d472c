/** Back comes back to where the reader was on a page, as it does in any browser; a page opened anew begins at its head. */
import { usePathname, useRoute } from 'expo-router';
import { useEffect, useRef, type RefObject } from 'react';
import type { ScrollView } from 'react-native';

/** px from the head, by visit of a page. Lasts as long as the tab. */
const kept = new Map<string, number>();

/** What is done by a reader's own hand: from then on the page is theirs. */
const ownMoves = ['wheel', 'touchstart', 'pointerdown', 'keydown'] as const;

/** For the scroll view of a page; `part` tells several on one page apart. */
export function useKeptScroll(part = ''): RefObject<ScrollView | null> {
  const ref = useRef<ScrollView>(null);
  const path = usePathname();
  const { key } = useRoute();
  const shown = useRef<string>(undefined);
  useEffect(() => {
    const isAnother = shown.current !== undefined && shown.current !== path;
    shown.current = path;
    const node = ref.current?.getScrollableNode() as HTMLElement | undefined;
    const content = node?.firstElementChild;
    if (!node || !content || typeof ResizeObserver === 'undefined') return undefined;
    // The browser's way back restores its entry, with other keys than the router gave; by the router's own way back the key is
    // the same, and the screen may be drawn a moment before the browser is back at its entry.
    const visits = () => [`${key} ${path} ${part}`, `${entryId()} ${path} ${part}`];
    let wanted = visits().reduce<number | undefined>(
      (at, visit) => at ?? kept.get(visit),
      undefined,
    );
    const end = () => {
      wanted = undefined;
    };
    // The same screen may show another address. A new one is at its head, and asking would have all of it laid out at once.
    if (wanted === undefined && isAnother) node.scrollTop = 0;
    // Lists follow the first paint: there is nothing to go down to before they are there.
    const follow = new ResizeObserver(() => {
      if (wanted === undefined) return;
      node.scrollTop = wanted;
      if (Math.abs(node.scrollTop - wanted) < 1) end();
    });
    const note = () => {
      if (wanted === undefined) for (const visit of visits()) kept.set(visit, node.scrollTop);
    };
    follow.observe(content);
    node.addEventListener('scroll', note, { passive: true });
    // Where a link is pressed right after the page has slid, it is left before the slide is told of.
    const take = () => {
      end();
      note();
    };
    for (const move of ownMoves) node.addEventListener(move, take, { passive: true });
    return () => {
      follow.disconnect();
      node.removeEventListener('scroll', note);
      for (const move of ownMoves) node.removeEventListener(move, take);
    };
  }, [path, part, key]);
  return ref;
}

/** The router gives every entry of the browser's history an id. */
function entryId(): string {
  const { id = '' } = (window.history.state ?? {}) as { readonly id?: string };
  return id;
}
