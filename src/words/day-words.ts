/** Days as people say them. */

const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });

/** "18 October 2026", from a day or a time in ISO 8601; a day is the keeper's own, without a time zone. */
export function dayWords(iso: string): string {
  return day.format(new Date(iso.length === 10 ? `${iso}T12:00:00` : iso));
}
