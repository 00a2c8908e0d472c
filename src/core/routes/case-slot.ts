/** A small number for each of the circumstances that most bays tell apart, so that what is kept is found without making a key. */
import type { Bound } from '../effort/bound';
import type { Doors, When } from '../effort/when';

const doorSlots: Readonly<Record<Doors, number>> = {
  'as-habit': 0,
  'round-forgotten': 1,
  'by-day': 2,
  ranging: 3,
};

/** 0 to 15: doors, where birds are, and the bound. Day and electric line are not in it. */
export function caseSlot(bound: Bound, { doors, birds }: Pick<When, 'doors' | 'birds'>): number {
  return doorSlots[doors] * 4 + (birds === 'about' ? 2 : 0) + (bound === 'worst' ? 1 : 0);
}

/** The rest, as text: day and line, each only where it can matter. Empty for most. */
export function caseRest(isSeasonal: boolean, isWired: boolean, { date, line }: When): string {
  const day = isSeasonal && date !== undefined ? date : '';
  return isWired && line ? `${day} ${JSON.stringify(line)}` : day;
}
