/** Days as people say them. */
import { format } from 'date-fns/format';
import { parseISO } from 'date-fns/parseISO';

/** "18 October 2026", from a day or a time in ISO 8601. */
export function dayWords(iso: string): string {
  return format(parseISO(iso), 'd MMMM yyyy');
}
