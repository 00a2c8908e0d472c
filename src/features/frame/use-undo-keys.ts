/** Ctrl+Z and Ctrl+Shift+Z (or Cmd) anywhere but in a field, which has its own. */
import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { redo, undo } from '@/store/change-yard';

export function useUndoKeys(): void {
  const client = useQueryClient();
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      const { target } = event;
      if (target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement) return;
      event.preventDefault();
      // What stands in its way is said where the undo buttons are.
      (event.shiftKey ? redo(client) : undo(client)).catch(() => undefined);
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, [client]);
}
