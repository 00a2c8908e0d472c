/** What the keeper allows a plan, kept in this browser for each place: it is about the days ahead, not about the place. */
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { limitsSchema, type Limits } from '@/core/mends/plan/limits';
import { validatorOf } from '@/core/schema/validator';
import { storage, writeAll } from './storage';

const validator = validatorOf(limitsSchema);

/** Until something else is said: a hundred of the keeper's money, as long as it takes. */
export const firstLimits: Limits = { cents: 10_000 };

const keyOf = (placeId: string): string => `plan-limits:${placeId}`;

/** What cannot be read counts as never said. */
async function readLimits(placeId: string): Promise<Limits> {
  const kept = await storage.getItem(keyOf(placeId));
  if (kept === null) return firstLimits;
  try {
    return validator.validateSync(JSON.parse(kept), { strict: true });
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
