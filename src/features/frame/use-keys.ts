/** Keys of a screen on a wide page: `useKeys({ ArrowRight: next })`. Not while something is being typed. */
import { useEffect } from 'react';

export function useKeys(keys: Readonly<Record<string, () => void>>): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const act = keys[event.key];
      if (!act) return;
      event.preventDefault();
      act();
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, [keys]);
}

function isTyping(target: EventTarget | null): boolean {
  return target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement;
}
