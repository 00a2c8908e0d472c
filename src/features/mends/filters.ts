/** Which of the mends are shown: for an animal, along a side, for so much money, with the tools at hand. */
import { catalogue } from '@/core/mends/catalogue';
import { handiwork, type Tool } from '@/core/mends/catalogue/handiwork';
import type { Planned } from '@/core/mends/shopping/planned-of';
import type { Mend } from '@/core/records/mend';
import type { AnimalId } from '@/core/tables/animals';

export interface Filters {
  readonly animal?: AnimalId;
  /** Name of the side of the lap. */
  readonly side?: string;
  /** Hundredths of money. */
  readonly most?: number;
  /** None: whatever tools it takes. */
  readonly tools: readonly Tool[];
}

export const noFilters: Filters = { tools: [] };

export interface ListedMend {
  readonly mend: Mend;
  /** Where along the lap; after all of it what is not on it. */
  readonly at: number;
  readonly side: string;
  readonly planned: Planned | undefined;
}

export function shows(filters: Filters, { mend, side, planned }: ListedMend): boolean {
  const { animal, side: only, most, tools } = filters;
  return (
    (animal === undefined || mend.stops.includes(animal)) &&
    (only === undefined || side === only) &&
    (most === undefined || (planned?.cents ?? 0) <= most) &&
    (tools.length === 0 || toolsOf(mend).every((it) => tools.includes(it)))
  );
}

/** Nothing is known of the keeper's own. */
export function toolsOf({ kind }: Mend): readonly Tool[] {
  return kind === 'own' || !(kind in catalogue) ? [] : handiwork[kind].tools;
}

export function isFiltered({ animal, side, most, tools }: Filters): boolean {
  return animal !== undefined || side !== undefined || most !== undefined || tools.length > 0;
}

/** Added by the keeper, and never taken on to the list. */
export function isThoughtOf({ kind, history }: Mend): boolean {
  return kind === 'own' && history.every(({ state }) => state === 'open');
}
