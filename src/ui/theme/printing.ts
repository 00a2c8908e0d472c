/**
 * Whether the page is being printed. Drawings are made for the width of a screen: as soon as printing begins they are drawn again for
 * the width of the paper, before it is laid out.
 */
import { useSyncExternalStore } from 'react';
import { flushSync } from 'react-dom';

/** A4 less its margins, px at 96 to the inch; Letter is a little wider and shorter. */
export const paperWidth = 680;
const paperHeight = 930;

let isPrinting = false;
const listeners = new Set<() => void>();

function set(printing: boolean): void {
  isPrinting = printing;
  flushSync(() => {
    for (const listener of listeners) listener();
  });
  for (const page of document.querySelectorAll<HTMLElement>('.one-page')) fit(page, printing);
}

/**
 * Made as small as it takes for all of it to stand on one page, in columns beside each other: k columns of k times as much paper hold k²
 * pages.
 */
function fit(page: HTMLElement, printing: boolean): void {
  const { style } = page;
  for (const name of ['zoom', 'width', 'columns', 'column-gap']) style.removeProperty(name);
  if (!printing) return;
  style.setProperty('width', `${paperWidth}px`);
  const pages = page.scrollHeight / paperHeight;
  // Columns end unevenly: a tenth is left for that.
  const columns = Math.ceil(Math.sqrt(pages * (pages > 1 ? 1.1 : 1)));
  if (columns < 2) return;
  style.setProperty('width', `${columns * paperWidth}px`);
  style.setProperty('columns', String(columns));
  style.setProperty('column-gap', '0');
  const share = Math.min(1 / columns, paperHeight / page.scrollHeight);
  style.setProperty('zoom', String(share));
}

if (typeof window !== 'undefined') {
  window.addEventListener('beforeprint', () => set(true));
  window.addEventListener('afterprint', () => set(false));
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export function usePrinting(): boolean {
  return useSyncExternalStore(
    subscribe,
    () => isPrinting,
    () => false,
  );
}
