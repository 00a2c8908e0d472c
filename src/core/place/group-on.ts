/** A group of birds as it is on a day: chicks that have grown up, and as many as there may be. */
import type { Group } from './place';

/** As many as there may be: a flock that is told as a range is judged by its upper end. */
export function mostOf({ count, upTo }: Group): number {
  return Math.max(count, upTo ?? 0);
}

/** `date`: YYYY-MM-DD; without a day, as it was described. Judged by the upper end of its number. */
export function groupOn(group: Group, date: string | undefined): Group {
  const { grownOn } = group;
  const isGrown = grownOn !== undefined && date !== undefined && date >= grownOn;
  const count = mostOf(group);
  if (!isGrown && count === group.count) return group;
  return { ...group, count, kind: isGrown && group.kind === 'chicks' ? 'grown' : group.kind };
}
