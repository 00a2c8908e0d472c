/** Which readings would settle the answer, as plain lines for the command line. */
import type { Place } from '@/core/place/place';
import type { SettlingWalk } from '@/core/settle/settling-walk';
import { count } from './names';
import { readingTitle } from './reading-words';

export function settleText(place: Place, { matters, folded, asks }: SettlingWalk): string {
  return [
    matters.length === 0
      ? 'Nothing unread could change the answer.'
      : `${count(matters.length, 'reading')} left that could change the answer; ${asks.length} of them would settle it, found as they should be:`,
    ...asks.map((it) => `  ${readingTitle(place, it)}`),
    ...(folded.length > 0
      ? [
          `${count(folded.length, 'reading')} unread would change nothing, whatever they turn out to be.`,
        ]
      : []),
  ].join('\n');
}
