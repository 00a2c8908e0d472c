/** The line code: quality says it, colour repeats it. One table for plan, lap and legend. */
import { uiText } from '@/words/screens/ui';
import type { BayMark } from '@/core/score/judge';
import { color } from './tokens';

export interface LineCode {
  readonly stroke: string;
  readonly width: number;
  readonly dash?: string;
  /** Broken, with a tick across each end. */
  readonly ticks?: true;
  readonly name: string;
}

export const lineCode: Readonly<Record<BayMark, LineCode>> = {
  holds: { stroke: color.holds, width: 7, name: 'holds' },
  hours: { stroke: color.hours, width: 6, dash: '11 7', name: uiText.hoursOfWork },
  open: { stroke: color.open, width: 4, ticks: true, name: uiText.openOrMinutes },
  unread: { stroke: color.ink2, width: 2.5, dash: '0.1 6', name: uiText.notLookedAt },
};
