/** The heading of the page one has come to: it has the focus, so that ear and keys go on from there. */
import { useEffect, useRef } from 'react';
import type { Text } from 'react-native';

/** The page that the browser opened it reads from the top by itself. */
let pagesComeTo = 0;

/** Said by what knows the address, whenever it is another. */
export function comeToPage(): void {
  pagesComeTo += 1;
}

/** For a page's first heading; gives what it has to be marked with. */
export function usePageHeading(isHeading: boolean) {
  const ref = useRef<Text>(null);
  useEffect(() => {
    if (!isHeading) return;
    const frame = requestAnimationFrame(() => {
      const heading = ref.current as unknown as HTMLElement | null;
      // A field that asks to be typed in keeps the focus; so does whatever was pressed and is still there.
      if (pagesComeTo > 1 && document.activeElement === document.body) heading?.focus();
    });
    return () => cancelAnimationFrame(frame);
  }, [isHeading]);
  return ref;
}
