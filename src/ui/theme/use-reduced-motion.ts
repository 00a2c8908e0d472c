import { useSyncExternalStore } from 'react';

const query = '(prefers-reduced-motion:reduce)';

/** True where the system asks for less motion. */
export function useReducedMotion(): boolean {
  return useSyncExternalStore(
    (changed) => {
      const media = window.matchMedia(query);
      media.addEventListener('change', changed);
      return () => media.removeEventListener('change', changed);
    },
    () => window.matchMedia(query).matches,
    () => true,
  );
}
