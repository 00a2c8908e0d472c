/** Undo on the yard: loaded once there is something to take back (decision 20). */
export { UndoBar } from '@/features/edit/UndoBar';
