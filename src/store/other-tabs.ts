/** Tabs tell each other that something was written. */
const channelName = 'rookle-yard';

export function tellOtherTabs(): void {
  if (typeof BroadcastChannel === 'undefined') return;
  const channel = new BroadcastChannel(channelName);
  channel.postMessage('changed');
  channel.close();
}

/** Calls back whenever another tab wrote. Returns what ends the listening. */
export function hearOtherTabs(changed: () => void): () => void {
  if (typeof BroadcastChannel === 'undefined') return () => undefined;
  const channel = new BroadcastChannel(channelName);
  channel.onmessage = changed;
  return () => channel.close();
}
