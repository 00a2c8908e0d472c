/** Walks that somebody walked: what was said from memory is none, nor what a device read, and one only begun has seen nothing yet. */
import { inDateOrder } from '../records/apply-readings';
import type { Walk } from '../records/walk';

const onFoot: readonly Walk['kind'][] = ['lap', 'measure-again'];

/** Whether there is more to go by than the shape: it has been walked, or a file says all that a walk would read. */
export const isLookedAt = (
  walks: readonly Walk[],
  { stops }: { readonly stops: { readonly unread: number } },
): boolean => stops.unread === 0 || lastOnFoot(walks) !== undefined;

/** The last of them; `undefined` where the place has not been walked. */
export function lastOnFoot(walks: readonly Walk[]): Walk | undefined {
  return inDateOrder(
    walks.filter(({ kind, readings }) => onFoot.includes(kind) && readings.length > 0),
  ).at(-1);
}
