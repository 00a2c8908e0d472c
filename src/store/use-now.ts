/** The time, a minute at a time; asked again when the page is come back to. */
import { useMemo, useSyncExternalStore } from 'react';
import { listenForMinutes } from './use-today';

const minute = (): number => Math.floor(Date.now() / 60_000);

export function useNow(): Date {
  const now = useSyncExternalStore(listenForMinutes, minute, minute);
  return useMemo(() => new Date(now * 60_000), [now]);
}
