/** What the keeper allows a plan, kept in this browser for each place: it is about the days ahead, not about the place. */
import { useQuery, useQueryClient } from '@tanstack/react-query';
import * as yup from 'yup';
import type { Limits } from '@/core/mends/plan/limits';
import { storage, writeAll } from './storage';

const amount = () => yup.number().min(0).max(100_000_000).optional();
const ids = () => yup.array(yup.string().max(400).required()).optional();

const schema = yup
  .object({ cents: amount(), minutes: amount(), longest: amount(), must: ids(), wont: ids() })
  .noUnknown()
  .strict();

/** Until something else is said: a hundred of the keeper's money, as long as it takes. */
export const firstLimits: Limits = { cents: 10_000 };

const keyOf = (placeId: string): string => `plan-limits:${placeId}`;

/** What cannot be read counts as never said. */
async function readLimits(placeId: string): Promise<Limits> {
  const kept = await storage.getItem(keyOf(placeId));
  if (kept === null) return firstLimits;
  try {
    return schema.validateSync(JSON.parse(kept)) as Limits;
  } catch {
    return firstLimits;
  }
}

export function usePlanLimits(placeId: string): {
  readonly limits: Limits | undefined;
  readonly setLimits: (limits: Limits) => void;
} {
  const client = useQueryClient();
  const queryKey = ['plan-limits', placeId];
  const { data } = useQuery({
    queryKey,
    queryFn: () => readLimits(placeId),
    staleTime: Infinity,
    retry: false,
    networkMode: 'always',
  });
  return {
    limits: data,
    setLimits: (next) => {
      client.setQueryData(queryKey, next);
      // It is given all the same where it cannot be kept.
      writeAll({ [keyOf(placeId)]: JSON.stringify(next) }).catch(() => undefined);
    },
  };
}
