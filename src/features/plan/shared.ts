/** What the parts of the plan screen share. */
import type { Limits } from '@/core/mends/plan/limits';
import type { Place } from '@/core/place/place';
import type { ShownCandidate } from '@/workers/plan-talk';

export interface Shared {
  readonly place: Place;
  readonly limits: Limits;
  readonly setLimits: (limits: Limits) => void;
  readonly candidates: ReadonlyMap<string, ShownCandidate>;
}

/**
 * A mark the keeper sets on a candidate; the same again takes it off. One of them at a time, and of those that exclude each other
 * one must be done.
 */
export function marked(
  limits: Limits,
  which: 'must' | 'wont',
  id: string,
  excludes: readonly string[] = [],
): Limits {
  const has = limits[which]?.includes(id) ?? false;
  const without = (ids: readonly string[] | undefined) => (ids ?? []).filter((it) => it !== id);
  const must = without(limits.must).filter((it) => which === 'wont' || !excludes.includes(it));
  const cleared = { ...limits, must, wont: without(limits.wont) };
  return has ? cleared : { ...cleared, [which]: [...cleared[which], id] };
}

/** Without a limit, where a sum is undefined. */
export function limited(
  limits: Limits,
  which: 'cents' | 'minutes' | 'longest',
  value: number | undefined,
): Limits {
  const { [which]: _before, ...others } = limits;
  return value === undefined ? others : { ...others, [which]: value };
}
