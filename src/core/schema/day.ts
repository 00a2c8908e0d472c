/** Days as YYYY-MM-DD. */

/** Whether a text is a day that the calendar has: not 30 February. */
export function isDay(text: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  const time = Date.parse(`${text}T00:00:00Z`);
  // Where a day is past its month's end the calendar rolls on, and gives another day back.
  return !Number.isNaN(time) && new Date(time).toISOString().startsWith(text);
}
