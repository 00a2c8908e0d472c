/** The keeper's own day, YYYY-MM-DD: a page that stands open over midnight, or is come back to in the morning, is a day further on. */
import { useSyncExternalStore } from 'react';
import { localDay } from './local-day';

const now = (): string => localDay(new Date());

/** Looked at each minute, and when the page is come back to: a phone's timers sleep with it. */
export function listenForMinutes(changed: () => void): () => void {
  const timer = setInterval(changed, 60_000);
  document.addEventListener('visibilitychange', changed);
  return () => {
    clearInterval(timer);
    document.removeEventListener('visibilitychange', changed);
  };
}

export function useToday(): string {
  return useSyncExternalStore(listenForMinutes, now, now);
}
