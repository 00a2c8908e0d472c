/** Days as people say them. */

/** "18 October 2026", from a day or a time in ISO 8601; a day is the keeper's own, without a time zone. */
export function dayWords(iso: string): string {
  const day = new Date(iso.length === 10 ? `${iso}T12:00:00` : iso);
  return `${day.getDate()} ${fullMonths[day.getMonth()]} ${day.getFullYear()}`;
}

// Written out: the browser's own `Intl` takes a tenth of a second to start on a slow phone.
export const fullMonths =
  'January February March April May June July August September October November December'.split(
    ' ',
  );

/** "1 Nov" of MM-DD. */
export function yearDayWords(day: string): string {
  const [month, date] = day.split('-').map(Number);
  return `${date} ${fullMonths[(month ?? 1) - 1]?.slice(0, 3)}`;
}

/** "16:04", by this device's clock. */
export function timeWords(date: Date): string {
  const two = (part: number) => String(part).padStart(2, '0');
  return `${two(date.getHours())}:${two(date.getMinutes())}`;
}

/** "Due today", "Due in 3 days, 5 December 2026", "Due 2 days ago": of a day, seen from another. */
export function dueWords(due: string, today: string): string {
  const days = Math.round(
    (Date.parse(`${due}T00:00:00Z`) - Date.parse(`${today}T00:00:00Z`)) / 86_400_000,
  );
  if (days === 0) return 'Due today';
  const many = Math.abs(days) === 1 ? '1 day' : `${Math.abs(days)} days`;
  return days < 0 ? `Due ${many} ago, ${dayWords(due)}` : `Due in ${many}, ${dayWords(due)}`;
}
