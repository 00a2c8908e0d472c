/** The keeper's own day, not the meridian's. */
export function localDay(date: Date): string {
  return `${date.getFullYear()}-${pad(date.getMonth() + 1)}-${pad(date.getDate())}`;
}

/** The same of a moment that was recorded, ISO 8601 with its time. */
export const localDayOf = (instant: string): string => localDay(new Date(instant));

/** HH:MM:SS on the keeper's own clock. */
export function localTimeOf(instant: string): string {
  const date = new Date(instant);
  return [date.getHours(), date.getMinutes(), date.getSeconds()].map(pad).join(':');
}

function pad(part: number): string {
  return String(part).padStart(2, '0');
}
