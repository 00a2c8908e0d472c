/** Mends in an order that a keeper asks for; of like ones the order along the lap stays. */
import { mendStates } from '@/core/records/mend';
import type { ListedMend } from './filters';

export const mendOrders = ['lap', 'planned', 'state', 'money', 'work', 'due'] as const;
export type MendOrder = (typeof mendOrders)[number];

/** What is first in each: nearest the gate, first in the plan, least far come, cheapest, quickest, due soonest. What nothing is known of comes last. */
const keys: Readonly<Record<MendOrder, (it: ListedMend) => number | string>> = {
  lap: ({ at }) => at,
  planned: ({ mend }) => mend.history.findLast(({ state }) => state === 'planned')?.at ?? '9999',
  state: ({ mend }) => mendStates.indexOf(mend.state),
  money: ({ planned }) => planned?.cents ?? Infinity,
  work: ({ planned }) => planned?.minutes ?? Infinity,
  due: ({ mend }) => (mend.state === 'held' ? undefined : mend.due) ?? '9999',
};

export function sortedBy(listed: readonly ListedMend[], order: MendOrder): ListedMend[] {
  const key = keys[order];
  return [...listed].sort((a, b) => (key(a) < key(b) ? -1 : Number(key(a) > key(b))));
}
