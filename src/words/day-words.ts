/** Days as people say them. */

const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });

/** "18 October 2026", from a day or a time in ISO 8601; a day is the keeper's own, without a time zone. */
export function dayWords(iso: string): string {
  return day.format(new Date(iso.length === 10 ? `${iso}T12:00:00` : iso));
}

const monthNames = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ');

/** "1 Nov" of MM-DD. */
export function yearDayWords(day: string): string {
  const [month, date] = day.split('-').map(Number);
  return `${date} ${monthNames[(month ?? 1) - 1]}`;
}

const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

/** "16:04", by this device's clock. */
export const timeWords = (date: Date): string => clock.format(date);
