/** A place file's text with every day and every time in it so many days later: for a scene that is dated from the day it is opened. */
import { daysLater } from '../schema/day';

/** The beginning of a text that is a day, or a time on one. No id is written so. */
const days = /"(\d{4}-\d{2}-\d{2})(?="|T\d{2}:)/g;

/** Times of day stay as they are, as do days of the year without a year. */
export function movedDates(text: string, by: number): string {
  if (by === 0) return text;
  const moved = new Map<string, string>();
  return text.replace(days, (_, day: string) => {
    const later = moved.get(day) ?? daysLater(day, by);
    moved.set(day, later);
    return `"${later}`;
  });
}
