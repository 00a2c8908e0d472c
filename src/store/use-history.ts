/** Undo and redo of the open place, for screens. */
import { useQueryClient } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { redo, undo } from './change-yard';
import { lastOf, readHistory, watchHistory } from './history';

export interface UndoRedo {
  /** What would be taken back, or done again, in words; absent: nothing. */
  readonly undoes: string | undefined;
  readonly redoes: string | undefined;
  readonly undo: () => Promise<string | undefined>;
  readonly redo: () => Promise<string | undefined>;
}

export function useHistory(placeId: string): UndoRedo {
  const client = useQueryClient();
  const { past, future } = useSyncExternalStore(watchHistory, readHistory, readHistory);
  return {
    undoes: lastOf(past, placeId)?.label,
    redoes: lastOf(future, placeId)?.label,
    undo: () => undo(client),
    redo: () => redo(client),
  };
}
