/** Undo and redo of the open place, for screens. */
import { useQueryClient } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import type { ChangeMade } from '../core/records/change-made';
import { redo, undo } from './change-yard';
import { lastOf, readHistory, watchHistory } from './history';

export interface UndoRedo {
  /** What would be taken back, or done again; absent: nothing. */
  readonly undoes: ChangeMade | undefined;
  readonly redoes: ChangeMade | undefined;
  readonly undo: () => Promise<ChangeMade | undefined>;
  readonly redo: () => Promise<ChangeMade | undefined>;
}

export function useHistory(placeId: string): UndoRedo {
  const client = useQueryClient();
  const { past, future } = useSyncExternalStore(watchHistory, readHistory, readHistory);
  return {
    undoes: lastOf(past, placeId)?.made,
    redoes: lastOf(future, placeId)?.made,
    undo: () => undo(client),
    redo: () => redo(client),
  };
}
