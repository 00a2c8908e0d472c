/**
 * Keeps the application for use without a network, and knows when a newer one is ready. A newer one waits until the keeper asks for it:
 * never in the middle of a walk.
 */
import { useEffect, useState } from 'react';
import type { Workbox } from 'workbox-window';

/** Looked for again this often while the page stands open, ms. */
const lookAgain = 60 * 60 * 1000;

/** A call that takes the newer version into use; `undefined` while there is none. */
export function useNewVersion(): (() => void) | undefined {
  const [waiting, setWaiting] = useState<Workbox>();
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return undefined;
    let timer: ReturnType<typeof setInterval> | undefined;
    const register = async () => {
      const { Workbox: Box } = await import('workbox-window');
      const worker = new Box('/sw.js');
      worker.addEventListener('waiting', () => setWaiting(worker));
      await worker.register({ immediate: true });
      timer = setInterval(() => void worker.update().catch(() => undefined), lookAgain);
    };
    // After the first screen: it comes first. A browser that refuses still has the application, with a network.
    const begin = setTimeout(() => void register().catch(() => undefined), 3000);
    return () => {
      clearTimeout(begin);
      clearInterval(timer);
    };
  }, []);
  if (!waiting) return undefined;
  return () => {
    waiting.addEventListener('controlling', () => window.location.reload());
    waiting.messageSkipWaiting();
  };
}
