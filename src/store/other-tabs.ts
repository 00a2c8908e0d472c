/** Tabs tell each other that something was written. */

let kept: BroadcastChannel | undefined;

/** One for telling and hearing: a channel does not hear what it says itself, but another of the same tab would. */
function channel(): BroadcastChannel | undefined {
  if (typeof BroadcastChannel === 'undefined') return undefined;
  kept ??= new BroadcastChannel('rookle-yard');
  return kept;
}

export function tellOtherTabs(): void {
  channel()?.postMessage('changed');
}

/** Calls back whenever another tab wrote. Returns what ends the listening. */
export function hearOtherTabs(changed: () => void): () => void {
  const heard = channel();
  heard?.addEventListener('message', changed);
  return () => heard?.removeEventListener('message', changed);
}
