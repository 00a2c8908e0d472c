/** Days as YYYY-MM-DD. */

/** Whether a text is a day that the calendar has: not 30 February. */
export function isDay(text: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  const time = Date.parse(`${text}T00:00:00Z`);
  // Where a day is past its month's end the calendar rolls on, and gives another day back.
  return !Number.isNaN(time) && new Date(time).toISOString().startsWith(text);
}

const dayMs = 86_400_000;

/** A day so many days later (or earlier). YYYY-MM-DD. */
export function daysLater(day: string, days: number): string {
  return new Date(Date.parse(`${day}T12:00:00Z`) + days * dayMs).toISOString().slice(0, 10);
}

/**
 * The last of some days by today, `undefined` where there is none. A day that is still to come counts as today: it was written while the
 * clock ran ahead, and must not put off for years what follows from it. YYYY-MM-DD.
 */
export function lastBy(today: string, days: readonly string[]): string | undefined {
  return days
    .map((day) => (day > today ? today : day))
    .sort()
    .at(-1);
}

/** Days from one to the other; below zero where the second is the earlier. YYYY-MM-DD. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T12:00:00Z`) - Date.parse(`${from}T12:00:00Z`)) / dayMs);
}
