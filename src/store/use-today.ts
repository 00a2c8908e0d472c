/** The keeper's own day, YYYY-MM-DD, as it was when the screen was opened. */
import { useState } from 'react';
import { localDay } from './local-day';

export function useToday(): string {
  const [today] = useState(() => localDay(new Date()));
  return today;
}
