/** Keys of a screen on a wide page: `useKeys({ ArrowRight: next })`. Not while something is being typed; a control under the focus has its own. */
import { useLayoutEffect } from 'react';

export function useKeys(keys: Readonly<Record<string, () => void>>): void {
  // With the drawing, not after it: a key pressed as soon as the screen is seen is not lost.
  useLayoutEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const act = keys[event.key];
      if (!act || (pressing.has(event.key) && isControl(event.target))) return;
      event.preventDefault();
      act();
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, [keys]);
}

/** Keys that press what has the focus. */
const pressing: ReadonlySet<string> = new Set(['Enter', ' ']);

/** Something that a key presses. */
export function isControl(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    target.matches('a, button, [role="button"], [role="radio"], [role="checkbox"]')
  );
}

function isTyping(target: EventTarget | null): boolean {
  return target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement;
}
